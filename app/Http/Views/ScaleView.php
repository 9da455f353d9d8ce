<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Http\Resources\MisfitResource;
use App\Http\Resources\ScaleResource;
use App\Http\Resources\ScaleRung;
use App\Models\Athlete;
use App\Models\Band;
use App\Models\CapacityRecord;
use App\Models\GymKit;
use SteadyRung\Ladder\Lane;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Ladder\SameOnBars;
use SteadyRung\Strength\Pattern;

/**
 * Puts the upright scale of one athlete together.
 */
final readonly class ScaleView
{
    public function __construct(private GymKit $kit)
    {
    }

    public function of(Athlete $athlete, ?string $bandId): ScaleResource
    {
        $kit = $this->kit->inUse();
        $band = $bandId === null ? null : Band::query()->whereNull('retired_at')->findOrFail($bandId)->toCore();
        $search = new RungSearch($band === null ? $kit : $kit->onlyBand($band));
        $capacity = CapacityRecord::latest($athlete->id, Pattern::Pull);
        $body = $athlete->toCore();
        $rungs = array_map(
            static fn (SameOnBars $same): ScaleRung => new ScaleRung(
                AthleteView::answer($same->rung, $capacity),
                $same->barNames($kit),
                $same->includes($athlete->chosen),
            ),
            SameOnBars::grouped($search->singles($body), $athlete->chosen),
        );
        $misfits = $bandId === null ? [] : array_map(
            static fn (array $misfit): MisfitResource => new MisfitResource($misfit[0], $misfit[1]->reason),
            $search->misfits($body),
        );

        return new ScaleResource($rungs, $misfits);
    }

    /** All of a lane that holds few set-ups. */
    public function lane(Athlete $athlete, Lane $lane): ScaleResource
    {
        $capacity = CapacityRecord::latest($athlete->id, $lane->pattern());

        return new ScaleResource(array_map(
            static fn (Rung $rung): ScaleRung => new ScaleRung(AthleteView::answer($rung, $capacity), [], $athlete->chosen?->key() === $rung->choice->key()),
            (new RungSearch($this->kit->inUse()))->lane($lane, $athlete->toCore()),
        ), []);
    }
}
