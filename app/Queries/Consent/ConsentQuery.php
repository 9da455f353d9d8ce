<?php

declare(strict_types=1);

namespace App\Queries\Consent;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Consent\ConsentRecord;
use App\Models\Gym\User;
use App\Responses\Consent\ConsentResponse;
use SteadyRung\Safety\Consent\ConsentRule;
use SteadyRung\Safety\Consent\ConsentState;

/**
 * Who agreed to what.
 */
final readonly class ConsentQuery
{
    public function __construct(private CurrentGym $gym, private GymDay $days)
    {
    }

    public function of(Athlete $athlete): ConsentResponse
    {
        $latest = ConsentRecord::latestOf([$athlete->id])[$athlete->id] ?? null;
        $coach = $latest === null ? null : User::query()->find($latest->user_id, ['name']);

        return ConsentResponse::of($latest, $this->days->today(), $this->gym->gym()->consentWords(), $coach?->name);
    }

    /**
     * @param  list<string>  $athleteIds
     * @return array<string, ConsentState> by athlete; none of them where the gym does not ask
     */
    public function statesOf(array $athleteIds): array
    {
        $gym = $this->gym->gym();
        if ($gym->consent === ConsentRule::NotAsked) {
            return [];
        }
        $latest = ConsentRecord::latestOf($athleteIds);
        $states = [];
        foreach ($athleteIds as $id) {
            $states[$id] = ConsentRecord::state($latest[$id] ?? null, $this->days->today(), $gym->consentWords());
        }

        return $states;
    }
}
