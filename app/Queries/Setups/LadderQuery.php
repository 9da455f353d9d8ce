<?php

declare(strict_types=1);

namespace App\Queries\Setups;

use App\Context\Athletes\LoadEstimate;
use App\Context\Readable;
use App\Context\Setups\FindLadderPath;
use App\Formats\Json\Ladder\LadderJson;
use App\Formats\Json\Ladder\LadderRungJson;
use App\Formats\Json\Ladder\RungJson;
use App\Formats\Stored\StoredCall;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Models\Log\LoggedSet;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;

/**
 * Puts the steady ladder of an athlete together.
 */
final readonly class LadderQuery
{
    public function __construct(private FindLadderPath $ways, private LoadEstimate $estimates)
    {
    }

    public function of(Athlete $athlete, Lane $lane, ?float $goalShare, ?int $mostRungs, bool $advice): LadderJson
    {
        $estimate = $this->estimates->of($athlete->id, $lane->pattern());
        $chosen = $this->ways->standing($athlete);
        $now = $chosen instanceof Rung && $chosen->lane() === $lane ? $chosen : null;
        $tried = $now === null ? $this->tried($athlete, $lane) : null;
        $way = $this->ways->way($athlete, $lane, $now, $estimate, $tried, $goalShare, $mostRungs, $advice);
        $answer = static fn (Rung $rung): RungJson => RungJson::estimated($rung, $estimate);

        return new LadderJson(
            lane: $lane,
            from_share: $way->fromShare,
            to_share: $way->toShare,
            now: $now === null ? null : $answer($now),
            below: $now === null ? null : self::calledDown($athlete) ?? ($way->below === null ? null : $answer($way->below)),
            rungs: array_map(
                static fn (Rung $rung, float $step): LadderRungJson => new LadderRungJson($answer($rung), $step),
                $way->rungs,
                $way->stepsUp(),
            ),
            largest_step: $way->largestStep,
            largest_step_to: $way->largestStepTo(),
            candidates: $way->candidates,
            reaches_goal: $way->reachesGoal,
            advice: $way->advice,
            tried: $tried === null ? null : $answer($tried),
            start: $way->start === null ? null : $answer($way->start),
        );
    }

    /** What the open call steps down to: more than one rung, where the work failed. */
    private static function calledDown(Athlete $athlete): ?RungJson
    {
        $open = CallRecord::openOf($athlete->id);

        return $open?->verdict === Verdict::StepDown ? StoredCall::read($open->call)->next : null;
    }

    /** Where to begin in a lane, whatever is in use; none before a baseline. */
    public function startIn(Athlete $athlete, Lane $lane): ?RungJson
    {
        $estimate = $this->estimates->of($athlete->id, $lane->pattern());
        $start = $estimate->state === null
            ? null
            : $this->ways->way($athlete, $lane, null, $estimate, $this->tried($athlete, $lane))->start;

        return $start === null ? null : RungJson::estimated($start, $estimate);
    }

    /** The set-up of the last set in the lane, where nothing is in use yet. */
    private function tried(Athlete $athlete, Lane $lane): ?Rung
    {
        $set = $lane->pattern() === null
            ? null
            : LoggedSet::standing($athlete->id)->where('pattern', $lane->pattern())->whereNotNull('clean_reps')
                ->orderByDesc('trained_on')->orderByDesc('performed_at')->first(['exercise']);
        $rung = $set === null
            ? null
            : Readable::orNull(fn () => $this->ways->search($athlete)->standing($set->exercise, $athlete->toCore()));

        return $rung instanceof Rung && $rung->lane() === $lane ? $rung : null;
    }
}
