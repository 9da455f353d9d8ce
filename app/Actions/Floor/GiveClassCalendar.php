<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;

/**
 * Gives out the address of the classes' calendar, or ends it; one stands at a time.
 */
final readonly class GiveClassCalendar
{
    public function __construct(private CurrentGym $gym)
    {
    }

    public function give(CalendarGiven $given): void
    {
        $this->settle($given->id);
    }

    public function end(): void
    {
        $this->settle(null);
    }

    private function settle(?string $id): void
    {
        $gym = Gym::query()->findOrFail($this->gym->id());
        $gym->fill(['calendar_id' => $id])->save();
        $this->gym->enter($gym);
    }
}
