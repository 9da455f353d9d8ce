<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;

/**
 * Everything that follows from an athlete's log, from a day on.
 */
final readonly class RefreshAthlete
{
    public function __construct(
        private FollowCapacity $capacity,
        private WatchPain $pain,
        private MakeCall $calls,
    ) {
    }

    public function from(Athlete $athlete, string $day): void
    {
        $this->capacity->from($athlete, $day);
        $this->pain->of($athlete);
        $this->calls->for($athlete);
    }
}
