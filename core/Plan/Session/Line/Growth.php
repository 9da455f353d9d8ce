<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Exercise\Rung;
use SteadyRung\InWords;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Grows;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Week;

/**
 * What a line that grows asks for, from what was done on the same rung: one more in the first set, one more in a week, the longest
 * hold beaten.
 */
final readonly class Growth
{
    private const DAYS_A_WEEK = 7;

    /** @param  Amount|null  $amount  none where the line's own stands */
    private function __construct(public ?Amount $amount, public string $words)
    {
    }

    /** None for a line that does not grow, before the first session of it, and at the top of what it asks. */
    public static function of(AthleteContext $context, Prescription $line, Rung $rung): ?self
    {
        $done = array_values(array_filter(
            $context->diary->done,
            static fn (Done $d): bool => $d->isOn($rung) && $d->purpose === Purpose::Work && ! $d->isPart && $d->day < $context->today,
        ));

        return $done === [] ? null : match ($line->grows) {
            Grows::FirstSet => self::firstSet($line->amount, $done),
            Grows::Weekly => self::weekly($line, $done, $context->today),
            Grows::ToBeat => self::toBeat($done),
            Grows::Slower, null => null,
        };
    }

    /** @param  non-empty-list<Done>  $done */
    private static function firstSet(Amount $asked, array $done): ?self
    {
        $day = $done[count($done) - 1]->day;
        $last = (int) array_values(array_filter($done, static fn (Done $d): bool => $d->day === $day))[0]->reps;
        $next = min($asked->high, $last + 1);

        return $next <= $last || $last === 0 ? null : new self(
            Amount::of(Measure::Reps, $next),
            "First set $next, one more than last time; the others as far as they go.",
        );
    }

    /** @param  non-empty-list<Done>  $done */
    private static function weekly(Prescription $line, array $done, int $today): ?self
    {
        $monday = Week::monday($today);
        $byDay = [];
        foreach ($done as $set) {
            if ($set->day < $monday && $set->day >= $monday - self::DAYS_A_WEEK) {
                $byDay[$set->day] = ($byDay[$set->day] ?? 0) + (int) $set->reps;
            }
        }
        $last = $byDay === [] ? 0 : max($byDay);
        $total = min($line->sets * $line->amount->high, $last + 1);

        return $total <= $last || $last === 0 ? null : new self(
            Amount::of(Measure::Reps, max(1, intdiv($total, $line->sets)), max(1, (int) ceil($total / $line->sets))),
            sprintf('Last week %d in one session; this week %d: one more in one of the sets.', $last, $total),
        );
    }

    /** @param  non-empty-list<Done>  $done */
    private static function toBeat(array $done): ?self
    {
        $held = array_values(array_filter(array_map(static fn (Done $d): ?float => $d->seconds, $done)));

        return $held === [] ? null : new self(
            null,
            sprintf('To beat: %s the last time, %s the best.', InWords::seconds($held[count($held) - 1]), InWords::seconds(max($held))),
        );
    }
}
