<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * Where the arms are; the centre of mass rises with them.
 */
enum Posture: string
{
    case ArmsDown = 'arms-down';
    case ArmsForward = 'arms-forward';
    case ArmsPulledIn = 'arms-pulled-in';
    case ArmsOverhead = 'arms-overhead';

    /**
     * Heights of the centres of upper arm, forearm and hand, as parts of stature.
     *
     * @return array{float, float, float}
     */
    public function armCentres(Segments $segments): array
    {
        $shoulder = Proportions::SHOULDER_HEIGHT;
        $upper = $segments->upperArmCentre * Proportions::UPPER_ARM;
        $fore = $segments->forearmCentre * Proportions::FOREARM;
        $hand = $segments->handCentre * Proportions::HAND;
        $elbow = Proportions::UPPER_ARM;
        $wrist = Proportions::UPPER_ARM + Proportions::FOREARM;

        return match ($this) {
            self::ArmsDown => [$shoulder - $upper, $shoulder - $elbow - $fore, $shoulder - $wrist - $hand],
            self::ArmsForward => [$shoulder, $shoulder, $shoulder],
            self::ArmsPulledIn => [$shoulder - $upper, ($shoulder - $elbow + Proportions::CHEST_HEIGHT) / 2.0, Proportions::CHEST_HEIGHT],
            self::ArmsOverhead => [$shoulder + $upper, $shoulder + $elbow + $fore, $shoulder + $wrist + $hand],
        };
    }
}
