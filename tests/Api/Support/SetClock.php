<?php

declare(strict_types=1);

namespace Tests\Api\Support;

use Psr\Clock\ClockInterface;

/**
 * A clock that shows what it is set to.
 */
final class SetClock implements ClockInterface
{
    public function __construct(private \DateTimeImmutable $now)
    {
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }

    public function set(string $moment): void
    {
        $this->now = new \DateTimeImmutable($moment);
    }

    public function passSeconds(int $seconds): void
    {
        $this->now = $this->now->modify("+$seconds seconds");
    }
}
