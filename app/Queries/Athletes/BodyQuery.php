<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

use App\Formats\Json\Setups\ProportionJson;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Responses\Athletes\BodyResponse;
use App\Responses\Athletes\WeighingResponse;

/**
 * Puts an athlete's body together.
 */
final readonly class BodyQuery
{
    /** Two years of a weighing a week. */
    private const MOST_WEIGHINGS = 104;

    public function of(Athlete $athlete): BodyResponse
    {
        $body = $athlete->toCore();
        $weighings = Weighing::latestFirst($athlete->id)->limit(self::MOST_WEIGHINGS)->get();

        return new BodyResponse(
            athlete_id: $athlete->id,
            name: $athlete->name,
            mass_kg: $body->massKg,
            stature_m: $body->statureM,
            reach_m: $body->reachM,
            reach_source: $body->reachSource,
            reach_sd_m: $body->reachSdM(),
            proportions: array_map(ProportionJson::of(...), $body->proportions()),
            weighings: array_values($weighings->map(static fn (Weighing $w): WeighingResponse => WeighingResponse::of($w))->all()),
        );
    }
}
