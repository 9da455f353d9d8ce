<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Models\Athletes\AthleteKind;
use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;
use SteadyRung\Body\SegmentTable;
use SteadyRung\OutOfRange;

/**
 * Who an athlete is, and the body everything is computed from.
 */
#[OA\Schema(schema: 'AthleteInput')]
final readonly class AthleteParticulars
{
    public const MOST_TAGS = 8;

    public const LONGEST_TAG = 24;

    /**
     * @param  list<string>  $tags
     *
     * @throws OutOfRange if a figure of the body is outside its range
     */
    public function __construct(
        #[OA\Property(maxLength: 80)]
        public string $name,
        #[OA\Property]
        public AthleteKind $kind,
        #[OA\Property(minimum: Body::MASS_KG[0], maximum: Body::MASS_KG[1])]
        public float $mass_kg,
        #[OA\Property(minimum: Body::STATURE_M[0], maximum: Body::STATURE_M[1])]
        public float $stature_m,
        #[OA\Property(
            description: 'Floor to the middle of a closed fist overhead, shoes on; 1.05 to 1.35 statures.',
            minimum: Body::REACH_M[0],
            maximum: Body::REACH_M[1],
        )]
        public ?float $reach_m = null,
        #[OA\Property(
            description: 'Classes and the like, to find people by.',
            items: new OA\Items(type: 'string', maxLength: self::LONGEST_TAG),
            maxItems: self::MOST_TAGS,
        )]
        public array $tags = [],
        #[OA\Property(description: 'Whose segment masses to compute with.')]
        public SegmentTable $proportions = SegmentTable::Average,
    ) {
        Body::of($mass_kg, $stature_m, $reach_m, $proportions);
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return get_object_vars($this);
    }
}
