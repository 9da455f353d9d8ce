<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * Mass fractions of the body's segments, each side, and their centres as parts of the segment's length from the upper joint.
 * The trunk (with head and neck) is what is left, and its centre, from the hip towards the shoulder, is set so that a standing
 * body's centre lies where reaction boards find it: 0.569·H on average (Hellebrandt 1938: 0.55–0.57), 0.570·H for men and
 * 0.553·H for women (de Leva 1996); all from memory.
 */
final readonly class Segments
{
    private const SIDES = 2.0;

    private function __construct(
        public float $hand,
        public float $forearm,
        public float $upperArm,
        public float $foot,
        public float $shank,
        public float $thigh,
        public float $upperArmCentre,
        public float $forearmCentre,
        public float $handCentre,
        public float $thighCentre,
        public float $shankCentre,
        public float $trunkCentre,
    ) {
    }

    public static function of(SegmentTable $table): self
    {
        return match ($table) {
            SegmentTable::Average => new self(
                hand: 0.006,
                forearm: 0.016,
                upperArm: 0.028,
                foot: 0.0145,
                shank: 0.0465,
                thigh: 0.100,
                upperArmCentre: 0.436,
                forearmCentre: 0.430,
                handCentre: 0.506,
                thighCentre: 0.433,
                shankCentre: 0.433,
                trunkCentre: 0.58,
            ),
            SegmentTable::Men => new self(
                hand: 0.0061,
                forearm: 0.0162,
                upperArm: 0.0271,
                foot: 0.0137,
                shank: 0.0433,
                thigh: 0.1416,
                upperArmCentre: 0.5772,
                forearmCentre: 0.4574,
                handCentre: 0.506,
                thighCentre: 0.4095,
                shankCentre: 0.4459,
                trunkCentre: 0.7123,
            ),
            SegmentTable::Women => new self(
                hand: 0.0056,
                forearm: 0.0138,
                upperArm: 0.0255,
                foot: 0.0129,
                shank: 0.0481,
                thigh: 0.1478,
                upperArmCentre: 0.5754,
                forearmCentre: 0.4559,
                handCentre: 0.506,
                thighCentre: 0.3612,
                shankCentre: 0.4416,
                trunkCentre: 0.6150,
            ),
        };
    }

    /** Both legs, feet included, as a part of bodyweight. */
    public function legs(): float
    {
        return self::SIDES * ($this->foot + $this->shank + $this->thigh);
    }

    public function trunk(): float
    {
        return 1.0 - $this->legs() - self::SIDES * ($this->hand + $this->forearm + $this->upperArm);
    }

    /** Height of the centre of mass of a straight body over its heels, as a part of stature. */
    public function centrePerStature(Posture $posture): float
    {
        return $this->momentPerStature($posture, Pivot::Heels);
    }

    /** Moment about a joint of what lies above it in a straight body, level, over bodyweight and stature. */
    public function momentPerStature(Posture $posture, Pivot $pivot): float
    {
        $hip = Proportions::HIP_HEIGHT;
        $knee = Proportions::KNEE_HEIGHT;
        $ankle = Proportions::ANKLE_HEIGHT;
        $from = $pivot->perStature();
        [$upperArm, $forearm, $hand] = $this->armCentres($posture);
        $shins = $pivot === Pivot::Knees
            ? 0.0
            : $this->shank * ($knee - $this->shankCentre * ($knee - $ankle)) + $this->foot * $ankle / 2.0;

        return $this->trunk() * ($hip + $this->trunkCentre * (Proportions::SHOULDER_HEIGHT - $hip) - $from) + self::SIDES * (
            $this->thigh * ($hip - $this->thighCentre * ($hip - $knee) - $from)
            + $shins
            + $this->upperArm * ($upperArm - $from) + $this->forearm * ($forearm - $from) + $this->hand * ($hand - $from)
        );
    }

    /**
     * Heights of the centres of upper arm, forearm and hand, as parts of stature.
     *
     * @return array{float, float, float}
     */
    private function armCentres(Posture $posture): array
    {
        $shoulder = Proportions::SHOULDER_HEIGHT;
        $upper = $this->upperArmCentre * Proportions::UPPER_ARM;
        $fore = $this->forearmCentre * Proportions::FOREARM;
        $hand = $this->handCentre * Proportions::HAND;
        $elbow = Proportions::UPPER_ARM;
        $wrist = Proportions::UPPER_ARM + Proportions::FOREARM;

        return match ($posture) {
            Posture::ArmsDown => [$shoulder - $upper, $shoulder - $elbow - $fore, $shoulder - $wrist - $hand],
            Posture::ArmsForward => [$shoulder, $shoulder, $shoulder],
            Posture::ArmsPulledIn => [
                $shoulder - $upper,
                ($shoulder - $elbow + Proportions::CHEST_HEIGHT) / 2.0,
                Proportions::CHEST_HEIGHT,
            ],
            Posture::ArmsOverhead => [$shoulder + $upper, $shoulder + $elbow + $fore, $shoulder + $wrist + $hand],
        };
    }
}
