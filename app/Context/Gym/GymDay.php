<?php

declare(strict_types=1);

namespace App\Context\Gym;

use App\Formats\Day;
use Psr\Clock\ClockInterface;

/**
 * Calendar days where the gym is.
 */
final readonly class GymDay
{
    public function __construct(private CurrentGym $gym, private ClockInterface $clock)
    {
    }

    public function of(\DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new \DateTimeZone($this->gym->timezone()))->format('Y-m-d');
    }

    public function startOfToday(): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->today().' 00:00', new \DateTimeZone($this->gym->timezone()));
    }

    public function today(): string
    {
        return $this->of($this->clock->now());
    }

    /** The beginning of the day so many years before today. */
    public function yearsAgo(int $years): \DateTimeImmutable
    {
        return $this->startOfToday()->modify("-$years years");
    }

    public function daysAgo(int $days): string
    {
        return Day::date(Day::number($this->today()) - $days);
    }
}
