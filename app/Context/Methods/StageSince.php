<?php

declare(strict_types=1);

namespace App\Context\Methods;

use App\Context\Gym\GymDay;
use App\Context\Log\StoredPast;
use App\Formats\Day;
use App\Models\Athletes\Athlete;

/**
 * Since when an athlete stands at their stage: of whoever was never moved since their first set, and of whoever did none since today.
 */
final readonly class StageSince
{
    public function __construct(private GymDay $days)
    {
    }

    public function of(Athlete $athlete): string
    {
        if ($athlete->stage_since !== null) {
            return $athlete->stage_since;
        }
        $begun = (new StoredPast($athlete->id))->begun();

        return $begun === null ? $this->days->today() : Day::date($begun);
    }
}
