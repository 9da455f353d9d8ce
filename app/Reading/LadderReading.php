<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\LadderJson;
use App\Formats\Json\LadderRungJson;
use App\Formats\Json\RungJson;
use App\Models\Athlete;
use App\Models\LoggedSet;
use SteadyRung\Exercise\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\LadderStart;
use SteadyRung\Ladder\NearestReps;
use SteadyRung\Strength\Belief;

/**
 * Puts the steady ladder of an athlete together.
 */
final readonly class LadderReading
{
    public function __construct(private FindWay $ways, private Believed $believed)
    {
    }

    public function of(Athlete $athlete, Lane $lane, ?float $goalShare, ?int $mostRungs, bool $advice): LadderJson
    {
        $belief = $this->believed->of($athlete->id, $lane->pattern());
        $chosen = $this->ways->standing($athlete);
        $now = $chosen instanceof Rung && $chosen->lane() === $lane ? $chosen : null;
        $way = $this->ways->way($athlete, $lane, $now, $belief, $goalShare, $mostRungs, $advice);
        $answer = static fn (Rung $rung): RungJson => RungJson::believed($rung, $belief);
        $tried = $now === null ? $this->tried($athlete, $lane) : null;
        $start = $now === null && $belief->state !== null ? $this->start($way, $tried, $lane, $athlete, $belief) : null;

        return new LadderJson(
            $lane,
            $way->fromShare,
            $way->toShare,
            $now === null ? null : $answer($now),
            $way->below === null ? null : $answer($way->below),
            array_map(static fn (Rung $rung, float $step): LadderRungJson => new LadderRungJson($answer($rung), $step), $way->rungs, $way->stepsUp()),
            $way->largestStep,
            $way->largestStepTo(),
            $way->candidates,
            $way->reachesGoal,
            $way->advice,
            $tried === null ? null : $answer($tried),
            $start === null ? null : $answer($start),
        );
    }

    /** Where to begin in a lane, whatever is in use; none before a baseline. */
    public function startIn(Athlete $athlete, Lane $lane): ?RungJson
    {
        $belief = $this->believed->of($athlete->id, $lane->pattern());
        $way = $belief->state === null ? null : $this->ways->way($athlete, $lane, null, $belief);
        $start = $way === null ? null : $this->start($way, $this->tried($athlete, $lane), $lane, $athlete, $belief);

        return $start === null ? null : RungJson::believed($start, $belief);
    }

    /** The set-up of the last set in the lane, where nothing is in use yet. */
    private function tried(Athlete $athlete, Lane $lane): ?Rung
    {
        $set = $lane->pattern() === null ? null : LoggedSet::standing($athlete->id)->where('pattern', $lane->pattern())->whereNotNull('clean_reps')
            ->orderByDesc('trained_on')->orderByDesc('performed_at')->limit(1)->first();
        $rung = $set === null ? null : Readable::orNull(fn () => $this->ways->search($athlete)->standing($set->exercise, $athlete->toCore()));

        return $rung instanceof Rung && $rung->lane() === $lane ? $rung : null;
    }

    /** Where to begin: the rung on which about eight reps are expected, of the ladder, of the set-up tried, and of what is easy to build. */
    private function start(KeptWay $way, ?Rung $tried, Lane $lane, Athlete $athlete, Belief $belief): ?Rung
    {
        $search = $this->ways->search($athlete);
        $body = $athlete->toCore();
        $easy = match (true) {
            $lane === Lane::Pull => $search->singles($body),
            $tried !== null => $search->near($tried, $body),
            default => [],
        };
        $rungs = array_values(array_filter([...$way->rungs, ...array_filter([$tried]), ...$easy], static fn (Rung $r): bool => $r->holds()));

        return NearestReps::of($rungs, $belief, (int) LadderStart::REPS, 1)[0] ?? null;
    }
}
