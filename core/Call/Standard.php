<?php

declare(strict_types=1);

namespace SteadyRung\Call;

/**
 * What must be met to take help away, and what falls short (common practice: three sets of eight, floor of five).
 */
final readonly class Standard
{
    public function __construct(
        public int $sets = 3,
        public int $gateReps = 8,
        public int $floorReps = 5,
        public int $sessions = 2,
        public float $chance = 0.8,
    ) {
    }

    /** For reps that are only the way down, of which few are done (common practice: three sets of five, floor of two). */
    public static function lowering(): self
    {
        return new self(gateReps: 5, floorReps: 2);
    }
}
