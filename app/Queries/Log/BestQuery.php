<?php

declare(strict_types=1);

namespace App\Queries\Log;

use App\Context\Gym\GymDay;
use App\Models\Log\LoggedSet;
use App\Responses\Log\BestResponse;
use SteadyRung\Plan\Diary\Purpose;

/**
 * What an athlete did best on each set-up: the most clean reps, hardest set-ups first, and the longest dead hang.
 */
final readonly class BestQuery
{
    private const MOST = 6;

    private const LOOK_BACK_DAYS = 730;

    private const COLUMNS = ['gym_id', 'id', 'setup_key', 'setup_name', 'carried_share', 'clean_reps', 'hang_s', 'trained_on'];

    public function __construct(private GymDay $days)
    {
    }

    /**
     * @param  string|null  $from  only of this day and later
     * @return list<BestResponse>
     */
    public function of(string $athleteId, ?string $from = null): array
    {
        $seen = LoggedSet::standing($athleteId)->where('purpose', '<>', Purpose::Home)
            ->where('trained_on', '>=', max($from ?? '', $this->days->daysAgo(self::LOOK_BACK_DAYS)));
        $best = (clone $seen)->whereNotNull('setup_key')->where('clean_reps', '>=', 1)
            ->selectRaw('DISTINCT ON (setup_key) '.implode(', ', self::COLUMNS))
            ->orderBy('setup_key')->orderByDesc('clean_reps')->orderBy('trained_on');
        $hardest = LoggedSet::query();
        $hardest->fromSub($best, 'logged_sets')->orderByDesc('carried_share')->orderBy('setup_key')->limit(self::MOST);
        $hang = $seen->whereNull('exercise')->whereNotNull('hang_s')->orderByDesc('hang_s')->orderBy('trained_on')->first(self::COLUMNS);

        return array_map(BestResponse::of(...), [...array_values($hardest->get()->all()), ...array_filter([$hang])]);
    }
}
