<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

/**
 * Where a row is done: the anchor, the strap from it, the heels past the plumb line and over the floor, and what is worn.
 */
final readonly class RowStand
{
    public function __construct(
        public float $anchorHeightM,
        public float $strapM,
        public float $heelMarkM,
        public float $heelHeightM,
        public float $addedKg,
    ) {
    }
}
