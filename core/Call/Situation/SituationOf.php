<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\MissingHang;
use SteadyRung\Plan\Session\Pick;

/**
 * The one place where what is known of an athlete becomes the situation a call is made from.
 */
final readonly class SituationOf
{
    private const LATEST_SESSIONS = 8;

    private const LOOKED_BACK_DAYS = 120;

    /** What differs by more in carried share is no switch but a step. */
    private const SAME_SHARE = 2 * Steps::SMALLEST;

    private function __construct(private AthleteContext $brief, private Course $course, private Rung $rung, private Standard $standard)
    {
    }

    /** None while nothing can be built that the athlete could stand on; pain needs no set-up of the method. */
    public static function brief(AthleteContext $brief, Course $course): ?Situation
    {
        $strict = $brief->ways->strict();
        $rung = $course->now->rung ?? ($brief->diary->pain() !== null || $brief->diary->symptoms() !== [] ? $strict : null);

        return $rung === null ? null : (new self($brief, $course, $rung, Standard::at($brief->place->stage, $rung, $brief->rules)))->situation();
    }

    private function situation(): Situation
    {
        $pattern = AthleteContext::patternOf($this->rung);
        $steps = $this->course->steps() ?? new Steps($this->rung, null, null);
        $sessions = $this->sessions();

        return new Situation($steps, $sessions, new FromEstimate($this->brief->beliefs->of($pattern), $this->rung, $this->brief->belief(...)), $this->signs($sessions), $this->standard, $this->brief->beliefs->fall($pattern), $this->course, $this->brief->today);
    }

    /** @param  list<SessionResult>  $sessions */
    private function signs(array $sessions): Signs
    {
        $diary = $this->brief->diary;
        $today = $this->brief->today;
        $lastDay = $diary->lastDay($today);
        $last = $lastDay === null ? null : $diary->signalOf($lastDay);
        $lastTry = $diary->lastTry();

        return new Signs(
            $diary->pain(),
            $diary->symptoms(),
            $diary->soreness($today),
            $this->gaveOut($diary),
            $last?->takesHold === false,
            $this->progress($sessions),
            new Instead($this->instead(...)),
            $this->brief->missing,
            $lastTry === null ? null : $today - $lastTry,
            $this->goal(),
            $today - $this->brief->place->since,
            $this->course->endsStage(),
            MissingHang::lacksHang($this->brief, $this->course),
        );
    }

    /** @return list<LimitingFactor> of the latest sessions with the word */
    private function gaveOut(Diary $diary): array
    {
        $told = array_map(static fn (int $day): ?LimitingFactor => $diary->signalOf($day)?->gaveOut, array_slice($diary->days($this->brief->today), -self::LATEST_SESSIONS));

        return array_values(array_filter($told, static fn (?LimitingFactor $g): bool => $g !== null));
    }

    /** @param  list<SessionResult>  $sessions */
    private function progress(array $sessions): ?Progress
    {
        $pattern = AthleteContext::patternOf($this->rung);
        $today = $this->brief->today;
        $then = $this->brief->beliefs->shareOn($pattern, $today - Progress::DAYS);
        $now = $this->brief->beliefs->of($pattern)->state?->share();
        $count = count(array_filter($this->brief->diary->days($today), static fn (int $day): bool => $day > $today - Progress::DAYS));
        $sore = array_filter($this->brief->diary->signals, static fn (Signal $s): bool => $s->day > $today - Progress::DAYS && $s->soreness >= Signal::MARKED_SORENESS);
        $unclean = array_filter($sessions, static fn (SessionResult $s): bool => $s->day > $today - Progress::DAYS && $s->isUnclean());

        return $then === null || $now === null ? null : new Progress($then, $now, $count, (int) round($this->brief->mostPerWeek() * Progress::DAYS / 7), $sore === [] && $unclean === []);
    }

    /** Another exercise of the stage, or of the lane, at about the same share. */
    private function instead(): ?Rung
    {
        $pick = new Pick($this->brief);
        $lane = $this->rung->exercise->setup->kind()->lane();
        $others = [];
        foreach ($pick->allowed($this->brief->place->stage->work()) as $means) {
            array_push($others, ...($means->isDoneOn($this->rung) ? [] : $pick->rungs($means)));
        }
        if ($others === [] && ! $this->rung->exercise->manner->movement->isTimed()) {
            foreach (Pick::HELPING as $kind) {
                array_push($others, ...($kind->lane() === $lane && $kind !== $this->rung->exercise->setup->kind() ? $pick->rungs(AllowedExercises::of($kind)) : []));
            }
        }
        $sameLane = array_values(array_filter($others, static fn (Rung $r): bool => $r->exercise->setup->kind()->lane() === $lane));
        $others = Pick::nearestFirst($sameLane === [] ? $others : $sameLane, $this->rung);
        $isNear = $others !== [] && ($this->rung->exercise->manner->movement->isTimed() || abs($others[0]->share() - $this->rung->share()) <= self::SAME_SHARE);

        return $isNear ? $others[0] : null;
    }

    private function goal(): ?StrictGoal
    {
        $strict = $this->brief->ways->rung(Exercise::of(new StrictPull));
        $state = $this->brief->beliefs->of(Pattern::Pull);
        $reps = StrictGoal::beyond($this->brief->diary->mostStrict());
        $chance = $strict instanceof Rung ? $state->onRung($strict)?->chanceOf((float) $reps) : null;

        return $strict instanceof Rung && $chance !== null ? new StrictGoal($strict, $reps, $chance) : null;
    }

    /**
     * The latest sessions that had work on the rung, back to the first of its lane that had none, oldest first. What ended a mixed set
     * on it was done tired: it neither counts nor breaks the row of sessions.
     *
     * @return list<SessionResult>
     */
    private function sessions(): array
    {
        $byDay = $mixed = [];
        foreach ($this->brief->diary->done as $done) {
            if ($done->purpose !== Purpose::Work || $done->day > $this->brief->today || $done->day < $this->brief->today - self::LOOKED_BACK_DAYS || $done->lane() !== $this->rung->lane()) {
                continue;
            }
            $byDay[$done->day] ??= [];
            if ($done->isOn($this->rung)) {
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

    /** @param  non-empty-list<Done>  $sets */
    private function result(int $day, array $sets): SessionResult
    {
        $pattern = $sets[0]->pattern();
        $effort = $this->brief->diary->signalOf($day)?->effort;
        $counts = array_map(fn (Done $d): int => $d->count($this->standard->measure), $sets);

        return new SessionResult(
            $day,
            $counts,
            array_sum(array_map(static fn (Done $d): int => $d->noCounts, $sets)),
            count(array_filter($sets, static fn (Done $d): bool => $d->isTooFast())),
            $this->standard->measure === Measure::Reps && $pattern !== null && $effort >= SessionResult::HARD_EFFORT ? $this->brief->beliefs->medianBefore($pattern, $sets[0]->load, $day) : null,
            $effort,
        );
    }
}
