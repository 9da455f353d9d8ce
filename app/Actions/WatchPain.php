<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\LoggedSet;
use App\Models\PausingPain;

/**
 * Keeps whether pulling is paused.
 */
final class WatchPain
{
    public function of(Athlete $athlete): void
    {
        $told = PausingPain::of($athlete->id);
        $athlete->fill([
            'pain' => $told?->pain,
            'paused_at' => $told instanceof LoggedSet ? $told->performed_at : $told?->told_at,
        ])->save();
    }
}
