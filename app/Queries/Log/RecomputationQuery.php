<?php

declare(strict_types=1);

namespace App\Queries\Log;

use App\Context\Log\OutdatedSets;
use App\Models\Athletes\Athlete;
use App\Models\Kit\Band;
use App\Models\Log\LoggedSet;
use App\Models\Log\Recomputation;
use App\Responses\Log\OutdatedSetsResponse;
use App\Responses\Log\RecomputationResponse;
use Illuminate\Database\Eloquent\Builder;

/**
 * Which sets a correction touches, and what became of the last order to compute them again.
 */
final class RecomputationQuery
{
    public function ofAthlete(Athlete $athlete): OutdatedSetsResponse
    {
        return self::about(OutdatedSets::ofAthlete($athlete->id), 'athlete_id', $athlete->id);
    }

    public function ofBand(Band $band): OutdatedSetsResponse
    {
        return self::about(OutdatedSets::ofBand($band), 'band_id', $band->id);
    }

    /** @param  Builder<LoggedSet>  $sets */
    private static function about(Builder $sets, string $column, string $id): OutdatedSetsResponse
    {
        /** @var object{sets: int, athletes: int, since: string|null, until: string|null} $count */
        $count = $sets->toBase()
            ->selectRaw('count(*) AS sets, count(DISTINCT athlete_id) AS athletes, min(trained_on) AS since, max(trained_on) AS until')
            ->first();
        $last = Recomputation::query()->where($column, $id)->orderByDesc('made_at')->first();
        $undoing = $last === null ? null : Recomputation::query()->where('undoes_id', $last->id)->first();
        $shown = $undoing ?? $last;

        return new OutdatedSetsResponse(
            $count->sets,
            $count->athletes,
            $count->since,
            $count->until,
            $shown === null ? null : RecomputationResponse::of($shown),
        );
    }
}
