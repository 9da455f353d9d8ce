<?php

declare(strict_types=1);

namespace SteadyRung\Drawing;

/**
 * A place in the side view in m: x to the right of the plumb line under the bar or anchor, y up from the floor.
 */
final readonly class Point
{
    public function __construct(public float $xM, public float $yM)
    {
    }

    public function plus(float $xM, float $yM): self
    {
        return new self($this->xM + $xM, $this->yM + $yM);
    }

    /** The place at a distance from here on the line to another. */
    public function towards(self $other, float $distanceM): self
    {
        $part = $distanceM / $this->distanceM($other);

        return new self($this->xM + $part * ($other->xM - $this->xM), $this->yM + $part * ($other->yM - $this->yM));
    }

    public function distanceM(self $other): float
    {
        return hypot($other->xM - $this->xM, $other->yM - $this->yM);
    }

    /**
     * The two places at distance here from this point and there from the other, smaller x first; none where the circles do not meet.
     *
     * @return array{self, self}|null
     */
    public function meeting(float $hereM, self $other, float $thereM): ?array
    {
        $apartM = $this->distanceM($other);
        if ($apartM === 0.0) {
            return null;
        }
        $alongM = ($hereM ** 2 - $thereM ** 2 + $apartM ** 2) / (2.0 * $apartM);
        $asideSquared = $hereM ** 2 - $alongM ** 2;
        if ($asideSquared < 0.0) {
            return null;
        }
        $foot = $this->towards($other, $alongM);
        $aside = sqrt($asideSquared) / $apartM;
        $xM = $aside * ($other->yM - $this->yM);
        $yM = $aside * ($other->xM - $this->xM);
        $both = [$foot->plus(-$xM, $yM), $foot->plus($xM, -$yM)];

        return $both[0]->xM <= $both[1]->xM ? $both : [$both[1], $both[0]];
    }
}
