<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\Clearance;
use App\Models\LoggedSet;

/**
 * Keeps whether pulling is paused: pain reported since the last clearance.
 */
final class WatchPain
{
    public function of(Athlete $athlete): void
    {
        $clearedAt = Clearance::query()->where('athlete_id', $athlete->id)->max('cleared_at');
        $painful = LoggedSet::standing($athlete->id)->whereNotNull('pain')
            ->when($clearedAt !== null, static fn ($q) => $q->where('logged_at', '>', $clearedAt))
            ->orderByDesc('performed_at')->orderByDesc('id')->first();
        $athlete->fill(['pain' => $painful?->pain, 'paused_at' => $painful?->performed_at])->save();
    }
}
