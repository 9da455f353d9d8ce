<?php

declare(strict_types=1);

namespace SteadyRung\Plan;

use SteadyRung\Exercise\Pattern;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Stage;
use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\RepCurve;

/**
 * The days of the next sessions, and when the stages of the method are to be expected if training goes on as it goes.
 */
final readonly class Calendar
{
    private const WEEKS_OF_SESSIONS = 4;

    private const DAYS_A_WEEK = 7;

    /** Days from one session to the next, by sessions a week: never two running. */
    private const APART = [1 => [7], 2 => [3, 4], 3 => [2, 2, 3], 4 => [2, 2, 2, 1]];

    /**
     * @param  list<int>  $sessions  days
     * @param  list<PlannedStage>  $stages
     */
    private function __construct(public array $sessions, public array $stages)
    {
    }

    public static function of(Brief $brief): self
    {
        return new self(self::sessions($brief), self::stages($brief, $brief->beliefs->of(Pattern::Pull)->orOfAnybody()->ahead()));
    }

    /** @return list<int> */
    private static function sessions(Brief $brief): array
    {
        $refused = Refusal::of($brief);
        if ($refused?->stopsAll() === true) {
            return [];
        }
        $apart = self::APART[min(count(self::APART), $brief->mostPerWeek())];
        $day = $refused->nextOn ?? $brief->today;
        $days = [];
        for ($i = 0; $day < $brief->today + self::DAYS_A_WEEK * self::WEEKS_OF_SESSIONS; $i++) {
            $days[] = $day;
            $day += $apart[$i % count($apart)];
        }

        return $days;
    }

    /** @return list<PlannedStage> */
    private static function stages(Brief $brief, ?Ahead $ahead): array
    {
        $planned = [];
        $from = 0;
        for ($stage = $brief->place->stage; $stage !== null; $stage = $brief->method->after($stage)) {
            $to = $from > Ahead::WEEKS || $ahead === null ? null : self::week($stage, $ahead, $from);
            $planned[] = new PlannedStage($stage, $from, $to);
            if ($to === null) {
                break;
            }
            $from = $to;
        }

        return $planned;
    }

    /** The first week in which capacity suffices for the gate at the share the stage ends at, and the stage has had its least weeks. */
    private static function week(Stage $stage, Ahead $ahead, int $from): ?int
    {
        $reps = $stage->gate->measure === Measure::Reps ? (float) $stage->gate->count : 1.0;
        $needed = $stage->endsAtShare * RepCurve::steady()->ratio($reps);
        for ($week = $from + ($from === 0 ? 1 : $stage->weeks[0]); $week <= Ahead::WEEKS; $week++) {
            if ($ahead->in($week)->share() >= $needed) {
                return $week;
            }
        }

        return null;
    }
}
