<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\InWords;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Pick;

/**
 * That a stage has lasted more than twice its usual weeks, what holds it, and what else serves.
 */
final readonly class Overdue
{
    private const TIMES = 2;

    private const DAYS_A_WEEK = 7;

    /** What is looked at for the cause. */
    private const LATELY_DAYS = 28;

    /** Fewer of the planned sessions than this part are the cause (judgement). */
    private const ENOUGH_CAME = 2 / 3;

    /** @param  array{int, int}  $usual  weeks */
    public function __construct(public int $weeks, public array $usual, public string $cause, public string $instead)
    {
    }

    /** None while the stage lasts no longer than that. */
    public static function of(AthleteContext $context, Course $course, Standard $standard, ?string $lacks): ?self
    {
        $stage = $context->place->stage;
        $weeks = intdiv($context->today - $context->place->since, self::DAYS_A_WEEK);

        return $weeks < self::TIMES * $stage->weeks[1] ? null : new self(
            $weeks,
            $stage->weeks,
            self::cause($context, $standard, $lacks),
            self::instead($context, $course, $stage),
        );
    }

    /** “9 weeks at this stage, where 2 to 4 are usual.” */
    public function words(): string
    {
        [$from, $to] = $this->usual;

        return sprintf(
            '%d weeks at this stage, where %s usual.',
            $this->weeks,
            $from === $to ? ($to === 1 ? 'one is' : "$to are") : "$from to $to are",
        );
    }

    private static function cause(AthleteContext $context, Standard $standard, ?string $lacks): string
    {
        $since = $context->today - self::LATELY_DAYS;
        $came = count(array_filter($context->diary->workDays($context->today), static fn (int $day): bool => $day > $since));
        $planned = $context->mostPerWeek() * intdiv(self::LATELY_DAYS, self::DAYS_A_WEEK);
        $work = $context->place->stage->work();
        $counted = array_filter($context->diary->done, static fn (Done $d): bool => $d->day > $since
            && $d->purpose === Purpose::Work
            && ! $d->isPart
            && $d->kind === $work->allowed[0]->kind
            && $d->style->movement === $work->allowed[0]->movement);
        $last = [];
        foreach ($counted as $done) {
            $last = $last !== [] && $last[0]->day === $done->day ? [...$last, $done] : [$done];
        }
        $counts = array_map(static fn (Done $d): int => $d->count($standard->measure), $last);
        $isMet = $counts !== [] && (new SessionResult($context->today, $counts))->meets($standard);
        $best = $counted === [] ? 0 : max(array_map(static fn (Done $d): int => $d->count($standard->measure), $counted));

        return match (true) {
            $came < self::ENOUGH_CAME * $planned => sprintf('%d of %d planned sessions came in four weeks.', $came, $planned),
            $counted === [] => 'What its gate counts was not done in four weeks.',
            $best < $standard->count && $standard->measure !== Measure::TotalReps => sprintf(
                'The best set of four weeks is %s; the gate asks %s.',
                $standard->measure === Measure::Seconds ? InWords::seconds((float) $best) : "$best clean",
                $standard->words(),
            ),
            $lacks === null && $isMet => 'Its gate was met; what comes next is not likely enough yet.',
            default => $lacks ?? sprintf('Single sets come up to it, whole sessions do not: the gate asks %s.', $standard->words()),
        };
    }

    private static function instead(AthleteContext $context, Course $course, Stage $stage): string
    {
        $next = $context->method->after($stage);
        $others = array_slice((new Pick($context))->allowed($stage->work()), 1);

        return match (true) {
            $others !== [] => sprintf('%s serves the same stage.', $others[0]->words()),
            $next !== null && $context->rules->allowsMove($context->method, $stage, $next) => sprintf(
                'The coach may go on to %s by hand, and keep this work beside it.',
                lcfirst($next->name),
            ),
            default => $course->awaits() ?? 'Another method may serve better: compare them on this athlete’s page.',
        };
    }
}
