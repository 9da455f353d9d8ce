<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

/**
 * The tries and tests of strict reps within a year, and when the next one is due.
 */
final readonly class Tries
{
    public const YEAR_DAYS = 365;

    /** Nobody is asked more often within a year (ours). */
    public const MOST_A_YEAR = 20;

    /** @param  list<array{int, bool}>  $made  day, and whether a rep was done, the oldest first */
    public function __construct(private array $made = [])
    {
    }

    public function with(int $day, bool $done): self
    {
        return new self([...$this->made, [$day, $done]]);
    }

    public function daysSinceLast(int $today): ?int
    {
        return $this->made === [] ? null : $today - $this->made[count($this->made) - 1][0];
    }

    /** Of a first rep of this chance. */
    public function isDue(float $chance, TryPace $pace, int $today): bool
    {
        $apart = $pace->daysApart($chance, $this->missesRunning());
        $since = $this->daysSinceLast($today);

        return $apart !== null && ($since === null || $since >= $apart) && $this->withinYear($today) < self::MOST_A_YEAR;
    }

    public function missesRunning(): int
    {
        $misses = 0;
        foreach (array_reverse($this->made) as [, $done]) {
            if ($done) {
                break;
            }
            $misses++;
        }

        return $misses;
    }

    private function withinYear(int $today): int
    {
        return count(array_filter($this->made, static fn (array $try): bool => $today - $try[0] < self::YEAR_DAYS));
    }
}
