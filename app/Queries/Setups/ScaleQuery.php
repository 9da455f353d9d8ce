<?php

declare(strict_types=1);

namespace App\Queries\Setups;

use App\Context\Athletes\LoadEstimate;
use App\Context\Kit\GymKit;
use App\Context\Setups\FindLadderPath;
use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Ladder\ScaleJson;
use App\Formats\Json\Ladder\ScaleRungJson;
use App\Formats\Json\Setups\NamedMisfitJson;
use App\Models\Athletes\Athlete;
use App\Models\Kit\Band;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Search\SameOnBars;

/**
 * Puts the upright scale of one athlete together.
 */
final readonly class ScaleQuery
{
    public function __construct(private GymKit $kit, private FindLadderPath $ways, private LoadEstimate $estimates)
    {
    }

    public function of(Athlete $athlete, ?string $bandId): ScaleJson
    {
        $kit = $this->kit->inUse();
        $band = $bandId === null ? null : Band::query()->whereNull('retired_at')->findOrFail($bandId)->toCore();
        $search = new RungSearch($band === null ? $kit : $kit->onlyBand($band), $athlete->limits());
        $estimate = $this->estimates->of($athlete->id, Pattern::Pull);
        $body = $athlete->toCore();
        $rungs = array_map(
            static fn (SameOnBars $same): ScaleRungJson => new ScaleRungJson(
                RungJson::estimated($same->rung, $estimate),
                $same->barNames($kit),
                $same->includes($athlete->chosen),
            ),
            SameOnBars::grouped($search->singles($body), $athlete->chosen),
        );
        $misfits = $bandId === null ? [] : array_map(
            static fn (array $misfit): NamedMisfitJson => new NamedMisfitJson($misfit[0], $misfit[1]->reason),
            $search->misfits($body),
        );

        return new ScaleJson($rungs, $misfits);
    }

    /** All of a lane that holds few set-ups. */
    public function lane(Athlete $athlete, Lane $lane): ScaleJson
    {
        $estimate = $this->estimates->of($athlete->id, $lane->pattern() ?? Pattern::Pull);

        return new ScaleJson(array_map(
            static fn (Rung $rung): ScaleRungJson => new ScaleRungJson(
                RungJson::estimated($rung, $estimate),
                [],
                $athlete->chosen?->key() === $rung->key(),
            ),
            $lane === Lane::Seconds
                ? $this->ways->search($athlete)->timed($athlete->toCore())
                : $this->ways->search($athlete)->lane($lane, $athlete->toCore()),
        ), []);
    }

    /**
     * What a coach can put the athlete on instead: the rungs of the ladder and the one below, then the single bands and weights that hold.
     */
    public function instead(Athlete $athlete): ScaleJson
    {
        $body = $athlete->toCore();
        $now = $this->ways->standing($athlete);
        $lane = $now instanceof Rung ? $now->lane() : Lane::Pull;
        $estimate = $this->estimates->of($athlete->id, $lane->pattern());
        $now = $now instanceof Rung ? $now : null;
        $way = $this->ways->way($athlete, $lane, $now, $estimate);
        $others = $lane === Lane::Pull
            ? $this->ways->search($athlete)->singles($body, $now?->exercise)
            : ($now === null ? [] : $this->ways->search($athlete)->near($now, $body));
        $byKey = [];
        foreach (
            [
                ...array_filter([$now, $way->below]),
                ...$way->rungs,
                ...array_filter($others, static fn (Rung $r): bool => $r->holds()),
            ] as $rung
        ) {
            $byKey[$rung->exercise->work().'|'.round($rung->share(), 6)] ??= $rung;
        }
        usort($byKey, static fn (Rung $a, Rung $b): int => $a->share() <=> $b->share());

        return new ScaleJson(array_map(
            static fn (Rung $rung): ScaleRungJson => new ScaleRungJson(
                RungJson::estimated($rung, $estimate),
                [],
                $athlete->chosen?->key() === $rung->key(),
            ),
            $byKey,
        ), []);
    }
}
