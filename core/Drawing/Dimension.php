<?php

declare(strict_types=1);

namespace SteadyRung\Drawing;

/**
 * A measurement written into the side view, between two places.
 */
final readonly class Dimension
{
    public function __construct(public string $label, public Point $from, public Point $to, public float $value, public string $unit)
    {
    }

    /** The straight distance between the places in m. */
    public static function length(string $label, Point $from, Point $to): self
    {
        return new self($label, $from, $to, $from->distanceM($to), 'm');
    }
}
