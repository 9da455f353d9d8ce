<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * Mass fractions and centres of the body's segments, each side (Dempster 1955, as in Winter; memory).
 */
final class Segments
{
    public const HAND_MASS = 0.006;

    public const FOREARM_MASS = 0.016;

    public const UPPER_ARM_MASS = 0.028;

    public const FOOT_MASS = 0.0145;

    public const SHANK_MASS = 0.0465;

    public const THIGH_MASS = 0.100;

    /** Trunk, head and neck together. */
    public const TRUNK_MASS = 0.578;

    /** Centres as parts of the segment's length from the upper joint. */
    public const UPPER_ARM_CENTRE = 0.436;

    public const FOREARM_CENTRE = 0.430;

    public const HAND_CENTRE = 0.506;

    public const THIGH_CENTRE = 0.433;

    public const SHANK_CENTRE = 0.433;

    /**
     * From the hip towards the shoulder. The table in Winter has 0.66, which puts a standing body's centre at 0.583 of
     * stature; with 0.58 it comes out at 0.569, inside what reaction boards show (0.55–0.57; Hellebrandt 1938, memory).
     */
    public const TRUNK_CENTRE = 0.58;

    /** Sum of all mass fractions. */
    public static function totalMass(): float
    {
        return self::TRUNK_MASS + 2.0 * (self::HAND_MASS + self::FOREARM_MASS + self::UPPER_ARM_MASS + self::FOOT_MASS + self::SHANK_MASS + self::THIGH_MASS);
    }

    /** Height of the centre of mass of a straight body over its heels, as a part of stature. */
    public static function centrePerStature(Posture $posture): float
    {
        $hip = Proportions::HIP_HEIGHT;
        $knee = Proportions::KNEE_HEIGHT;
        $ankle = Proportions::ANKLE_HEIGHT;
        [$upperArm, $forearm, $hand] = $posture->armCentres();
        $moment = self::TRUNK_MASS * ($hip + self::TRUNK_CENTRE * (Proportions::SHOULDER_HEIGHT - $hip))
            + 2.0 * self::THIGH_MASS * ($hip - self::THIGH_CENTRE * ($hip - $knee))
            + 2.0 * self::SHANK_MASS * ($knee - self::SHANK_CENTRE * ($knee - $ankle))
            + 2.0 * self::FOOT_MASS * $ankle / 2.0
            + 2.0 * (self::UPPER_ARM_MASS * $upperArm + self::FOREARM_MASS * $forearm + self::HAND_MASS * $hand);

        return $moment / self::totalMass();
    }
}
