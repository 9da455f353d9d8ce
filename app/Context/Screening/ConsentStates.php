<?php

declare(strict_types=1);

namespace App\Context\Screening;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Consent\ConsentRecord;
use SteadyRung\Safety\Consent\ConsentRule;
use SteadyRung\Safety\Consent\ConsentState;

/**
 * Whether athletes agree to what is kept of their health, by what their gym asks.
 */
final readonly class ConsentStates
{
    public function __construct(private CurrentGym $gym, private GymDay $days)
    {
    }

    /**
     * @param  list<string>  $athleteIds
     * @return array<string, ConsentState> by athlete; none of them where the gym does not ask
     */
    public function of(array $athleteIds): array
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

    /** Whether the gym keeps answers of an athlete only once somebody agreed, and nobody did. */
    public function isMissing(string $athleteId): bool
    {
        return $this->gym->gym()->consent === ConsentRule::Required && ! $this->of([$athleteId])[$athleteId]->stands();
    }
}
