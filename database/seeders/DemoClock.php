<?php

declare(strict_types=1);

namespace Database\Seeders;

use Psr\Clock\ClockInterface;

/**
 * The clock of the demo's history: it shows what it is set to.
 */
final class DemoClock implements ClockInterface
{
    public function __construct(private \DateTimeImmutable $now)
    {
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }

    public function set(\DateTimeImmutable $now): void
    {
        $this->now = $now;
    }
}
