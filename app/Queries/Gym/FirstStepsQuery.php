<?php

declare(strict_types=1);

namespace App\Queries\Gym;

use App\Context\Kit\GymKit;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use App\Responses\Gym\FirstAthleteResponse;
use App\Responses\Gym\FirstStepsResponse;
use App\Responses\Gym\UsualBandResponse;
use SteadyRung\Kit\UsualGear;
use SteadyRung\Plan\Diary\Purpose;

/**
 * How far a new gym is.
 */
final readonly class FirstStepsQuery
{
    public function __construct(private GymKit $kit)
    {
    }

    public function state(): FirstStepsResponse
    {
        $kit = $this->kit->inUse();
        $first = Athlete::query()->whereNull('archived_at')->orderBy('created_at')->orderBy('id')->first(['id', 'name', 'screened_at']);

        return new FirstStepsResponse(
            gear: $kit->bars !== [] && [...$kit->bands, ...$kit->boxes, ...$kit->ringPairs, ...$kit->machines] !== [],
            athlete: $first === null ? null : new FirstAthleteResponse($first->id, $first->name),
            screened: Athlete::query()->whereNotNull('screened_at')->exists(),
            baseline: CapacityRecord::query()->exists(),
            session: LoggedSet::query()->where('purpose', Purpose::Work)->exists(),
            bars_m: UsualGear::BARS_M,
            boxes_m: UsualGear::BOXES_M,
            bands: array_map(UsualBandResponse::of(...), UsualGear::bands()),
        );
    }
}
