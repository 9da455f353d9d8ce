<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Strength\Filter\TimeStep;

/**
 * Days on which nobody trains: the gym is closed, or the athlete is away.
 */
final readonly class TimeOff
{
    private const DAYS_A_WEEK = 7;

    /** A week of more days off is no trained one. */
    private const MOST_OFF = 3;

    /** @param  list<array{int, int}>  $spans  first and last day */
    public function __construct(private array $spans = [])
    {
    }

    public function covers(int $day): bool
    {
        return $this->endOf($day) !== null;
    }

    /** The first day from one on that is not off. */
    public function after(int $day): int
    {
        while (($ends = $this->endOf($day)) !== null) {
            $day = $ends + 1;
        }

        return $day;
    }

    /**
     * Of the weeks from a day on, how many will have been trained by the end of each, and what longer breaks in them cost of log capacity.
     *
     * @return non-empty-list<array{int, float}>
     */
    public function trained(int $today, int $weeks): array
    {
        $by = [[0, 0.0]];
        $trained = $idle = 0;
        $lost = 0.0;
        for ($week = 0; $week < $weeks; $week++) {
            $from = $today + self::DAYS_A_WEEK * $week;
            $off = count(array_filter(range($from, $from + self::DAYS_A_WEEK - 1), $this->covers(...)));
            if ($off > self::MOST_OFF) {
                $idle++;
                $lost += TimeStep::lostIn((float) $idle) - TimeStep::lostIn($idle - 1.0);
            } else {
                $trained++;
                $idle = 0;
            }
            $by[] = [$trained, $lost];
        }

        return $by;
    }

    /** The last day of the time off that a day is in. */
    private function endOf(int $day): ?int
    {
        foreach ($this->spans as [$from, $to]) {
            if ($day >= $from && $day <= $to) {
                return $to;
            }
        }

        return null;
    }
}
