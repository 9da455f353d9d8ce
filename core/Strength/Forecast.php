<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Normal;

/**
 * When so many strict reps will come: F(t), the running maximum of the chance that capacity reaches 1 + (n − 1)/k, week by week from
 * today; form of the day and errors of set-ups are not in it.
 */
final readonly class Forecast
{
    public const WEEKS = 52;

    public const TARGETS = [1, 3, 5, 8, 10];

    private const EVEN = 0.5;

    /** With capacity less sure than this, in log, another set tells more than another week. */
    private const UNSURE = 0.08;

    /** A trend under this, in log capacity a week, leads nowhere within a year. */
    private const FLAT = 0.0005;

    /** @param  array<int, float>  $reached  F by weeks from today */
    private function __construct(private CapacityState $today, private int $reps, public array $reached, public bool $wasDone)
    {
    }

    /**
     * @param  CapacityState  $last  after the last set
     * @param  bool  $wasDone  whether the log holds so many strict reps
     */
    public static function of(CapacityState $last, int $today, int $reps, bool $wasDone = false): self
    {
        $most = 0.0;
        $reached = [];
        foreach (range(0, self::WEEKS) as $week) {
            $reached[$week] = $most = max($most, self::chance($last->on($today, (float) $week), $reps));
        }

        return new self($last->on($today), $reps, $reached, $wasDone);
    }

    public function verdict(): ForecastVerdict
    {
        return match (true) {
            $this->wasDone => ForecastVerdict::Reached,
            $this->reached[0] >= self::EVEN => ForecastVerdict::TestNow,
            $this->reached[self::WEEKS] < self::EVEN => ForecastVerdict::NotForeseeable,
            default => ForecastVerdict::Dated,
        };
    }

    /** Chance that it has come within so many weeks, given that it has not yet. */
    public function within(int $weeks): float
    {
        $now = $this->reached[0];

        return match (true) {
            $this->wasDone => 1.0,
            $weeks === 0 || $now >= 1.0 => 0.0,
            default => ($this->reached[$weeks] - $now) / (1.0 - $now),
        };
    }

    /** @return list<float> by weeks from today */
    public function chances(): array
    {
        return array_map($this->within(...), range(0, self::WEEKS));
    }

    /** Weeks until F reaches a chance, between weeks in a straight line; none within the year. */
    public function weeksUntil(float $chance): ?float
    {
        $before = null;
        foreach ($this->reached as $week => $reached) {
            if ($reached >= $chance) {
                return $before === null ? 0.0 : $week - 1 + ($chance - $before) / ($reached - $before);
            }
            $before = $reached;
        }

        return null;
    }

    /** What stands in the way, and what would tell more; none where a date can be given. */
    public function limit(): ?string
    {
        if ($this->verdict() !== ForecastVerdict::NotForeseeable) {
            return null;
        }
        $share = $this->today->share();
        $needed = RepCurve::steady($this->today->k()->mean())->ratio((float) $this->reps);
        $trend = $this->today->trend()->mean();
        $way = match (true) {
            $trend < self::FLAT => 'at present it does not rise',
            default => sprintf('at present it rises %.1f %% a week, and less each week', 100 * $trend),
        };
        $tell = $this->today->sdLog() > self::UNSURE ? 'A set to failure would tell more.' : 'A few more weeks of sets would tell more.';

        return sprintf('Capacity is %.0f %% of bodyweight and %.0f %% are needed; %s. %s', 100 * $share, 100 * $needed, $way, $tell);
    }

    private static function chance(CapacityState $state, int $reps): float
    {
        $chance = 0.0;
        foreach ($state->weights() as $i => $weight) {
            $belief = $state->beliefs[$i];
            $chance += $weight * Normal::cdf(
                ($belief->mean[Gaussian::LEVEL] - log($state->hypotheses[$i]->curve->ratio((float) $reps))) / sqrt($belief->covariance[Gaussian::LEVEL][Gaussian::LEVEL]),
            );
        }

        return $chance;
    }
}
