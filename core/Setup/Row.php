<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\RingPair;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;

/**
 * A row on rings, straps or a low bar: the straight body turns about the heels. Anchor over x = 0; the heel mark is
 * positive past the plumb line, on the side away from the head. A bar in a rack is an anchor with no strap.
 */
final readonly class Row implements Setup
{
    public const ANCHOR_HEIGHT_M = [0.5, 6.0];

    public const STRAP_M = RingPair::STRAP_M;

    public const HEEL_MARK_M = [-3.0, 3.0];

    public const HEEL_HEIGHT_M = [0.0, 1.5];

    /** A box under the heels is for a body near level (judgement). */
    private const LEAST_LEAN_ON_BOX_DEG = 65.0;

    /** The rigid rod against measured rows: what is left over (Melrose & Dawes 2015; memory). */
    private const MODEL_SD = 0.03;

    private function __construct(
        public float $anchorHeightM,
        public float $strapM,
        public float $heelMarkM,
        public float $heelHeightM,
    ) {
    }

    /**
     * Heels at a mark within 3 m of the plumb line, 0–1.5 m high, under an anchor 0.5–6 m high with a strap of 0–5 m.
     *
     * @throws OutOfRange if a figure is outside its range
     * @throws GearClash if the strap hangs to the floor or the heels are not below the anchor
     */
    public static function of(float $anchorHeightM, float $strapM, float $heelMarkM, float $heelHeightM = 0.0): self
    {
        OutOfRange::guard([
            'anchor_height_m' => [$anchorHeightM, self::ANCHOR_HEIGHT_M],
            'strap_m' => [$strapM, self::STRAP_M],
            'heel_mark_m' => [$heelMarkM, self::HEEL_MARK_M],
            'heel_height_m' => [$heelHeightM, self::HEEL_HEIGHT_M],
        ]);
        if ($strapM > $anchorHeightM - RingPair::LEAST_OVER_FLOOR_M) {
            throw GearClash::strapTooLong($strapM, $anchorHeightM, RingPair::LEAST_OVER_FLOOR_M);
        }
        if ($heelHeightM >= $anchorHeightM) {
            throw GearClash::heelsAboveAnchor($heelHeightM, $anchorHeightM);
        }

        return new self($anchorHeightM, $strapM, $heelMarkM, $heelHeightM);
    }

    public function withHeelMark(float $heelMarkM): self
    {
        return new self($this->anchorHeightM, $this->strapM, $heelMarkM, $this->heelHeightM);
    }

    public function carriedBy(Body $body): CarriedLoad|DoesNotFit
    {
        $path = RowPath::of($this, $body);
        if ($path instanceof DoesNotFit) {
            return $path;
        }
        $weightN = $body->weightN();
        $mean = $path->meanShare();

        return new CarriedLoad(
            $weightN,
            $path->at(0.0)->share() * $weightN,
            $mean * $weightN,
            $path->at(1.0)->share() * $weightN,
            $mean * $weightN,
            hypot(self::MODEL_SD, $this->reachSd($body, $mean)),
            $path->travelM,
            $this->warnings($path->at(0.0)->leanDeg()),
        );
    }

    public function why(Body $body): Explanation
    {
        return RowWhy::of($this, $body);
    }

    public function sideView(Body $body): SideView
    {
        return RowView::of($this, $body);
    }

    /** @return list<Warning> */
    private function warnings(float $leanDeg): array
    {
        return $this->heelHeightM > 0.0 && $leanDeg < self::LEAST_LEAN_ON_BOX_DEG
            ? [new Warning(WarningCode::HighHeelsUpright, sprintf('Heels on a box with a lean of only %.0f°: a slip is a fall. Put them on the floor.', $leanDeg))]
            : [];
    }

    private function reachSd(Body $body, float $mean): float
    {
        $longer = RowPath::of($this, $body->withReach($body->reachM + $body->reachSdM()));

        return $longer instanceof RowPath ? abs($longer->meanShare() - $mean) : 0.0;
    }
}
