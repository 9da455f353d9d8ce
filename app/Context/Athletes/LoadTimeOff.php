<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Formats\Day;
use App\Models\Sessions\TimeOffRecord;
use SteadyRung\Plan\Diary\TimeOff;

/**
 * When an athlete does not train: what was told of them and of their gym that is not over by a day.
 */
final class LoadTimeOff
{
    public function of(string $athleteId, int $today): TimeOff
    {
        return new TimeOff(array_values(
            TimeOffRecord::ahead($athleteId, Day::date($today))->get()->map(
                static fn (TimeOffRecord $t): array => [Day::number($t->from_on), Day::number($t->to_on)],
            )->all(),
        ));
    }
}
