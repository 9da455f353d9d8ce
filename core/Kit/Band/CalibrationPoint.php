<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

use SteadyRung\Gravity;
use SteadyRung\OutOfRange;

/**
 * One reading of the hanging scale: the length in use and the whole force of the band, as hitched.
 */
final readonly class CalibrationPoint
{
    public const LENGTH_M = [0.1, 8.0];

    public const FORCE_N = [1.0, 4000.0];

    public const FORCE_KG = [0.1, 400.0];

    private function __construct(public float $lengthM, public float $forceN)
    {
    }

    /**
     * A point at 0.1–8 m and 1–4000 N.
     *
     * @throws OutOfRange if either is outside
     */
    public static function of(float $lengthM, float $forceN): self
    {
        OutOfRange::guard(['length_m' => [$lengthM, self::LENGTH_M], 'force_n' => [$forceN, self::FORCE_N]]);

        return new self($lengthM, $forceN);
    }

    /**
     * A point whose force was read in kg, times standard gravity.
     *
     * @throws OutOfRange if either is outside
     */
    public static function ofKg(float $lengthM, float $forceKg): self
    {
        OutOfRange::guard(['length_m' => [$lengthM, self::LENGTH_M], 'force_kg' => [$forceKg, self::FORCE_KG]]);

        return new self($lengthM, $forceKg * Gravity::M_PER_S2);
    }
}
