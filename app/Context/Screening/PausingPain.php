<?php

declare(strict_types=1);

namespace App\Context\Screening;

use App\Models\Log\LoggedSet;
use App\Models\Screening\Clearance;
use App\Models\Screening\PainReport;

/**
 * The pain that pulling is paused for: the latest told since the last clearing note and not undone, whatever became of the set it was
 * told with.
 */
final class PausingPain
{
    public static function of(string $athleteId): LoggedSet|PainReport|null
    {
        $clearedAt = Clearance::latestOf($athleteId)?->cleared_at;
        $set = LoggedSet::painTold($athleteId, $clearedAt)->orderByDesc('pain_told_at')->orderByDesc('id')->first();
        $report = PainReport::latestOf($athleteId, $clearedAt);

        return $set !== null && ($report === null || $set->pain_told_at > $report->told_at) ? $set : $report;
    }
}
