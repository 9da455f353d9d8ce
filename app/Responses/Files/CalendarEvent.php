<?php

declare(strict_types=1);

namespace App\Responses\Files;

/**
 * Something held at an hour, or on a day where nobody settled an hour; every week where it says so.
 */
final readonly class CalendarEvent
{
    /**
     * @param  string  $uid  the same whenever it is read
     * @param  \DateTimeImmutable  $starts  where the gym is
     * @param  int|null  $minutes  none: all day
     * @param  \DateTimeImmutable|null  $until  the last moment a weekly one may begin
     * @param  list<\DateTimeImmutable>  $except  when a weekly one is not held
     */
    public function __construct(
        public string $uid,
        public string $summary,
        public string $description,
        public \DateTimeImmutable $starts,
        public ?int $minutes,
        public bool $isWeekly = false,
        public ?\DateTimeImmutable $until = null,
        public array $except = [],
    ) {
    }
}
