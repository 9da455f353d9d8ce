<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\CapacityRecord;
use App\Models\GymKit;
use App\Models\LoggedSet;
use App\Models\Purpose;
use SteadyRung\Call\SessionResult;
use SteadyRung\Call\Situation;
use SteadyRung\Call\Standard;
use SteadyRung\Ladder\Lane;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Ladder\SameOnBars;
use SteadyRung\Ladder\Steps;
use SteadyRung\Strength\RepCurve;

/**
 * The one place where what is known of an athlete becomes the situation a call is made from.
 */
final readonly class BuildSituation
{
    private const LATEST_SETS = 80;

    private const LATEST_SESSIONS = 8;

    public function __construct(private GymKit $kit)
    {
    }

    /** Null while the athlete has no set-up that this kit can build and that fits; pain needs none. */
    public function of(Athlete $athlete): ?Situation
    {
        $search = new RungSearch($this->kit->inUse());
        $rung = $search->standing($athlete->chosen, $athlete->toCore());
        if (! $rung instanceof Rung && $athlete->pain !== null) {
            $rung = $search->strict($athlete->toCore());
        }
        if (! $rung instanceof Rung) {
            return null;
        }

        return new Situation(
            Steps::around($rung, $search, $athlete->toCore()),
            $this->sessions($athlete, $rung),
            CapacityRecord::latest($athlete->id, $rung->lane()->pattern()),
            $athlete->pain,
            RepCurve::steady(),
            $rung->lane() === Lane::Lower ? Standard::lowering() : new Standard,
        );
    }

    /**
     * The latest sessions that had work on the rung, back to the first that had none, oldest first.
     *
     * @return list<SessionResult>
     */
    private function sessions(Athlete $athlete, Rung $rung): array
    {
        $byDay = [];
        $sets = LoggedSet::standing($athlete->id)->where('purpose', Purpose::Work)->whereNotNull('clean_reps')
            ->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id')->limit(self::LATEST_SETS)->get();
        foreach ($sets as $set) {
            $byDay[$set->trained_on] ??= [];
            if (self::isOn($set, $rung)) {
                array_unshift($byDay[$set->trained_on], (int) $set->clean_reps);
            }
        }
        $sessions = [];
        foreach (array_slice($byDay, 0, self::LATEST_SESSIONS, true) as $day => $counts) {
            if ($counts === []) {
                break;
            }
            array_unshift($sessions, new SessionResult((string) $day, $counts));
        }

        return $sessions;
    }

    /** The same bands in the same place; another bar counts where it hardly changes the load. */
    private static function isOn(LoggedSet $set, Rung $rung): bool
    {
        $choice = $set->choice;

        return $choice !== null
            && SameOnBars::work($choice) === SameOnBars::work($rung->choice)
            && ($choice->key() === $rung->choice->key() || abs((float) $set->carried_share - $rung->share()) < Steps::SMALLEST);
    }
}
