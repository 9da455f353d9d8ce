<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * When and where a set begins.
 */
final readonly class Slot
{
    public function __construct(public string $athlete, public string $set, public int $startS, public string $station)
    {
    }
}
