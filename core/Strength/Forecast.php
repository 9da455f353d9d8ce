<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * When so many strict reps will come: F(t), the running maximum of the chance that capacity reaches 1 + (n − 1)/k, week by week from
 * today; form of the day and errors of set-ups are not in it.
 */
final readonly class Forecast
{
    public const TARGETS = [1, 3, 5, 8, 10];

    /** In these a strict rep is a rep of bodyweight. */
    public const PATTERNS = [Pattern::Pull, Pattern::Chin];

    /** The weeks a chance is told for. */
    public const HORIZONS = [4, 8, 12, 26];

    private const EVEN = 0.5;

    /** With capacity less sure than this, in log, another set tells more than another week. */
    private const UNSURE = 0.08;

    /** A trend under this, in log capacity a week, leads nowhere within a year. */
    private const FLAT = 0.0005;

    /** @param  array<int, float>  $reached  F by weeks from today */
    private function __construct(private CapacityState $today, public int $reps, public array $reached, public bool $wasDone)
    {
    }

    /** @param  bool  $wasDone  whether the log holds so many strict reps */
    public static function of(Ahead $ahead, int $reps, bool $wasDone = false): self
    {
        $most = 0.0;
        $reached = [];
        foreach (range(0, Ahead::WEEKS) as $week) {
            $reached[] = $most = max($most, $ahead->chance($week, $reps));
        }

        return new self($ahead->today(), $reps, $reached, $wasDone);
    }

    public function verdict(): ForecastVerdict
    {
        return match (true) {
            $this->wasDone => ForecastVerdict::Reached,
            $this->reached[0] >= self::EVEN => ForecastVerdict::TestNow,
            $this->reached[Ahead::WEEKS] < self::EVEN => ForecastVerdict::NotForeseeable,
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
        return array_map($this->within(...), range(0, Ahead::WEEKS));
    }

    /** The first of the numbers foretold that is more than so many reps; none past the last. */
    public static function targetBeyond(int $reps): ?int
    {
        return array_values(array_filter(self::TARGETS, static fn (int $target): bool => $target > $reps))[0] ?? null;
    }

    /** Weeks until F reaches a chance, between weeks in a straight line; none within the year. */
    public function weeksUntil(float $chance): ?float
    {
        return self::crossing($this->reached, $chance);
    }

    /** Weeks until the chance that it has come, given that it has not yet, reaches one; likewise. */
    public function weeksFromNow(float $chance): ?float
    {
        return $this->wasDone ? null : self::crossing($this->chances(), $chance);
    }

    /** @param  array<int, float>  $rising  by weeks */
    private static function crossing(array $rising, float $chance): ?float
    {
        $before = null;
        foreach ($rising as $week => $reached) {
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
}
