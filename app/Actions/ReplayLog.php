<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use Illuminate\Database\ConnectionInterface;

/**
 * Rebuilds everything stored that follows from the log.
 */
final readonly class ReplayLog
{
    private const BEFORE_ALL = '0001-01-01';

    public function __construct(private ConnectionInterface $db, private RefreshAthlete $refresh)
    {
    }

    /** Returns how many athletes were replayed. */
    public function ofGym(): int
    {
        $count = 0;
        foreach (Athlete::query()->orderBy('id')->lazyById(100) as $athlete) {
            $this->db->transaction(function () use ($athlete): void {
                $this->refresh->from(Athlete::query()->lockForUpdate()->whereKey($athlete->id)->firstOrFail(), self::BEFORE_ALL);
            });
            $count++;
        }

        return $count;
    }
}
