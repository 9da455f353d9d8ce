<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use App\Devices\ScaleTape;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Scale\ScaleReading;
use SteadyRung\Kit\Scale\ScaleState;
use SteadyRung\Kit\Scale\ScaleWatch;
use SteadyRung\Setup\CarriedLoad;

/**
 * The last seconds of the hanging scale, and whether its reading can be kept.
 */
#[OA\Schema]
final readonly class ScaleStreamResponse
{
    /** @param  list<float>  $trace_kg */
    public function __construct(
        #[OA\Property(description: 'Whether a scale answers at all.')]
        public bool $connected,
        #[OA\Property]
        public bool $simulated,
        #[OA\Property]
        public ScaleState $state,
        #[OA\Property(description: 'Median of the last 1.2 s.')]
        public ?float $force_n,
        #[OA\Property]
        public ?float $force_kg,
        #[OA\Property(description: 'Standard deviation over the last 1.2 s.')]
        public ?float $sd_kg,
        #[OA\Property(description: 'The readings of the last seconds, oldest first.', items: new OA\Items(type: 'number'))]
        public array $trace_kg,
    ) {
    }

    public static function of(?ScaleTape $tape): self
    {
        $watch = ScaleWatch::of($tape->readings ?? [], $tape->nowMs ?? 0);

        return new self(
            connected: $tape !== null,
            simulated: $tape !== null && $tape->simulated,
            state: $watch->state,
            force_n: $watch->forceN,
            force_kg: $watch->forceN === null ? null : CarriedLoad::kg($watch->forceN),
            sd_kg: $watch->sdN === null ? null : CarriedLoad::kg($watch->sdN),
            trace_kg: array_map(static fn (ScaleReading $r): float => CarriedLoad::kg($r->forceN), $tape->readings ?? []),
        );
    }
}
