<?php

declare(strict_types=1);

namespace App\Queries\Log;

use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Log\LoggedSet;
use App\Responses\Log\LastTimeResponse;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Plan\Diary\Purpose;

/**
 * The last time an athlete was on a set-up.
 */
final readonly class LastTimeQuery
{
    private const LOOK_BACK_DAYS = 366;

    private const MOST_SETS = 20;

    public function __construct(private GymDay $days)
    {
    }

    public function of(Athlete $athlete, Exercise $exercise): LastTimeResponse
    {
        $sets = LoggedSet::standing($athlete->id)->where('setup_key', $exercise->key())->where('purpose', Purpose::Work)
            ->whereNull('part_of')->where('trained_on', '<', $this->days->today())
            ->where('trained_on', '>=', $this->days->daysAgo(self::LOOK_BACK_DAYS))
            ->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id')->limit(self::MOST_SETS)->get();
        $last = $sets->where('trained_on', $sets->first()?->trained_on)->reverse();

        return new LastTimeResponse(
            $last->first()?->trained_on,
            array_values($last->pluck('clean_reps')->whereNotNull()->all()),
            array_values($last->pluck('hang_s')->whereNotNull()->all()),
            $last->last()?->reserve,
        );
    }
}
