<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use App\Models\Athletes\AthleteKind;
use App\Models\Calls\Decision;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * One athlete in one line.
 */
#[OA\Schema]
final readonly class RosterEntryResponse
{
    /** @param  list<string>  $tags */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public AthleteKind $kind,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $tags,
        #[OA\Property]
        public float $mass_kg,
        #[OA\Property]
        public ?string $setup_name,
        #[OA\Property]
        public ?float $setup_share,
        #[OA\Property]
        public ?CapacityResponse $capacity,
        #[OA\Property(description: 'Of the call that waits, else of the one decided today.')]
        public ?Verdict $verdict,
        #[OA\Property(description: 'What was decided today, where no call waits.')]
        public ?Decision $decided,
        #[OA\Property]
        public bool $paused,
        #[OA\Property]
        public bool $archived,
        #[OA\Property(format: 'date')]
        public ?string $last_trained_on,
        #[OA\Property(description: 'Longer away than the usual week or so.')]
        public bool $overdue,
        #[OA\Property]
        public string $method_name,
        #[OA\Property]
        public string $stage_name,
        #[OA\Property(description: 'Of the stages of the method.')]
        public int $stage_number,
        #[OA\Property]
        public int $stages,
        #[OA\Property(description: 'The first reason of the call.')]
        public ?string $why,
        #[OA\Property(description: 'Whether part of it is kept but cannot be read any more.')]
        public bool $damaged,
    ) {
    }
}
