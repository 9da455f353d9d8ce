<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Gravity;
use SteadyRung\InWords;

/**
 * What the arms carry in a set-up, in N, at the bottom, on average over the pull (work-equivalent) and at the top: what a scale
 * shows, and beside it what the pull demands.
 */
final readonly class CarriedLoad
{
    /** Gear must be rated for this many times what hangs on it (common practice). */
    public const PEAK = 1.5;

    /**
     * @param  float  $shareSd  standard deviation of the mean carried share
     * @param  list<Warning>  $warnings
     * @param  array{float, float}|null  $shareRange  lowest and highest share, where it can only be an interval
     * @param  float|null  $friction  coefficient of friction the heels need, in a row
     * @param  BandHazard|null  $hazard  what the bands can do, where there are any
     */
    public function __construct(
        public float $weightN,
        public float $bottomN,
        public float $meanN,
        public float $topN,
        public Demand $demand,
        public float $shareSd,
        public float $romM,
        public array $warnings = [],
        public ?array $shareRange = null,
        public ?float $friction = null,
        public ?BandHazard $hazard = null,
    ) {
    }

    /** A pull whose load is the same all the way, with the standard deviation of its share. */
    public static function even(float $weightN, float $loadN, float $romM, float $shareSd = 0.0, float $efficiency = 1.0): self
    {
        return new self(
            weightN: $weightN,
            bottomN: $loadN,
            meanN: $loadN,
            topN: $loadN,
            demand: Demand::ofPull($weightN, $loadN, $loadN, $loadN, $efficiency),
            shareSd: $shareSd,
            romM: $romM,
        );
    }

    public function warned(Warning ...$warnings): self
    {
        return $this->with([...$this->warnings, ...array_values($warnings)]);
    }

    public function without(WarningCode $code): self
    {
        return $this->with(array_values(array_filter($this->warnings, static fn (Warning $w): bool => $w->code !== $code)));
    }

    /** Mean carried share of bodyweight, 1 = all of it. */
    public function share(): float
    {
        return $this->meanN / $this->weightN;
    }

    /** Mean demand on the pull relative to a strict one; the reps are predicted from it. */
    public function effectiveShare(): float
    {
        return $this->demand->share;
    }

    /** What the gear must hold, in N. */
    public function peakN(): float
    {
        return self::PEAK * max($this->weightN, $this->meanN, $this->topN);
    }

    public function warns(WarningCode $code): bool
    {
        return $this->warning($code) !== null;
    }

    /** The first of a code. */
    public function warning(WarningCode $code): ?Warning
    {
        foreach ($this->warnings as $warning) {
            if ($warning->code === $code) {
                return $warning;
            }
        }

        return null;
    }

    /** With what is to be said of this body. */
    public function forBody(Body $body): self
    {
        return match (true) {
            $body->isSmall() => $this->warned(new Warning(
                WarningCode::SmallBody,
                sprintf(
                    'Under %s or %s neither proportions nor bands were compared with measured people: take every figure as a guess.',
                    InWords::cm(Body::VALID_FROM_M),
                    InWords::kg(Body::VALID_FROM_KG, 0),
                ),
            )),
            $body->isHeavy() => $this->warned(new Warning(
                WarningCode::HeavyBody,
                sprintf(
                    'Bar, anchor, straps and box must be rated for %s: half more than what hangs on them.',
                    InWords::kg(ceil(self::kg($this->peakN())), 0),
                ),
            )),
            default => $this,
        };
    }

    /** Whether something speaks against using the set-up where another will do. */
    public function isCautioned(): bool
    {
        foreach ($this->warnings as $warning) {
            if ($warning->code->isCaution()) {
                return true;
            }
        }

        return false;
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

    /** @param  list<Warning>  $warnings */
    private function with(array $warnings): self
    {
        return new self(
            weightN: $this->weightN,
            bottomN: $this->bottomN,
            meanN: $this->meanN,
            topN: $this->topN,
            demand: $this->demand,
            shareSd: $this->shareSd,
            romM: $this->romM,
            warnings: $warnings,
            shareRange: $this->shareRange,
            friction: $this->friction,
            hazard: $this->hazard,
        );
    }
}
