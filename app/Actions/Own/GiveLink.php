<?php

declare(strict_types=1);

namespace App\Actions\Own;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Context\Gym\GymDay;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteLink;
use App\Models\Gym\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Gives an athlete a link to their own page, in the place of the one before; or ends it.
 */
final readonly class GiveLink
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private GymDay $days,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<AthleteLink>
     *
     * @throws Problem if the id holds another link
     */
    public function give(Athlete $athlete, User $coach, LinkGiven $given): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $given): Inserted {
            $known = AthleteLink::query()->whereKey($given->id)->exists();
            $known || $this->endStanding($athlete);

            return $this->storeOnce->store(new AthleteLink([
                'id' => $given->id,
                'athlete_id' => $athlete->id,
                'user_id' => $coach->id,
                'made_at' => $this->clock->now(),
                'last_on' => Day::date(Day::number($this->days->today()) + $given->days),
            ]), $given, ['athlete' => $athlete->id]);
        });
    }

    public function end(Athlete $athlete): void
    {
        $this->athletes->during($athlete->id, $this->endStanding(...));
    }

    private function endStanding(Athlete $athlete): void
    {
        AthleteLink::query()->where('athlete_id', $athlete->id)->whereNull('ended_at')->update(['ended_at' => $this->clock->now()]);
    }
}
