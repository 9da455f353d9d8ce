<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Gravity;

/**
 * What the arms carry in a set-up, in N, at the bottom, on average over the pull (work-equivalent) and at the top.
 */
final readonly class CarriedLoad
{
    /**
     * @param  float  $ascentN  mean on the way up, where rubber gives back less than it took
     * @param  float  $shareSd  standard deviation of the mean carried share
     * @param  list<Warning>  $warnings
     * @param  array{float, float}|null  $shareRange  lowest and highest share, where it can only be an interval
     */
    public function __construct(
        public float $weightN,
        public float $bottomN,
        public float $meanN,
        public float $topN,
        public float $ascentN,
        public float $shareSd,
        public float $romM,
        public array $warnings = [],
        public ?array $shareRange = null,
    ) {
    }

    /** A load that is the same all the way, known as well as bodyweight is. */
    public static function constant(float $weightN, float $loadN, float $romM): self
    {
        return self::even($weightN, $loadN, $romM, 0.0);
    }

    /** A load of which only the mean is known, with the standard deviation of its share. */
    public static function even(float $weightN, float $loadN, float $romM, float $shareSd): self
    {
        return new self($weightN, $loadN, $loadN, $loadN, $loadN, $shareSd, $romM);
    }

    /** Mean carried share of bodyweight, 1 = all of it. */
    public function share(): float
    {
        return $this->meanN / $this->weightN;
    }

    /** Carried share on the way up; the reps are predicted from it. */
    public function ascentShare(): float
    {
        return $this->ascentN / $this->weightN;
    }

    public function shareOf(float $loadN): float
    {
        return $loadN / $this->weightN;
    }

    /** What the help takes off at a load, in kg. */
    public function helpKg(float $loadN): float
    {
        return self::kg($this->weightN - $loadN);
    }

    public static function kg(float $loadN): float
    {
        return $loadN / Gravity::M_PER_S2;
    }
}
