<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Http\Resources\MisfitResource;
use App\Http\Resources\ScaleResource;
use App\Http\Resources\ScaleRung;
use App\Http\Resources\WhyResource;
use App\Models\Athlete;
use App\Models\Band;
use App\Models\CapacityRecord;
use App\Models\GymKit;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Ladder\SameOnBars;
use SteadyRung\Ladder\UnknownGear;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\RepCurve;

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
        $bands = $bandId === null ? $kit->bands : [Band::query()->whereNull('retired_at')->findOrFail($bandId)->toCore()];
        $search = new RungSearch($kit->withBands($bands));
        $capacity = CapacityRecord::pullOf($athlete->id)->orderByDesc('trained_on')->first()?->toCore();
        $body = $athlete->toCore();
        $rungs = array_map(
            static fn (SameOnBars $same): ScaleRung => new ScaleRung(
                AthleteView::answer($same->rung, $capacity),
                $same->barNames($kit),
                $same->includes($athlete->chosen),
            ),
            SameOnBars::grouped($search->singles($body), $athlete->chosen),
        );
        $misfits = [];
        foreach ($bandId === null ? [] : $bands as $band) {
            foreach ($search->misfits($band, $body) as [$name, $no]) {
                $misfits[] = new MisfitResource($name, $no->reason);
            }
        }

        return new ScaleResource($rungs, $misfits);
    }

    public function why(Athlete $athlete, Choice $choice): WhyResource
    {
        $body = $athlete->toCore();
        try {
            $rung = (new RungSearch($this->kit->inUse()))->rung($choice, $body);
        } catch (UnknownGear $error) {
            throw new Problem(ProblemCode::NotFound, $error->getMessage());
        }
        if ($rung instanceof DoesNotFit) {
            throw new Problem(ProblemCode::DoesNotFit, $rung->reason);
        }
        $capacity = CapacityRecord::pullOf($athlete->id)->orderByDesc('trained_on')->first()?->toCore();
        $why = $rung->setup->why($body);

        return WhyResource::of($rung->name, $capacity === null ? $why : $why->then($rung->predict(RepCurve::steady(), $capacity)->why()));
    }
}
