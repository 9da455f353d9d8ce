<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * What time does to a belief: the level goes on along two trends that fade, and everything grows less sure. After two weeks without
 * a set something is lost, nobody knows how much. Half-lives and spreads are fitted on virtual athletes (judgement).
 */
final readonly class TimeStep
{
    private const HALF_LIFE_WEEKS = [6.0, 52.0];

    private const TREND_SD = [0.0020, 0.0010];

    private const LEVEL_SD = 0.012;

    /** A break begins after so many weeks; then each costs this much of log capacity, give or take as much. */
    private const BREAK_AFTER_WEEKS = 2.0;

    private const LOST_A_WEEK = 0.010;

    /**
     * @param  array{float, float}  $kept  what is left of each trend
     * @param  array{float, float}  $reach  how far each moves the level
     * @param  list<array{int, int, float}>  $noise  variance gained, by the two figures it is of
     */
    private function __construct(public array $kept, public array $reach, public float $lost, public array $noise)
    {
    }

    /** Of log capacity, in so many weeks without a set. */
    public static function lostIn(float $weeks): float
    {
        return self::LOST_A_WEEK * max(0.0, $weeks - self::BREAK_AFTER_WEEKS);
    }

    /** From a pattern's last set to a day so many weeks on; the weeks from then to an hour ahead of it are trained. */
    public static function of(float $weeks, float $weeksAhead = 0.0): self
    {
        $lost = self::lostIn($weeks);
        $whole = $weeks + $weeksAhead;
        $level = $lost ** 2 + self::LEVEL_SD ** 2 * $whole;
        $kept = $reach = $noise = [];
        foreach (self::HALF_LIFE_WEEKS as $i => $halfLife) {
            $rate = M_LN2 / $halfLife;
            $kept[$i] = $e = exp(-$rate * $whole);
            $reach[$i] = (1.0 - $e) / $rate;
            $variance = self::TREND_SD[$i] ** 2;
            $level += $variance / $rate ** 2 * ($whole - 2.0 * (1.0 - $e) / $rate + (1.0 - $e ** 2) / (2.0 * $rate));
            $trend = Gaussian::NEW_TREND + $i;
            $both = $variance * (1.0 - $e) ** 2 / (2.0 * $rate ** 2);
            $noise[] = [$trend, $trend, $variance * (1.0 - $e ** 2) / (2.0 * $rate)];
            $noise[] = [Gaussian::LEVEL, $trend, $both];
            $noise[] = [$trend, Gaussian::LEVEL, $both];
        }
        $noise[] = [Gaussian::LEVEL, Gaussian::LEVEL, $level];

        return new self($kept, $reach, $lost, $noise);
    }

    /** What is believed after it. */
    public function after(Gaussian $estimate): Gaussian
    {
        [$mean, $covariance] = [$estimate->mean, $estimate->covariance];
        [[$e1, $e2], [$g1, $g2]] = [$this->kept, $this->reach];
        $mean[Gaussian::LEVEL] += $g1 * $mean[Gaussian::NEW_TREND] + $g2 * $mean[Gaussian::STEADY_TREND] - $this->lost;
        $mean[Gaussian::NEW_TREND] *= $e1;
        $mean[Gaussian::STEADY_TREND] *= $e2;
        foreach ($covariance as $i => [$level, $new, $steady]) {
            $covariance[$i][Gaussian::LEVEL] = $covariance[Gaussian::LEVEL][$i] = $level + $g1 * $new + $g2 * $steady;
            $covariance[$i][Gaussian::NEW_TREND] = $covariance[Gaussian::NEW_TREND][$i] = $e1 * $new;
            $covariance[$i][Gaussian::STEADY_TREND] = $covariance[Gaussian::STEADY_TREND][$i] = $e2 * $steady;
        }
        [[$level, $new, $steady], [, $newAlone, $together], [, , $steadyAlone]] = $estimate->covariance;
        $withNew = $new + $g1 * $newAlone + $g2 * $together;
        $withSteady = $steady + $g1 * $together + $g2 * $steadyAlone;
        foreach ([
            [Gaussian::LEVEL, Gaussian::LEVEL, $level + $g1 * ($new + $withNew) + $g2 * ($steady + $withSteady)],
            [Gaussian::LEVEL, Gaussian::NEW_TREND, $e1 * $withNew],
            [Gaussian::LEVEL, Gaussian::STEADY_TREND, $e2 * $withSteady],
            [Gaussian::NEW_TREND, Gaussian::NEW_TREND, $e1 ** 2 * $newAlone],
            [Gaussian::NEW_TREND, Gaussian::STEADY_TREND, $e1 * $e2 * $together],
            [Gaussian::STEADY_TREND, Gaussian::STEADY_TREND, $e2 ** 2 * $steadyAlone],
        ] as [$i, $j, $shared]) {
            $covariance[$i][$j] = $covariance[$j][$i] = $shared;
        }
        foreach ($this->noise as [$i, $j, $variance]) {
            $covariance[$i][$j] += $variance;
        }

        return new Gaussian($mean, $covariance);
    }
}
