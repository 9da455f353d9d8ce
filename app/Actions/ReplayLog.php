<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athletes\Athlete;

/**
 * Rebuilds everything stored that follows from the log.
 */
final readonly class ReplayLog
{
    private const BEFORE_ALL = '0001-01-01';

    public function __construct(private LockAthlete $athletes, private RefreshAthlete $refresh)
    {
    }

    /** Returns how many athletes were replayed. */
    public function ofGym(): int
    {
        $count = 0;
        foreach (Athlete::query()->orderBy('id')->lazyById(100) as $athlete) {
            $this->athletes->quietly($athlete->id, function (Athlete $held): void {
                RecalculateDue::done($held);
                $this->refresh->from($held, self::BEFORE_ALL);
            });
            $count++;
        }

        return $count;
    }
}
