<?php

declare(strict_types=1);

namespace SteadyRung\Why;

/**
 * One line of how a figure came about: what it is, how it was got, its value with unit, and where the rule comes from.
 */
final readonly class Step
{
    public function __construct(
        public string $label,
        public string $how,
        public float $value,
        public string $unit,
        public string $source = '',
    ) {
    }
}
