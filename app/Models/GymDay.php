<?php

declare(strict_types=1);

namespace App\Models;

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
        $timezone = Gym::query()->findOrFail($this->gym->id())->timezone;

        return $moment->setTimezone(new \DateTimeZone($timezone))->format('Y-m-d');
    }

    public function today(): string
    {
        return $this->of($this->clock->now());
    }
}
