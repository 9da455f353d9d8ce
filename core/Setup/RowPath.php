<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Posture;
use SteadyRung\Body\Proportions;
use SteadyRung\Drawing\Point;

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

    /** A rope flatter to the body than this pulls along it instead of lifting it. */
    private const LEAST_ROPE_ANGLE_DEG = 50.0;

    private function __construct(private Row $row, private Body $body, public float $travelM)
    {
    }

    public static function of(Row $row, Body $body): self|DoesNotFit
    {
        $path = new self($row, $body, $body->armM() - self::HANDS_TO_CHEST_M);
        foreach ([0.0, 1.0] as $part) {
            $fault = $path->faultAt($part);
            if ($fault !== null) {
                return $fault;
            }
        }

        return $path;
    }

    /** The body at a part of the way; anchor, strap and arm lie on one line. */
    public function at(float $part): RowPosition
    {
        $heels = $this->heels();
        $anchor = $this->anchor();
        $contact = $heels->meeting($this->bodyM($part), $anchor, $this->ropeM($part));
        assert($contact !== null);

        return new RowPosition($anchor, $heels, $contact[0], $this->centreM($part), $this->shoulderM());
    }

    /** Mean carried share over the way, by Simpson's rule. */
    public function meanShare(): float
    {
        $sum = 0.0;
        for ($i = 0; $i <= self::SLICES; $i++) {
            $weight = $i === 0 || $i === self::SLICES ? 1.0 : ($i % 2 === 1 ? 4.0 : 2.0);
            $sum += $weight * $this->at($i / self::SLICES)->share();
        }

        return $sum / (3.0 * self::SLICES);
    }

    private function faultAt(float $part): ?DoesNotFit
    {
        $heels = $this->heels();
        $apartM = $heels->distanceM($this->anchor());
        $bodyM = $this->bodyM($part);
        $ropeM = $this->ropeM($part);
        if ($apartM >= $bodyM + $ropeM) {
            return DoesNotFit::heelsTooFar($apartM - $bodyM - $ropeM);
        }
        if ($apartM <= abs($bodyM - $ropeM)) {
            return $bodyM > $ropeM ? DoesNotFit::heelsTooNear($bodyM - $ropeM - $apartM) : DoesNotFit::strapTooSlack($ropeM - $bodyM - $apartM);
        }
        $position = $this->at($part);

        return match (true) {
            $position->shoulder()->yM < self::LEAST_SHOULDER_M => DoesNotFit::touchesFloor(self::LEAST_SHOULDER_M - $position->shoulder()->yM),
            $position->leanDeg() < self::LEAST_LEAN_DEG => DoesNotFit::standsUpright($position->leanDeg()),
            $position->ropeAngleDeg() < self::LEAST_ROPE_ANGLE_DEG => DoesNotFit::pullsAlongBody($position->ropeAngleDeg(), self::LEAST_ROPE_ANGLE_DEG),
            default => null,
        };
    }

    private function heels(): Point
    {
        return new Point($this->row->heelMarkM, $this->row->heelHeightM);
    }

    private function anchor(): Point
    {
        return new Point(0.0, $this->row->anchorHeightM);
    }

    private function shoulderM(): float
    {
        return $this->body->heightM(Proportions::SHOULDER_HEIGHT);
    }

    /** Heels to where the rope meets the body: the shoulder, then the chest. */
    private function bodyM(float $part): float
    {
        return self::between($this->shoulderM(), $this->body->heightM(Proportions::CHEST_HEIGHT), $part);
    }

    private function ropeM(float $part): float
    {
        return $this->row->strapM + self::between($this->body->armM(), self::HANDS_TO_CHEST_M, $part);
    }

    private function centreM(float $part): float
    {
        return self::between($this->body->centreM(Posture::ArmsForward), $this->body->centreM(Posture::ArmsPulledIn), $part);
    }

    private static function between(float $from, float $to, float $part): float
    {
        return $from + $part * ($to - $from);
    }
}
