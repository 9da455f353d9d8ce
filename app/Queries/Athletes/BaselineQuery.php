<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

use App\Context\Athletes\LoadEstimate;
use App\Context\Gym\GymDay;
use App\Context\Readable;
use App\Context\Setups\FindLadderPath;
use App\Formats\Json\Ladder\RungJson;
use App\Models\Athletes\Athlete;
use App\Models\Log\LoggedSet;
use App\Queries\Setups\LadderQuery;
use App\Responses\Athletes\BaselineLineResponse;
use App\Responses\Athletes\BaselineResponse;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Plan\Baseline\BaselineDone;
use SteadyRung\Plan\Baseline\BaselineGuide;
use SteadyRung\Plan\Baseline\BaselineLine;
use SteadyRung\Plan\Baseline\BaselineState;
use SteadyRung\Plan\Baseline\BaselineStep;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Strength\Estimate;

/**
 * Leads through a baseline by what stands in the log, so it can be left and taken up again anywhere.
 */
final readonly class BaselineQuery
{
    /** A baseline left for longer is begun anew. */
    private const OPEN_DAYS = 7;

    private const MOST_SETS = 40;

    public function __construct(
        private FindLadderPath $ways,
        private LoadEstimate $estimates,
        private LadderQuery $ladders,
        private GymDay $days,
    ) {
    }

    /** @param  list<BaselineStep>  $passed  what the coach passed over */
    public function of(Athlete $athlete, array $passed): BaselineResponse
    {
        $guide = new BaselineGuide(
            $this->ways->search($athlete),
            $athlete->toCore(),
            $this->estimate($athlete, Pattern::Pull),
            $this->estimate($athlete, Pattern::Row),
        );
        $lines = $guide->lines($this->done($athlete), $passed);
        $isFinished = array_filter(
            $lines,
            static fn (BaselineLine $l): bool => in_array($l->state, [BaselineState::Next, BaselineState::Later], true),
        ) === [];

        return new BaselineResponse(array_map($this->line(...), $lines), $isFinished, $isFinished ? $this->start($athlete) : null);
    }

    private function estimate(Athlete $athlete, Pattern $pattern): Estimate
    {
        return $this->estimates->of($athlete->id, $pattern)->orOfAnybody();
    }

    /** @return list<BaselineDone> */
    private function done(Athlete $athlete): array
    {
        $sets = LoggedSet::standing($athlete->id)->whereIn('purpose', [Purpose::Baseline, Purpose::Try])->where(
            'trained_on',
            '>',
            $this->days->daysAgo(self::OPEN_DAYS),
        )
            ->orderBy('trained_on')->orderBy('performed_at')->orderBy('id')->limit(self::MOST_SETS)->get();

        return array_values(
            $sets->map(
                static fn (LoggedSet $s): BaselineDone => new BaselineDone(
                    Readable::orNull(static fn () => $s->exercise),
                    $s->clean_reps,
                    $s->hang_s ?? $s->exercise?->style->seconds,
                ),
            )->all(),
        );
    }

    private function line(BaselineLine $line): BaselineLineResponse
    {
        $rung = $line->rung;

        return new BaselineLineResponse(
            step: $line->step,
            state: $line->state,
            title: $line->step->title(),
            how: $line->step->how(),
            timed: $line->step->isTimed(),
            rest_s: $line->step->restS(),
            said: $line->said,
            rung: $rung === null ? null : RungJson::of($rung, null),
        );
    }

    /** In the lane of pulls, else of rows. */
    private function start(Athlete $athlete): ?RungJson
    {
        return $this->ladders->startIn($athlete, Lane::Pull) ?? $this->ladders->startIn($athlete, Lane::Row);
    }
}
