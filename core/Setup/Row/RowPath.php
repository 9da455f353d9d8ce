<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Body\Body;
use SteadyRung\Body\Pivot;
use SteadyRung\Body\Posture;
use SteadyRung\Body\Proportions;
use SteadyRung\Drawing\Point;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Travel;

/**
 * The way of a row from straight arms (0) to the chest at the hands (1).
 */
final readonly class RowPath
{
    /** Hands to chest when pulled in. */
    private const HANDS_TO_CHEST_M = 0.08;

    private const SLICES = 8;

    private const LEAST_SHOULDER_M = 0.30;

    /** Nearer to upright than this nothing is carried worth a name. */
    private const LEAST_LEAN_DEG = 5.0;

    /** A rope flatter to the body than this pulls along it, and a centimetre of strap changes the load by a tenth (judgement). */
    private const LEAST_ROPE_ANGLE_DEG = 20.0;

    /** With less of bodyweight on the feet than this they float. */
    private const LEAST_ON_FEET = 0.1;

    /** A vest hangs here, as a part of stature over the heels. */
    private const VEST = 0.70;

    private Point $heels;

    private Point $anchor;

    private float $shoulderM;

    private float $chestM;

    /** The vest's mass over the body's. */
    private float $vest;

    /**
     * @param  array{float, float}  $momentsM  of the body about the pivot over bodyweight, with the body level: arms forward, pulled in
     * @param  array<int, RowPosition>  $way  in even slices, once it is known to fit
     */
    private function __construct(
        private RowStand $stand,
        private Body $body,
        public float $travelM,
        private Pivot $pivot,
        private array $momentsM,
        private array $way = [],
    ) {
        $pivotM = $body->heightM($pivot->perStature());
        $this->heels = new Point($stand->heelMarkM, $stand->heelHeightM + $pivotM);
        $this->anchor = new Point(0.0, $stand->anchorHeightM);
        $this->shoulderM = $body->heightM(Proportions::SHOULDER_HEIGHT) - $pivotM;
        $this->chestM = $body->heightM(Proportions::CHEST_HEIGHT) - $pivotM;
        $this->vest = $stand->addedKg / $body->massKg;
    }

    /** Turning about the heels. */
    public static function of(RowStand $stand, Body $body): self|DoesNotFit
    {
        return self::about(Pivot::Heels, $stand, $body);
    }

    /** Turning about the knees over flat feet. */
    public static function fromKnees(RowStand $stand, Body $body): self|DoesNotFit
    {
        return self::about(Pivot::Knees, $stand, $body);
    }

    private static function about(Pivot $pivot, RowStand $stand, Body $body): self|DoesNotFit
    {
        $path = new self($stand, $body, $body->armM() - self::HANDS_TO_CHEST_M, $pivot, self::moments($body, $pivot));
        $way = [];
        foreach ([0, self::SLICES] as $end) {
            $way[$end] = $path->end($end / self::SLICES);
            if ($way[$end] instanceof DoesNotFit) {
                return $way[$end];
            }
        }
        foreach (range(1, self::SLICES - 1) as $slice) {
            $way[$slice] = $path->position($slice / self::SLICES);
        }

        return new self($stand, $body, $path->travelM, $pivot, $path->momentsM, $way);
    }

    /** The body at a part of the way; anchor, strap and arm lie on one line. */
    public function at(float $part): RowPosition
    {
        $slice = self::SLICES * $part;

        return $slice === floor($slice) ? $this->way[(int) $slice] : $this->position($part);
    }

    private function position(float $part): RowPosition
    {
        $contact = $this->heels->meeting($this->bodyM($part), $this->anchor, $this->ropeM($part));
        assert($contact !== null);

        return new RowPosition(
            $this->anchor,
            $this->heels,
            $contact[0],
            $this->momentM($part, $this->pivot, $this->momentsM),
            $this->shoulderM,
            1.0 + $this->vest,
        );
    }

    /** Mean carried share over a part of the way. */
    public function meanShare(Travel $travel = Travel::Whole): float
    {
        return self::mean($travel, fn (int $slice): float => $this->way[$slice]->share);
    }

    /** The same with the legs straightened in line with the body, the heels that much further out; bent knees only. */
    public function meanShareLegsOut(Travel $travel = Travel::Whole): float
    {
        $moments = self::moments($this->body, Pivot::Heels);

        return self::mean($travel, fn (int $slice): float => $this->legsOut($slice, $moments)->share);
    }

    /** @param  array{float, float}  $momentsM  about the heels */
    private function legsOut(int $slice, array $momentsM): RowPosition
    {
        $at = $this->way[$slice];
        $heels = $at->contact->towards($at->heels, $at->contact->distanceM($at->heels) + $this->body->heightM($this->pivot->perStature()));

        return new RowPosition(
            $at->anchor,
            $heels,
            $at->contact,
            $this->momentM($slice / self::SLICES, Pivot::Heels, $momentsM),
            $this->body->heightM(Proportions::SHOULDER_HEIGHT),
            1.0 + $this->vest,
        );
    }

    /**
     * Mean of a share over a part of the way, by Simpson's rule.
     *
     * @param  \Closure(int): float  $share at a slice
     */
    private static function mean(Travel $travel, \Closure $share): float
    {
        $from = (int) round(self::SLICES * $travel->span()[0]);
        $slices = (int) round(self::SLICES * $travel->length());
        if ($slices === 0) {
            return $share($from);
        }
        $sum = 0.0;
        for ($i = 0; $i <= $slices; $i++) {
            $weight = $i === 0 || $i === $slices ? 1.0 : ($i % 2 === 1 ? 4.0 : 2.0);
            $sum += $weight * $share($from + $i);
        }

        return $sum / (3.0 * $slices);
    }

    /** Coefficient of friction the feet need at the worst moment of the way. */
    public function friction(): float
    {
        return max(0.0, ...array_map(static fn (RowPosition $at): float => $at->friction(), $this->way));
    }

    /** The body at an end of the way, if it can be there. */
    private function end(float $part): RowPosition|DoesNotFit
    {
        $apartM = $this->heels->distanceM($this->anchor);
        $bodyM = $this->bodyM($part);
        $ropeM = $this->ropeM($part);
        if ($apartM >= $bodyM + $ropeM) {
            return DoesNotFit::heelsTooFar($apartM - $bodyM - $ropeM);
        }
        if ($apartM <= abs($bodyM - $ropeM)) {
            return $bodyM > $ropeM
                ? DoesNotFit::heelsTooNear($bodyM - $ropeM - $apartM)
                : DoesNotFit::strapTooSlack($ropeM - $bodyM - $apartM);
        }
        $position = $this->position($part);

        return match (true) {
            $position->shoulder()->yM < self::LEAST_SHOULDER_M => DoesNotFit::touchesFloor(
                self::LEAST_SHOULDER_M - $position->shoulder()->yM,
            ),
            $position->leanDeg() < self::LEAST_LEAN_DEG => DoesNotFit::standsUpright($position->leanDeg()),
            $position->ropeAngleDeg() < self::LEAST_ROPE_ANGLE_DEG => DoesNotFit::pullsAlongBody(
                $position->ropeAngleDeg(),
                self::LEAST_ROPE_ANGLE_DEG,
            ),
            $position->onFeetShare() < self::LEAST_ON_FEET => DoesNotFit::feetFloat(),
            default => $position,
        };
    }

    /** Heels to where the rope meets the body: the shoulder, then the chest. */
    private function bodyM(float $part): float
    {
        return self::between($this->shoulderM, $this->chestM, $part);
    }

    private function ropeM(float $part): float
    {
        return $this->stand->strapM + self::between($this->body->armM(), self::HANDS_TO_CHEST_M, $part);
    }

    /** @return array{float, float} */
    private static function moments(Body $body, Pivot $pivot): array
    {
        return [$body->momentM(Posture::ArmsForward, $pivot), $body->momentM(Posture::ArmsPulledIn, $pivot)];
    }

    /**
     * Moment of body and vest about the pivot, over bodyweight, with the body level.
     *
     * @param  array{float, float}  $momentsM
     */
    private function momentM(float $part, Pivot $pivot, array $momentsM): float
    {
        return self::between($momentsM[0], $momentsM[1], $part) + $this->vest * $this->body->heightM(self::VEST - $pivot->perStature());
    }

    private static function between(float $from, float $to, float $part): float
    {
        return $from + $part * ($to - $from);
    }
}
