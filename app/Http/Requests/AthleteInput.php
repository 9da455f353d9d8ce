<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use App\Models\AthleteKind;
use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;

#[OA\Schema]
final readonly class AthleteInput
{
    private function __construct(
        #[OA\Property(maxLength: 80)]
        public string $name,
        #[OA\Property]
        public AthleteKind $kind,
        #[OA\Property(minimum: Body::MASS_KG[0], maximum: Body::MASS_KG[1])]
        public float $mass_kg,
        #[OA\Property(minimum: Body::STATURE_M[0], maximum: Body::STATURE_M[1])]
        public float $stature_m,
        #[OA\Property(description: 'Floor to the middle of a closed fist overhead, shoes on; 1.05 to 1.35 statures.', minimum: Body::REACH_M[0], maximum: Body::REACH_M[1])]
        public ?float $reach_m = null,
    ) {
    }

    public static function read(JsonObject $json, string ...$besides): self
    {
        $json->allowing('name', 'kind', 'mass_kg', 'stature_m', 'reach_m', ...$besides);

        return $json->build(static function (JsonObject $j): self {
            $name = $j->text('name', 80);
            $body = Body::of($j->number('mass_kg'), $j->number('stature_m'), $j->optionalNumber('reach_m'));

            return new self($name, $j->choice('kind', AthleteKind::class), $body->massKg, $body->statureM, $j->optionalNumber('reach_m'));
        });
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return get_object_vars($this);
    }
}
