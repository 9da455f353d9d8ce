<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Fading;
use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Place;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\Stage;
use SteadyRung\Method\StageKind;
use SteadyRung\Plan\Context\AthleteContext;

/**
 * Where an athlete stands in a method, and where the next step up and down lead: to another rung of the stage, or over its end.
 */
final readonly class Course
{
    /**
     * @param  list<Stage>  $passed  stages that this gear, the house or the screen has nothing for on the way up
     * @param  Stage|null  $awaited  the next stage, where nothing of it is likely yet
     * @param  Rung|null  $tried  where the next step up was passed in trials
     */
    private function __construct(
        public Place $now,
        public ?Place $up,
        public ?Place $down,
        public array $passed,
        public ?Stage $awaited = null,
        public ?Rung $tried = null,
    ) {
    }

    public static function of(AthleteContext $context): self
    {
        $inUse = $context->place->rung;
        $goesOn = $inUse !== null
            && ! $context->diary->beginsAnew($inUse, $context->today)
            && (new Pick($context))->isDone($inUse, $context->place->stage->work());
        $now = $goesOn ? $context->place : self::picked($context);
        if ($now->rung === null) {
            return new self($now, null, null, []);
        }
        $steps = match (true) {
            self::isInLap($now->rung) => self::loading($context, $now->rung, $now->stage->work()),
            $now->rung->legsGiveTheRest() => self::fading($context, $now->rung),
            self::climbs($context, $now) => self::climbing($context, $now->rung, $now->stage->work()),
            default => new Steps($now->rung, null, null),
        };
        $tried = Trial::passed($context, $now->rung, $now->stage->work());
        $steps = $tried === null ? $steps : new Steps($now->rung, $tried, $steps->down);
        $isOver = self::isOver($context, $now->stage);
        $steps = $steps->up === null && ! $isOver ? self::byOtherMeans($context, $now, $steps) : $steps;
        $within = $steps->up !== null && ! $isOver && self::isInStage($now, $steps->up) ? $now->on($steps->up) : null;
        [$next, $passed, $awaited] = $within === null ? self::after($context, $now->stage) : [null, [], null];
        $next ??= $passed === [] && $awaited === null ? self::weighted($context, $now) : null;
        $down = $steps->down !== null ? $now->on($steps->down) : self::before($context, $now->stage, $now->rung);

        return new self($now, $within ?? $next, $down, $passed, $awaited, $within === null ? null : $tried);
    }

    /** That the next stage is not likely yet, in words. */
    public function awaits(): ?string
    {
        return $this->awaited === null ? null : "The next stage, {$this->awaited->name}, waits: nothing of it is likely yet.";
    }

    public function endsStage(): bool
    {
        return $this->up !== null && $this->up->stage !== $this->now->stage;
    }

    /** The steps to the rungs next to the one in use; none while nothing is in use. */
    public function steps(): ?Steps
    {
        return $this->now->rung === null ? null : new Steps($this->now->rung, $this->up?->rung, $this->down?->rung);
    }

    /** Where somebody stands who is put on the stage now: what is in use goes on if it is of the stage. */
    public static function entering(AthleteContext $context): Place
    {
        $place = $context->place;

        return $place->rung !== null && self::isOfStage($place->stage->work(), $place->rung) ? $place : self::picked($context);
    }

    private static function picked(AthleteContext $context): Place
    {
        return new Place($context->place->stage, $context->place->since, (new Pick($context))->of($context->place->stage->work()));
    }

    /** Done as the stage asks; a stage that climbs goes on from whatever is in use in its lanes. */
    private static function isOfStage(Prescription $work, Rung $rung): bool
    {
        $lanes = array_map(static fn (AllowedExercises $m): Lane => $m->kind->lane(), $work->allowed);

        return $work->meansOf($rung) !== null || ($work->climbs && in_array($rung->exercise->setup->kind()->lane(), $lanes, true));
    }

    /** Up by one step of the ladder; down, where the work failed, to the hardest that is likely again, else by one step. */
    private static function climbing(AthleteContext $context, Rung $now, Prescription $work): Steps
    {
        $pick = new Pick($context);
        $steps = $pick->steps($now, $work);

        $easier = $context->failedLast() || $context->isEased() ? $pick->easier($work, $now) : null;

        return new Steps($now, $steps->up, $easier ?? $steps->down);
    }

    /** Where nothing harder is left in another lane than the stage is meant for, the next in that one: rows end no stage of pulls. */
    private static function byOtherMeans(AthleteContext $context, Place $now, Steps $steps): Steps
    {
        $work = $now->stage->work();
        if (! $work->climbs || $now->rung === null || $now->rung->lane() === $work->allowed[0]->lane()) {
            return $steps;
        }
        $pick = new Pick($context);
        $own = array_merge([], ...array_map($pick->rungs(...), $pick->allowed($work)));

        return new Steps($now->rung, Steps::nearestUp($now->rung, $own), $steps->down);
    }

    /** Whether a stage of a calendar has had its weeks. */
    private static function isOver(AthleteContext $context, Stage $stage): bool
    {
        $days = $stage->endsAfterDays();

        return $days !== null && $context->today - $context->place->since >= $days;
    }

    private static function isInLap(Rung $rung): bool
    {
        return Arrangement::WeightInLap->isOf($rung->exercise->setup);
    }

    /** With weights in the lap, the next heavier and the next lighter under the same bar. */
    private static function loading(AthleteContext $context, Rung $now, Prescription $work): Steps
    {
        $pick = new Pick($context);
        $sameBar = array_values(array_filter(
            array_merge([], ...array_map($pick->rungs(...), $pick->allowed($work))),
            static fn (Rung $r): bool => self::isInLap($r)
                && $r->exercise->setup->pieces()['bar'] === $now->exercise->setup->pieces()['bar'],
        ));

        return new Steps($now, Steps::nearestUp($now, $sameBar), Steps::nearestDown($now, $sameBar));
    }

    /** Where the legs help as much as is missing, less and more of the foot. */
    private static function fading(AthleteContext $context, Rung $now): Steps
    {
        $on = static function (?Exercise $exercise) use ($context): ?Rung {
            $rung = $exercise === null ? null : $context->ways->rung($exercise);

            return $rung instanceof Rung ? $rung : null;
        };

        return new Steps($now, $on(Fading::less($now->exercise)), $on(Fading::more($now->exercise)));
    }

    /** Where the stage climbs, and wherever the rung in use is none of its own. */
    private static function climbs(AthleteContext $context, Place $now): bool
    {
        $work = $now->stage->work();

        return $work->climbs || ($now->rung !== null && $work->meansOf($now->rung) === null);
    }

    /** Whether a rung is of the work of the stage, within its shares; a rung of another kind goes on as it is. */
    private static function isInStage(Place $now, Rung $up): bool
    {
        assert($now->rung !== null);
        $work = $now->stage->work();
        $allowed = $work->meansOf($up);

        return $allowed !== null ? $up->share() <= $allowed->shares[1] : $work->meansOf($now->rung) === null;
    }

    /** After the last of strict work with bodyweight alone, the least of the weights. */
    private static function weighted(AthleteContext $context, Place $now): ?Place
    {
        if ($now->rung?->exercise->isStrictPull() !== true || $now->stage->kind() !== StageKind::Strict) {
            return null;
        }
        $heavier = Steps::nearestUp($now->rung, (new Pick($context))->rungs(AllowedExercises::of(ChoiceKind::Added)));

        return $heavier === null ? null : $now->on($heavier);
    }

    /**
     * @return array{Place|null, list<Stage>, Stage|null} the first later stage that something fits for, those passed over, and one that
     * waits
     */
    private static function after(AthleteContext $context, Stage $stage): array
    {
        $passed = [];
        for ($next = $context->method->after($stage); $next !== null; $next = $context->method->after($next)) {
            $rung = (new Pick($context))->of($next->work());
            if ($rung !== null) {
                return [new Place($next, $context->today, $rung), $passed, null];
            }
            if ((new Pick($context))->isBuilt($next->work())) {
                return [null, $passed, $next];
            }
            $passed[] = $next;
        }

        return [null, $passed, null];
    }

    /** The last stage before that something fits for which carries no more. */
    private static function before(AthleteContext $context, Stage $stage, Rung $than): ?Place
    {
        for ($before = $context->method->before($stage); $before !== null; $before = $context->method->before($before)) {
            $rung = (new Pick($context))->of($before->work());
            if ($rung !== null && $rung->load->effectiveShare() <= $than->load->effectiveShare() && $rung->share() <= $than->share()) {
                return new Place($before, $context->today, $rung);
            }
        }

        return null;
    }
}
