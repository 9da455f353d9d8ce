<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\Clearance;
use App\Models\LoggedSet;
use App\Models\PainReport;

/**
 * Keeps whether pulling is paused: pain told since the last clearing note, whatever became of the set it was told with.
 */
final class WatchPain
{
    public function of(Athlete $athlete): void
    {
        $clearedAt = Clearance::latestOf($athlete->id)?->cleared_at;
        $set = LoggedSet::painTold($athlete->id, $clearedAt)->orderByDesc('pain_told_at')->orderByDesc('id')->first();
        $report = PainReport::latestOf($athlete->id, $clearedAt);
        $bySet = $set !== null && ($report === null || $set->pain_told_at > $report->told_at);
        $athlete->fill([
            'pain' => $bySet ? $set->pain : $report?->pain,
            'paused_at' => $bySet ? $set->performed_at : $report?->told_at,
        ])->save();
    }
}
