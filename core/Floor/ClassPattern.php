<?php

declare(strict_types=1);

namespace SteadyRung\Floor;

use SteadyRung\OutOfRange;
use SteadyRung\Plan\Diary\TimeOff;
use SteadyRung\Plan\Diary\Week;

/**
 * The days on which a class is held: once, or every week on the weekday of the first, until it ends.
 */
final readonly class ClassPattern
{
    public const MINUTES = [15.0, 240.0];

    private const DAYS_A_WEEK = 7;

    private function __construct(public int $firstOn, public int $minutes, public bool $isWeekly, public ?int $lastOn)
    {
    }

    /** @throws OutOfRange if it is shorter or longer than a class can be */
    public static function of(int $firstOn, int $minutes, bool $isWeekly, ?int $lastOn = null): self
    {
        OutOfRange::guard(['minutes' => [$minutes, self::MINUTES]]);

        return new self($firstOn, $minutes, $isWeekly, $isWeekly ? $lastOn : min($firstOn, $lastOn ?? $firstOn));
    }

    public function isOn(int $day): bool
    {
        return $day >= $this->firstOn && $day <= ($this->lastOn ?? $day) && ($day - $this->firstOn) % self::DAYS_A_WEEK === 0;
    }

    /**
     * The next days from one on, those of the gym's time off left out.
     *
     * @return list<int> at most so many, in order
     */
    public function next(int $from, int $most, TimeOff $off = new TimeOff): array
    {
        $days = [];
        $day = max($this->firstOn, $from + (Week::weekday($this->firstOn) - Week::weekday($from) + self::DAYS_A_WEEK) % self::DAYS_A_WEEK);
        for ($looked = 0; $looked < 4 * $most && count($days) < $most && $this->isOn($day); $looked++, $day += self::DAYS_A_WEEK) {
            if (! $off->covers($day)) {
                $days[] = $day;
            }
        }

        return $days;
    }
}
