<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Context\Screening\PausingPain;
use App\Models\Athletes\Athlete;
use App\Models\Log\LoggedSet;

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
