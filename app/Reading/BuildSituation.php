<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Athlete;
use App\Models\LoggedSet;
use SteadyRung\Call\SessionResult;
use SteadyRung\Call\Situation;
use SteadyRung\Call\Standard;
use SteadyRung\Exercise\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Plan\Purpose;

/**
 * The one place where what is known of an athlete becomes the situation a call is made from.
 */
final readonly class BuildSituation
{
    private const LATEST_SETS = 80;

    private const LATEST_SESSIONS = 8;

    public function __construct(private FindWay $ways, private Believed $believed)
    {
    }

    /** Null while the athlete has no set-up that this kit can build and that fits; pain needs none. */
    public function of(Athlete $athlete): ?Situation
    {
        $rung = $this->ways->standing($athlete);
        if (! $rung instanceof Rung && $athlete->pain !== null) {
            $rung = $this->ways->anything()->strict($athlete->toCore());
        }
        if (! $rung instanceof Rung) {
            return null;
        }
        $belief = $this->believed->of($athlete->id, $rung->exercise->pattern());

        return new Situation($this->ways->steps($rung, $athlete, $belief), $this->sessions($athlete, $rung), $belief, $athlete->pain, self::standard($rung));
    }

    public static function standard(?Rung $rung): Standard
    {
        return $rung?->lane() === Lane::Seconds ? Standard::lowering() : new Standard;
    }

    /**
     * The latest sessions that had work on the rung, back to the first that had none, oldest first. What ended a mixed set on it
     * was done tired: it neither counts nor breaks the row of sessions.
     *
     * @return list<SessionResult>
     */
    private function sessions(Athlete $athlete, Rung $rung): array
    {
        $byDay = $mixed = [];
        $sets = LoggedSet::standing($athlete->id)->where('purpose', Purpose::Work)->whereNotNull('clean_reps')
            ->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id')->limit(self::LATEST_SETS)
            ->toBase()->get(['trained_on', 'setup_key', 'work_key', 'carried_share', 'clean_reps', 'part_of']);
        foreach ($sets as $set) {
            $byDay[$set->trained_on] ??= [];
            if (self::isOn($set, $rung) && $set->part_of !== null) {
                $mixed[$set->trained_on] = true;
            } elseif (self::isOn($set, $rung)) {
                array_unshift($byDay[$set->trained_on], (int) $set->clean_reps);
            }
        }
        $sessions = [];
        foreach (array_slice($byDay, 0, self::LATEST_SESSIONS, true) as $day => $counts) {
            if ($counts !== []) {
                array_unshift($sessions, new SessionResult((string) $day, $counts));
            } elseif (! isset($mixed[$day])) {
                break;
            }
        }

        return $sessions;
    }

    /**
     * The same bands in the same place; another bar counts where it hardly changes the load.
     *
     * @param  \stdClass  $set of these columns
     */
    private static function isOn(\stdClass $set, Rung $rung): bool
    {
        return $set->work_key === $rung->exercise->work()
            && ($set->setup_key === $rung->key() || abs((float) $set->carried_share - $rung->share()) < Steps::SMALLEST);
    }
}
