<?php

declare(strict_types=1);

namespace SteadyRung\Drawing;

/**
 * A piece of gear in the side view: a line through points, as thick as the thing is; a single point is seen end-on.
 */
final readonly class Line
{
    /** @param  non-empty-list<Point>  $points */
    public function __construct(public DrawnPart $part, public array $points, public float $thicknessM = 0.0, public bool $atTop = false)
    {
    }

    /** A box on the floor, from its left to its right edge. */
    public static function box(float $leftM, float $rightM, float $heightM, DrawnPart $part = DrawnPart::Box): self
    {
        return new self(
            $part,
            [new Point($leftM, 0.0), new Point($leftM, $heightM), new Point($rightM, $heightM), new Point($rightM, 0.0)],
        );
    }
}
