<?php

declare(strict_types=1);

namespace App\Queries\Consent;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Consent\ConsentRecord;
use App\Models\Gym\User;
use App\Responses\Consent\ConsentResponse;

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
        $latest = ConsentRecord::latest($athlete->id);
        $coach = $latest === null ? null : User::query()->find($latest->user_id, ['name']);

        return ConsentResponse::of($latest, $this->days->today(), $this->gym->gym()->consentWords(), $coach?->name);
    }
}
