<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\FallenOff;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\AlsoAsked;
use SteadyRung\Plan\Session\BeforeHanging;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Pick;
use SteadyRung\Plan\Session\Strict\BuilderOver;
use SteadyRung\Plan\Session\Strict\StrictGoal;

/**
 * The one place where what is known of an athlete becomes the situation a call is made from.
 */
final readonly class SituationOf
{
    private const LATEST_SESSIONS = 8;

    /** What was left within so many days is not gone back to by a switch (judgement). */
    private const SWITCHED_DAYS = 42;

    /** What differs by more in carried share is no switch but a step. */
    private const SAME_SHARE = 2 * Steps::SMALLEST;

    private function __construct(private AthleteContext $context, private Course $course, private Rung $rung, private Standard $standard)
    {
    }

    /** None while nothing can be built that the athlete could stand on; pain needs no set-up of the method. */
    public static function context(AthleteContext $context, Course $course): ?Situation
    {
        $strict = $context->ways->strict();
        $rung = $course->now->rung ?? ($context->diary->pain() !== null || $context->diary->symptoms() !== [] ? $strict : null);

        return $rung === null
            ? null
            : (new self($context, $course, $rung, self::standard($context, $course, $rung)))->situation();
    }

    private static function standard(AthleteContext $context, Course $course, Rung $rung): Standard
    {
        $stage = $context->place->stage;
        $isItsOwn = $stage->work()->meansOf($rung) !== null;

        return $course->endsStage() && $isItsOwn
            ? Standard::ending($stage, $context->rules)
            : Standard::at($stage, $rung, $context->rules);
    }

    private function situation(): Situation
    {
        $pattern = AthleteContext::patternOf($this->rung);
        $steps = $this->course->steps() ?? new Steps($this->rung, null, null);
        $sessions = $this->sessions();

        return new Situation(
            steps: $steps,
            sessions: $sessions,
            foresight: new FromEstimate($this->context->estimates->of($pattern), $this->rung, $this->context->estimate(...)),
            signs: $this->signs($sessions),
            standard: $this->standard,
            fall: $this->context->estimates->fall($pattern),
            course: $this->course,
            today: $this->context->today,
        );
    }

    /** @param  list<SessionResult>  $sessions */
    private function signs(array $sessions): Signs
    {
        $diary = $this->context->diary;
        $today = $this->context->today;
        $lastDay = $diary->lastDay($today);
        $last = $lastDay === null ? null : $diary->signalOf($lastDay);
        $lastTry = $diary->lastTry();
        $lacks = BeforeHanging::lacks($this->context, $this->course)
            ?? AlsoAsked::lacks($this->context, $this->course)
            ?? $this->course->awaits();

        return new Signs(
            pain: $diary->pain(),
            symptoms: $diary->symptoms(),
            soreness: $diary->soreness($today),
            limitingFactor: $this->limitingFactor($diary),
            takesNoHold: $last?->takesHold === false,
            progress: $this->progress($sessions),
            instead: new Instead($this->instead(...)),
            missing: $this->context->missing,
            daysSinceTry: $lastTry === null ? null : $today - $lastTry,
            goal: StrictGoal::of($this->context),
            daysAtStage: $today - $this->context->place->since,
            endsStage: $this->course->endsStage(),
            over: BuilderOver::of($this->context),
            overdue: Overdue::of($this->context, $this->course, Standard::ending($this->context->place->stage, $this->context->rules), $lacks),
            endsAfterDays: $this->context->place->stage->endsAfterDays(),
            lacks: $lacks,
            tried: $this->course->tried,
        );
    }

    /** @return list<LimitingFactor> of the latest sessions with the word */
    private function limitingFactor(Diary $diary): array
    {
        $told = array_map(
            static fn (int $day): ?LimitingFactor => $diary->signalOf($day)?->limitingFactor,
            array_slice($diary->days($this->context->today), -self::LATEST_SESSIONS),
        );

        return array_values(array_filter($told, static fn (?LimitingFactor $g): bool => $g !== null));
    }

    /** @param  list<SessionResult>  $sessions */
    private function progress(array $sessions): ?Progress
    {
        $pattern = AthleteContext::patternOf($this->rung);
        $today = $this->context->today;
        $then = $this->context->estimates->shareOn($pattern, $today - Progress::DAYS);
        $now = $this->context->estimates->of($pattern)->state?->share();
        $count = count(array_filter($this->context->diary->days($today), static fn (int $day): bool => $day > $today - Progress::DAYS));
        $sore = array_filter(
            $this->context->diary->signals,
            static fn (Signal $s): bool => $s->day > $today - Progress::DAYS && $s->soreness >= Signal::MARKED_SORENESS,
        );
        $unclean = array_filter($sessions, static fn (SessionResult $s): bool => $s->day > $today - Progress::DAYS && $s->isUnclean());

        return $then === null || $now === null
            ? null
            : new Progress(
                $then,
                $now,
                $count,
                (int) round($this->context->mostPerWeek() * Progress::DAYS / 7),
                $sore === [] && $unclean === [],
            );
    }

    /** Another exercise of the stage at about the same share: in the same lane, unless it does not take hold or its gear is not there. */
    private function instead(): ?Rung
    {
        $pick = new Pick($this->context);
        $lane = $this->rung->exercise->setup->kind()->lane();
        $others = [];
        foreach ($pick->allowed($this->context->place->stage->work()) as $allowed) {
            array_push($others, ...($allowed->isDoneOn($this->rung) ? [] : $pick->rungs($allowed)));
        }
        if ($others === [] && ! $this->rung->exercise->style->movement->isTimed()) {
            foreach (ChoiceKind::helping($lane) as $kind) {
                array_push($others, ...($kind !== $this->rung->exercise->setup->kind() ? $pick->rungs(AllowedExercises::of($kind)) : []));
            }
        }
        $sameLane = array_values(array_filter($others, static fn (Rung $r): bool => $r->exercise->setup->kind()->lane() === $lane));
        $lastDay = $this->context->diary->lastDay($this->context->today);
        $takesNoHold = $lastDay !== null && $this->context->diary->signalOf($lastDay)?->takesHold === false;
        $isAnyLane = $sameLane === [] && ($takesNoHold || $this->context->missing !== null);
        $others = Pick::nearestFirst(array_filter($isAnyLane ? $others : $sameLane, $this->isWorthASwitch(...)), $this->rung);
        $isNear = $others !== []
            && ($this->rung->exercise->style->movement->isTimed() || abs($others[0]->share() - $this->rung->share()) <= self::SAME_SHARE);

        return $isNear ? $others[0] : null;
    }

    /** Nothing whose help nobody measured, and nothing that was left a few weeks ago: no switching to and fro. */
    private function isWorthASwitch(Rung $rung): bool
    {
        $since = $this->context->today - self::SWITCHED_DAYS;

        return $rung->holds() && array_filter(
            $this->context->diary->done,
            static fn (Done $d): bool => $d->day > $since && $d->purpose === Purpose::Work && $d->isOn($rung),
        ) === [];
    }

    /**
     * The latest sessions that had work on the rung, back to the first of its lane that had none, oldest first. What ended a mixed set
     * on it was done tired: it neither counts nor breaks the row of sessions, no more than strict sets beside the work of the stage.
     *
     * @return list<SessionResult>
     */
    private function sessions(): array
    {
        $byDay = $mixed = [];
        foreach ($this->context->diary->done as $done) {
            if (
                $done->purpose !== Purpose::Work
                || $done->day > $this->context->today
                || $done->day < $this->context->today - Diary::LOOK_BACK_DAYS
                || $done->lane() !== $this->rung->lane()
                || ($done->strictReps() > 0 && ! $this->rung->exercise->isStrictPull())
            ) {
                continue;
            }
            $byDay[$done->day] ??= [];
            if ($this->context->counts($done, $this->rung)) {
                $done->isPart ? $mixed[$done->day] = true : $byDay[$done->day][] = $done;
            }
        }
        krsort($byDay);
        $sessions = [];
        foreach (array_slice($byDay, 0, self::LATEST_SESSIONS, true) as $day => $sets) {
            if ($sets !== []) {
                array_unshift($sessions, $this->result($day, $sets));
            } elseif (! isset($mixed[$day])) {
                break;
            }
        }

        return $sessions;
    }

    /**
     * The least that was asked of a set; none where nobody said.
     *
     * @param  non-empty-list<Done>  $sets
     */
    private static function asked(array $sets): ?int
    {
        $asked = array_filter(array_map(static fn (Done $d): ?int => $d->askedReps, $sets));

        return $asked === [] ? null : min($asked);
    }

    /** @param  non-empty-list<Done>  $sets */
    private function result(int $day, array $sets): SessionResult
    {
        $pattern = $sets[0]->pattern();
        $effort = $this->context->diary->signalOf($day)?->effort;
        $counts = array_map(fn (Done $d): int => $d->count($this->standard->measure), $sets);

        return new SessionResult(
            $day,
            $counts,
            array_sum(array_map(static fn (Done $d): int => $d->noCounts, $sets)),
            count(array_filter($sets, static fn (Done $d): bool => $d->isTooFast())),
            $this->standard->measure === Measure::Reps && $pattern !== null && $effort >= FallenOff::HARD_EFFORT
                ? $this->context->estimates->medianBefore($pattern, $sets[0]->load, $day)
                : null,
            $effort,
            $this->standard->measure === Measure::Reps ? self::asked($sets) : null,
        );
    }
}
