<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Practice;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\InWords;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Weeks\Comeback;
use SteadyRung\Strength\RepPrediction;

/**
 * One set on a harder rung before the work, where all of that was easy and nothing calls for a climb: it says what nobody knows yet.
 * Passed twice running it is the next rung (prototypes).
 */
final readonly class Trial
{
    public const LINE = 'trial';

    private const APART_DAYS = 7;

    /** As many left, or nobody said. */
    private const EASY_RESERVE = 3;

    /** One less than the least that is asked, and up to two more. */
    private const LESS = 1;

    private const MORE = 2;

    private const EVEN = 0.5;

    private const PASSES = 2;

    private function __construct(private AthleteContext $context, private Rung $now, private Prescription $work)
    {
    }

    /** The set to write today; none where none is due. */
    public static function block(AthleteContext $context, Course $course): ?Block
    {
        $trial = self::on($context, $course);
        $rung = $trial?->due($course);
        if ($trial === null || $rung === null) {
            return null;
        }
        $likely = $context->estimate($rung)->onRung($rung);

        return new Block(
            part: $trial->work->part,
            do: $rung,
            sets: 1,
            amount: Amount::of(Measure::Reps, $trial->least(), $trial->least() + self::MORE),
            restS: $trial->work->restS,
            tempo: $trial->work->tempo,
            expected: array_filter([$likely]),
            cues: Practice::of($rung->exercise)->cues,
            cautions: Watch::of($rung, $trial->least() + self::MORE),
            note: sprintf(
                'A trial: last time was easy. %d on it: %s. Passed twice running it is the next set-up; a miss does no harm.',
                $trial->least(),
                InWords::chance($likely?->chanceOf((float) $trial->least()) ?? self::EVEN),
            ),
            line: self::LINE,
        );
    }

    /** The rung that two trials running were passed on; none where they were not. */
    public static function passed(AthleteContext $context, Rung $now, Prescription $work): ?Rung
    {
        $trial = self::isTried($now, $work) ? new self($context, $now, $work) : null;
        $sets = $trial?->sets() ?? [];
        $passed = array_filter(array_slice($sets, 0, self::PASSES), static fn (Done $d): bool => $trial?->isPassed($d) === true);

        return $trial !== null && count($passed) === self::PASSES && $sets[0]->isOn($trial->rungOf($sets[1]) ?? $now)
            ? $trial->rungOf($sets[0])
            : null;
    }

    private static function on(AthleteContext $context, Course $course): ?self
    {
        $now = $course->now->rung;
        $work = $course->now->stage->work();

        return $now !== null
            && self::isTried($now, $work)
            && ! $context->isEased()
            && $context->daysAway() < Comeback::AWAY_DAYS
            && self::passed($context, $now, $work) === null ? new self($context, $now, $work) : null;
    }

    /** Only where whole reps are counted, and help is taken away rung by rung. */
    private static function isTried(Rung $now, Prescription $work): bool
    {
        return $work->climbs
            && $work->amount->measure === Measure::Reps
            && $now->exercise->style->movement === Movement::Full
            && ! $now->exercise->isStrictPull()
            && ! $now->legsGiveTheRest();
    }

    private function due(Course $course): ?Rung
    {
        $last = array_values(array_filter($this->sets(), fn (Done $d): bool => $d->day < $this->context->today))[0] ?? null;
        if ($last !== null && $this->isPassed($last)) {
            return $this->rungOf($last);
        }
        $isRecent = $last !== null && $this->context->today - $last->day < self::APART_DAYS;
        $up = $course->up !== null && ! $course->endsStage() ? $course->up->rung : null;
        $next = $up === null ? null : $this->context->estimate($up)->onRung($up);
        if ($isRecent || $up === null || $next === null || $next->chanceOf($this->climbs()) >= Pick::LIKELY || ! $this->wasEasy()) {
            return null;
        }

        return $this->hardestEven() ?? $up;
    }

    private function climbs(): float
    {
        return (float) $this->work->amount->low;
    }

    private function least(): int
    {
        return max(1, $this->work->amount->low - self::LESS);
    }

    /** Whether each set of the last session on the rung came to the top of what is asked, with much left or nobody saying. */
    private function wasEasy(): bool
    {
        $sets = $this->lastSession();

        return $sets !== [] && array_filter(
            $sets,
            fn (Done $d): bool => $d->reps < $this->work->amount->high || ($d->reserve !== null && $d->reserve < self::EASY_RESERVE),
        ) === [];
    }

    /** @return list<Done> work on the rung in use on the last day that had any, before today */
    private function lastSession(): array
    {
        $on = $this->onRung();
        $last = $on === [] ? null : $on[count($on) - 1]->day;

        return array_values(array_filter($on, static fn (Done $d): bool => $d->day === $last));
    }

    /** @return list<Done> */
    private function onRung(): array
    {
        return array_values(array_filter(
            $this->context->diary->done,
            fn (Done $d): bool => $d->purpose === Purpose::Work && ! $d->isPart && $d->day < $this->context->today && $d->isOn($this->now),
        ));
    }

    /**
     * The trials of the rung in use, the latest first: a set on something harder of its lane, with work on the rung after it that day.
     *
     * @return list<Done>
     */
    private function sets(): array
    {
        $trials = $harder = [];
        foreach ($this->context->diary->done as $done) {
            if ($done->purpose !== Purpose::Work || $done->isPart || $done->day > $this->context->today) {
                continue;
            }
            if ($this->isHarder($done)) {
                $harder[$done->day] ??= $done;
            } elseif ($done->isOn($this->now) && isset($harder[$done->day])) {
                $trials[$done->day] = $harder[$done->day];
            }
        }

        return array_reverse(array_values($trials));
    }

    private function isHarder(Done $done): bool
    {
        return $done->lane() === $this->now->lane()
            && $done->style->movement === Movement::Full
            && $done->kind !== ChoiceKind::Strict
            && $done->share - $this->now->share() >= Steps::SMALLEST;
    }

    private function isPassed(Done $trial): bool
    {
        return (int) $trial->reps + (int) $trial->reserve >= $this->least();
    }

    private function rungOf(Done $trial): ?Rung
    {
        return array_values(array_filter($this->harder(), static fn (Rung $r): bool => $trial->isOn($r)))[0] ?? null;
    }

    private function hardestEven(): ?Rung
    {
        $even = array_filter($this->harder(), fn (Rung $r): bool => $this->predicted($r)?->chanceOf((float) $this->least()) >= self::EVEN);

        return $even === [] ? null : $even[array_key_last($even)];
    }

    private function predicted(Rung $rung): ?RepPrediction
    {
        return $this->context->estimate($rung)->onRung($rung);
    }

    /** @return list<Rung> of the line's own, from the easiest */
    private function harder(): array
    {
        $pick = new Pick($this->context);
        $rungs = array_filter(
            array_merge([], ...array_map($pick->rungs(...), $pick->allowed($this->work))),
            fn (Rung $r): bool => $r->lane() === $this->now->lane()
                && $r->holds()
                && $r->share() - $this->now->share() >= Steps::SMALLEST,
        );
        usort($rungs, static fn (Rung $a, Rung $b): int => [$a->share(), $a->name] <=> [$b->share(), $b->name]);

        return $rungs;
    }
}
