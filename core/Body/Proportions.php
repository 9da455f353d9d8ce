<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * Segment proportions of stature (Drillis & Contini 1966, as tabulated in Winter, Biomechanics and Motor Control of
 * Human Movement; memory).
 */
final class Proportions
{
    public const UPPER_ARM = 0.186;

    public const FOREARM = 0.146;

    public const HAND = 0.108;

    public const SHOULDER_HEIGHT = 0.818;

    public const CHIN_HEIGHT = 0.870;

    /** Where the chest meets a bar or rings. */
    public const CHEST_HEIGHT = 0.745;

    public const HIP_HEIGHT = 0.530;

    public const KNEE_HEIGHT = 0.285;

    public const ANKLE_HEIGHT = 0.039;

    /** What standing on the toes adds (common practice). */
    public const TOE_RISE = 0.05;

    /** Floor to the middle of a closed fist overhead. */
    public const GRIP_REACH = self::SHOULDER_HEIGHT + self::UPPER_ARM + self::FOREARM + self::HAND / 2;

    public const SOURCE = 'Drillis & Contini 1966, in Winter (memory)';
}
