<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Builders\Builders;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Method\Place;
use SteadyRung\Plan\Diary\BrakedHops;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\FallenOff;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Diary\TimeOff;
use SteadyRung\Safety\CapLimits;
use SteadyRung\Safety\Caps;
use SteadyRung\Strength\Estimate;

/**
 * All that is known of one athlete on a day: what the session is written from and the call is made of.
 */
final readonly class AthleteContext
{
    /** The method in the order the rules give it. */
    public Method $method;

    /** As the gym has them, and the method where the gym left a point open. */
    public HouseRules $rules;

    /** What is built of the gear for pulls that end where the house has them end. */
    public RungCatalogue $ways;

    public Place $place;

    /**
     * @param  HouseRules  $house  as the gym settled them
     * @param  int|null  $perWeek  sessions a week that the athlete comes for, where fewer than the method has
     * @param  string|null  $missing  why the set-up in use cannot be built today
     */
    public function __construct(
        public int $today,
        Method $method,
        Place $place,
        public HouseRules $house,
        public Diary $diary,
        public Estimates $estimates,
        RungCatalogue $ways,
        public ?int $perWeek = null,
        public ?string $missing = null,
        public CapLimits $capLimits = new CapLimits,
        public ChangesByHand $hand = new ChangesByHand,
        public TimeOff $off = new TimeOff,
        public Builders $builders = new Builders,
        public bool $isClimber = false,
    ) {
        $this->rules = $house->for($method);
        $this->method = $this->rules->inOrder($method);
        $this->ways = $ways->pulledTo($this->rules->pullTop());
        $this->place = $this->ways === $ways || $place->rung === null ? $place : $place->on($this->standing($place->rung));
    }

    /** What is believed of the work on a rung; expected of anybody where nobody saw it. */
    public function estimate(Rung $rung): Estimate
    {
        return $this->believed($rung)->orOfAnybody();
    }

    /**
     * The same from this athlete's own sets alone. Chin-ups are as the pull-ups, which are the harder ones, while those are
     * known better; pull-ups as the chin-ups only where the house counts them alike.
     */
    public function believed(Rung $rung): Estimate
    {
        $pattern = self::patternOf($rung);
        $own = $this->estimates->of($pattern);
        $other = match (true) {
            $pattern === Pattern::Chin => $this->estimates->of(Pattern::Pull),
            $pattern === Pattern::Pull && $this->rules->countsChinUps() => $this->estimates->of(Pattern::Chin),
            default => $own,
        };
        $isOtherSurer = $other->state !== null && ($own->state === null || $other->state->sdLog() < $own->state->sdLog());

        return $isOtherSurer ? $other : $own;
    }

    /** The most strict reps in one set: of pull-ups, and of chin-ups where the house counts them alike. */
    public function mostStrict(): int
    {
        return max($this->diary->mostStrict(), $this->rules->countsChinUps() ? $this->diary->mostChinUps() : 0);
    }

    /** Whether a set counts for the gate of a rung: done on it, or as a strict rep of the other grip where the house counts them alike. */
    public function counts(Done $done, Rung $rung): bool
    {
        return ($done->isOn($rung) && ! $done->isShorterThan($rung))
            || ($this->rules->countsChinUps() && $done->strictChinUps() > 0 && $rung->exercise->isStrictPull());
    }

    /** The capacity a rung's work is predicted from, parts of the way and hangs included. */
    public static function patternOf(Rung $rung): Pattern
    {
        return $rung->exercise->pattern() ?? $rung->exercise->setup->kind()->lane()->pattern() ?? Pattern::Pull;
    }

    public function at(Place $place): self
    {
        return $this->but(place: $place);
    }

    /** The same under other house rules. */
    public function under(HouseRules $rules): self
    {
        return $this->but(house: $rules);
    }

    /** The same with other lines changed by hand. */
    public function with(ChangesByHand $hand): self
    {
        return $this->but(hand: $hand);
    }

    /** As it was before any work was done today. */
    public function beforeToday(): self
    {
        return $this->but(diary: $this->diary->beforeWorkOn($this->today), estimates: $this->estimates->before($this->today));
    }

    /** Sets of work done today. */
    public function begun(): int
    {
        return count(array_filter($this->diary->done, fn (Done $d): bool => $d->day === $this->today && $d->purpose === Purpose::Work));
    }

    /** Days since the last set of any kind before today; 0 before a first. */
    public function daysAway(): int
    {
        $last = $this->diary->lastDay($this->today - 1);

        return $last === null ? 0 : $this->today - $last;
    }

    /** Whether an easy day comes first. */
    public function isSore(): bool
    {
        return $this->diary->soreness($this->today) >= Signal::MARKED_SORENESS;
    }

    /** Whether the last two sessions on the rung in use were hard and fell far under what was foretold. */
    public function hasFallenOff(): bool
    {
        $hard = array_filter($this->diary->signals, static fn (Signal $s): bool => $s->effort >= FallenOff::HARD_EFFORT);
        if (count($hard) < FallenOff::SESSIONS) {
            return false;
        }
        $first = [];
        foreach ($this->work() as $done) {
            if ($done->day < $this->today) {
                $first[$done->day] ??= $done;
            }
        }
        $latest = array_slice($first, -FallenOff::SESSIONS, null, true);

        return count($latest) === FallenOff::SESSIONS
            && $this->today - array_key_last($latest) <= FallenOff::DAYS
            && array_filter($latest, $this->fellOff(...)) === $latest;
    }

    /** Whether the next session is to be easier: fewer sets, more help, no lowering and no test. */
    public function isEased(): bool
    {
        return $this->isSore() || $this->hasFallenOff();
    }

    /** Whether a set of the last session on the rung in use came to little of what was asked. */
    public function failedLast(): bool
    {
        $work = $this->work();
        $last = $work === [] ? null : $work[count($work) - 1]->day;

        return array_filter($work, static fn (Done $d): bool => $d->day === $last && $d->isFailed()) !== [];
    }

    /** @return list<Done> whole sets of work on the rung in use, in order */
    private function work(): array
    {
        $rung = $this->place->rung;

        return $rung === null ? [] : array_values(array_filter(
            $this->diary->done,
            static fn (Done $d): bool => $d->purpose === Purpose::Work && ! $d->isPart && $d->isOn($rung),
        ));
    }

    private function fellOff(Done $first): bool
    {
        $effort = $this->diary->signalOf($first->day)?->effort;
        $pattern = $first->pattern();

        return $pattern !== null
            && $effort >= FallenOff::HARD_EFFORT
            && FallenOff::is($this->estimates->medianBefore($pattern, $first->load, $first->day), $effort, (int) $first->reps);
    }

    public function caps(): Caps
    {
        return $this->diary->caps($this->today, $this->capLimits, $this->brakedHops());
    }

    /** Hopped reps that count as lowerings. */
    public function brakedHops(): BrakedHops
    {
        return new BrakedHops($this->rules->mostBrakedHops(), $this->capLimits->loweringsASession);
    }

    /** The most sessions of a week. */
    public function mostPerWeek(): int
    {
        return $this->perWeek ?? $this->rules->mostPerWeek($this->method->perWeek[1]);
    }

    /** The same set-up for a pull that ends where the house has it end. */
    private function standing(Rung $rung): Rung
    {
        $here = $this->ways->rung($rung->exercise);

        return $here instanceof Rung ? $here : $rung;
    }

    private function but(
        ?Place $place = null,
        ?HouseRules $house = null,
        ?ChangesByHand $hand = null,
        ?Diary $diary = null,
        ?Estimates $estimates = null,
    ): self {
        return new self(
            today: $this->today,
            method: $this->method,
            place: $place ?? $this->place,
            house: $house ?? $this->house,
            diary: $diary ?? $this->diary,
            estimates: $estimates ?? $this->estimates,
            ways: $this->ways,
            perWeek: $this->perWeek,
            missing: $this->missing,
            capLimits: $this->capLimits,
            hand: $hand ?? $this->hand,
            off: $this->off,
            builders: $this->builders,
            isClimber: $this->isClimber,
        );
    }
}
