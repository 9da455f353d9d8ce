<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Weeks;

use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Diary\Week;
use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * The days of the next sessions, and when the stages of the method are to be expected if training goes on as it goes.
 */
final readonly class Calendar
{
    private const WEEKS_OF_SESSIONS = 12;

    private const DAYS_A_WEEK = 7;

    /** A day of the week is usual that was come on so often in so many days. */
    private const HABIT_TIMES = 2;

    private const HABIT_DAYS = 28;

    /** Days from one session to the next, by sessions a week; of more than three a week two run, which is not for newcomers. */
    private const APART = [1 => [7], 2 => [3, 4], 3 => [2, 2, 3], 4 => [2, 2, 2, 1]];

    private const MOST_APART = 3;

    /** Of capacity: a stage ends as soon as one in ten, and as late as nine in ten. */
    private const QUANTILES = ['median' => 0.5, 'soonest' => 0.9, 'latest' => 0.1];

    /**
     * @param  list<int>  $sessions  days
     * @param  list<PlannedStage>  $stages
     * @param  list<Comeback>  $comebacks  first sessions after two weeks away and more
     * @param  Forecast|null  $next  of the next number of strict pull-ups, as the trend has it; none before a baseline
     */
    private function __construct(public array $sessions, public array $stages, public array $comebacks, public ?Forecast $next)
    {
    }

    public static function of(AthleteContext $context): self
    {
        $sessions = self::sessions($context);
        $trained = $context->off->trained($context->today, Ahead::WEEKS);
        $pull = $context->estimates->of(Pattern::Pull);
        $ahead = $pull->ahead($trained);
        $reps = Forecast::targetBeyond($context->mostStrict());

        return new self(
            $sessions,
            self::stages($context, $ahead ?? $pull->orOfAnybody()->ahead($trained), $trained),
            self::comebacks($context, $sessions),
            $ahead === null || $reps === null ? null : Forecast::of($ahead, $reps),
        );
    }

    /**
     * @param  list<int>  $sessions
     * @return list<Comeback>
     */
    private static function comebacks(AthleteContext $context, array $sessions): array
    {
        $last = $context->diary->lastDay($context->today);
        $comebacks = [];
        foreach ($sessions as $day) {
            $comebacks[] = $last === null ? null : Comeback::on($day, $last);
            $last = $day;
        }

        return array_values(array_filter($comebacks, static fn (?Comeback $c): bool => $c !== null));
    }

    /** @return list<int> */
    private static function sessions(AthleteContext $context): array
    {
        $refused = Refusal::of($context);
        if ($refused?->stopsAll() === true) {
            return [];
        }
        $weekdays = self::weekdays($context);
        $apart = $weekdays !== []
            ? [1]
            : self::APART[min($context->diary->isNewcomer($context->today) ? self::MOST_APART : count(self::APART), $context->mostPerWeek())];
        $day = $context->off->after($refused->nextOn ?? $context->today);
        $days = [];
        for ($i = 0; $day < $context->today + self::DAYS_A_WEEK * self::WEEKS_OF_SESSIONS; $i++) {
            if ($weekdays === [] || in_array(Week::weekday($day), $weekdays, true)) {
                $days[] = $day;
            }
            $day = $context->off->after($day + $apart[$i % count($apart)]);
        }

        return $days;
    }

    /**
     * The days of the week the athlete comes on, where the last weeks show as many as are planned and, of a newcomer, no two running.
     *
     * @return list<int>
     */
    private static function weekdays(AthleteContext $context): array
    {
        $count = [];
        foreach ($context->diary->workDays($context->today) as $day) {
            $weekday = Week::weekday($day);
            $count[$weekday] = ($count[$weekday] ?? 0) + ($context->today - $day <= self::HABIT_DAYS ? 1 : 0);
        }
        arsort($count);
        $usual = array_slice(
            array_keys(array_filter($count, static fn (int $times): bool => $times >= self::HABIT_TIMES)),
            0,
            $context->mostPerWeek(),
        );
        $running = array_filter($usual, static fn (int $weekday): bool => in_array(($weekday + 1) % self::DAYS_A_WEEK, $usual, true));

        return count($usual) < $context->mostPerWeek() || ($running !== [] && $context->diary->isNewcomer($context->today)) ? [] : $usual;
    }

    /**
     * @param  non-empty-list<array{int, float}>  $trained  by each week
     * @return list<PlannedStage>
     */
    private static function stages(AthleteContext $context, ?Ahead $ahead, array $trained): array
    {
        $planned = [];
        $from = ['median' => 0, 'soonest' => 0, 'latest' => 0];
        for ($stage = $context->place->stage; $stage !== null && $ahead !== null; $stage = $context->method->after($stage)) {
            $to = [];
            foreach (self::QUANTILES as $chain => $quantile) {
                $begun = $from[$chain] ?? null;
                $to[$chain] = $begun === null ? null : self::week($stage, $ahead, $quantile, $begun, array_column($trained, 0));
            }
            $planned[] = new PlannedStage($stage, $from['median'], $to['median'], $to['soonest'], $to['latest']);
            if ($to['median'] === null) {
                break;
            }
            $from = $to;
        }

        return $planned === [] ? [new PlannedStage($context->place->stage, 0, null)] : $planned;
    }

    /**
     * The first week in which capacity, at a quantile of what is believed of it, suffices for the gate at the share the stage ends at,
     * and the stage has had its least weeks of training.
     *
     * @param  list<int>  $trained  by each week
     */
    private static function week(Stage $stage, Ahead $ahead, float $quantile, int $from, array $trained): ?int
    {
        $reps = $stage->gate->measure === Measure::Reps ? (float) $stage->gate->count : 1.0;
        $needed = log($stage->endsAtShare * RepCurve::steady()->ratio($reps));
        $least = $trained[$from] + ($from === 0 ? 1 : $stage->weeks[0]);
        for ($week = $from + 1; $week <= Ahead::WEEKS; $week++) {
            if ($trained[$week] >= $least && $ahead->in($week)->level()->quantile($quantile) >= $needed) {
                return $week;
            }
        }

        return null;
    }
}
