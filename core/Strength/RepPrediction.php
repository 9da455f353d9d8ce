<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Crossing;
use SteadyRung\Normal;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * Clean reps to expect of a first set to failure at a load: median, 80 % interval, and the chance of reaching a number.
 */
final readonly class RepPrediction
{
    /** Nobody is promised more; from here on the figures only say "at least". */
    public const MOST = 20.0;

    /** Standard deviation of where within a rep a count ends. */
    private const COUNT_SD = 0.5;

    private const WITHIN_REPS = 1e-6;

    /** Looked for up to here; more reps than that are no strength. */
    private const FARTHEST = 100.0;

    /** As far as the average of the parts' own quantiles may be from that of all. */
    private const ABOUT_REPS = 1.0;

    /** What weighs less is left out. */
    private const LEAST_WEIGHT = 1e-4;

    /** @param  non-empty-list<array{float, float, float, float}>  $parts  weight, k, mean and variance of log capacity over load */
    public function __construct(public array $parts)
    {
    }

    /** On the day of the state; the same set-up again brings its own error back. */
    public static function at(CapacityState $state, FeltLoad $load): self
    {
        $direction = $state->directionOf($load);
        $new = $load->lastingKey() !== null && $state->knows($load) ? 0.0 : $load->sdLog() ** 2;
        $parts = [];
        foreach ($state->weights() as $i => $weight) {
            if ($weight >= self::LEAST_WEIGHT) {
                [$estimate, $hypothesis] = [$state->estimates[$i], $state->hypotheses[$i]];
                $parts[] = [
                    $weight,
                    $hypothesis->curve->k,
                    $estimate->meanAlong($direction) - log($load->share),
                    $estimate->varianceAlong($direction) + $hypothesis->formSd ** 2 + $new,
                ];
            }
        }
        assert($parts !== []);
        $sum = array_sum(array_column($parts, 0));

        return new self(array_map(static fn (array $p): array => [$p[0] / $sum, $p[1], $p[2], $p[3]], $parts));
    }

    /** The same where only a part of capacity is left, as before a later set of the day. */
    public function with(float $left): self
    {
        return new self(array_map(static fn (array $p): array => [$p[0], $p[1], $p[2] + log($left), $p[3]], $this->parts));
    }

    /** Median reps, 0 and more, not clipped. */
    public function median(): float
    {
        return $this->quantile(0.5, 0.0);
    }

    public function low80(): float
    {
        return $this->quantile(0.1, -Normal::Z90);
    }

    public function high80(): float
    {
        return $this->quantile(0.9, Normal::Z90);
    }

    /** Whether nobody should be told more than "at least so many". */
    public function isClipped(): bool
    {
        return $this->chanceOf(self::MOST) > 0.5;
    }

    /** Chance of at least so many clean reps, 0–1. */
    public function chanceOf(float $reps): float
    {
        $chance = 0.0;
        $of = $needed = $counted = 0.0;
        foreach ($this->parts as [$weight, $k, $mean, $variance]) {
            if ($k !== $of) { // many share one curve
                [$of, $needed, $counted] = [$k, log(1.0 + ($reps - 1.0) / $k), (self::COUNT_SD / ($k + $reps - 1.0)) ** 2];
            }
            $chance += $weight * Normal::cdf(($mean - $needed) / sqrt($variance + $counted));
        }

        return $chance;
    }

    private function quantile(float $below, float $z): float
    {
        return Crossing::near(
            fn (float $reps): float => $this->chanceOf($reps) - 1.0 + $below,
            $this->about($z),
            self::ABOUT_REPS,
            0.0,
            self::FARTHEST,
            self::WITHIN_REPS,
        );
    }

    /** The average over the parts of so many standard deviations from each one's median. */
    private function about(float $z): float
    {
        $reps = 0.0;
        foreach ($this->parts as [$weight, $k, $mean, $variance]) {
            $reps += $weight * (1.0 + $k * (exp($mean + $z * sqrt($variance + (self::COUNT_SD / $k) ** 2)) - 1.0));
        }

        return $reps;
    }
}
