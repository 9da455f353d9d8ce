<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Drawing\Point;

/**
 * One moment of a row: a rod on its heels, held by a rope from the anchor to a point of the body.
 */
final readonly class RowPosition
{
    /** Perpendicular distance of the rope from the heels in m. */
    public float $leverM;

    /** Tension over bodyweight by moments about the heels: horizontal distance of the centre of mass ÷ lever of the rope. */
    public float $share;

    private float $ropeM;

    private float $bodyM;

    /**
     * @param  float  $centreM  moment of all weight about the heels over bodyweight, with the body level: the centre of mass, where
     *                          nothing else is carried
     * @param  float  $massOfBody  all mass over body mass
     */
    public function __construct(
        public Point $anchor,
        public Point $heels,
        public Point $contact,
        float $centreM,
        private float $shoulderM,
        private float $massOfBody = 1.0,
    ) {
        $this->ropeM = $anchor->distanceM($contact);
        $this->bodyM = $heels->distanceM($contact);
        $cross = ($anchor->xM - $contact->xM) * ($heels->yM - $contact->yM) - ($anchor->yM - $contact->yM) * ($heels->xM - $contact->xM);
        $this->leverM = abs($cross) / $this->ropeM;
        $this->share = fdiv($centreM * ($heels->xM - $contact->xM) / $this->bodyM, $this->leverM);
    }

    public function shoulder(): Point
    {
        return $this->heels->towards($this->contact, $this->shoulderM);
    }

    /** Lean of the body from the vertical in degrees, head side positive. */
    public function leanDeg(): float
    {
        return rad2deg(atan2($this->heels->xM - $this->contact->xM, $this->contact->yM - $this->heels->yM));
    }

    /** Angle between rope and body in degrees, 90 at right angles. */
    public function ropeAngleDeg(): float
    {
        return rad2deg(asin(min(1.0, $this->leverM / $this->bodyM)));
    }

    /** Weight left on the feet over bodyweight, (m + w)·g less the rope's pull upwards. */
    public function onFeetShare(): float
    {
        return $this->massOfBody - $this->share * ($this->anchor->yM - $this->contact->yM) / $this->ropeM;
    }

    /** Coefficient of friction the feet need: the rope's sideways pull ÷ the weight left on them. */
    public function friction(): float
    {
        return $this->share * abs($this->anchor->xM - $this->contact->xM) / $this->ropeM / $this->onFeetShare();
    }
}
