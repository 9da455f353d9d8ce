<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\Occasion;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\StrictTry;
use SteadyRung\Strength\Tries;
use SteadyRung\Strength\TryPace;

/**
 * A year of training by the policy of in-between rungs: climb where five clean with one in reserve are likely and the gate was met
 * twice, or eight are; a strict try as often as usual.
 */
final class Season
{
    private const ASKED = 8;

    private const FLOOR = 6.0;

    private const LIKELY = 0.8;

    private const SESSIONS_MET = 2;

    /** Shares of the rungs there are, from the first on by this step. */
    private const FIRST_RUNG = 0.40;

    private const STEP = 0.04;

    private const MISSED = 0.12;

    private const UNTOLD = 0.15;

    private const DAYS_BETWEEN = [2, 3, 2];

    private int $day = 0;

    private int $rung;

    private int $met = 0;

    private Tries $tries;

    private ?CapacityState $state = null;

    /** @param  float  $bandSd  how unsure the share of a rung is */
    private function __construct(
        private readonly VirtualAthlete $athlete,
        private readonly CapacityFilter $filter,
        private readonly float $bandSd,
    ) {
        $this->tries = new Tries;
        $this->rung = (int) max(0, floor(($athlete->capacityShare() / 1.33 - self::FIRST_RUNG) / self::STEP));
    }

    /**
     * Each first set of the day as it is foretold and done.
     *
     * @return \Generator<int, SimulatedSet> by the day
     */
    public static function of(VirtualAthlete $athlete, int $days, float $bandSd = 0.04): \Generator
    {
        yield from (new self($athlete, CapacityFilter::usual(), $bandSd))->run($days);
    }

    /** @return \Generator<int, SimulatedSet> */
    private function run(int $days): \Generator
    {
        $this->baseline();
        for ($session = 0; $this->day < $days; $session++) {
            $between = self::DAYS_BETWEEN[$session % count(self::DAYS_BETWEEN)];
            $this->day += $between;
            $missed = $this->athlete->chance(self::MISSED);
            $this->athlete->pass($between, ! $missed);
            if (! $missed) {
                $isDone = $this->tryStrict();
                yield $this->day => $this->firstSet($isDone);
                $this->climb();
            }
        }
    }

    private function baseline(): void
    {
        foreach ([$this->rung, $this->rung + 2] as $i => $rung) {
            $this->see(Observation::reps(
                day: $this->day,
                load: $this->load($rung),
                reps: $this->athlete->repsToFailure($this->trueShare($rung), $i),
                reserve: 0,
                target: null,
                toFailure: true,
                occasion: Occasion::Baseline,
            ));
        }
    }

    /** Whether one was done, in a try that was due. */
    private function tryStrict(): bool
    {
        $reps = 0;
        if ($this->tries->isDue(StrictTry::chance($this->today()), TryPace::Usual, $this->day)) {
            $reps = $this->athlete->repsToFailure(1.0, 0);
            $this->tries = $this->tries->with($this->day, $reps > 0);
            $this->see(Observation::reps(
                day: $this->day,
                load: FeltLoad::of(1.0),
                reps: $reps,
                reserve: 0,
                target: null,
                toFailure: true,
                occasion: Occasion::Test,
            ));
        }

        return $reps > 0;
    }

    private function firstSet(bool $isStrictDone): SimulatedSet
    {
        $before = $this->today();
        $load = $this->load($this->rung);
        $failure = $this->athlete->repsToFailure($this->trueShare($this->rung), 0);
        $done = min(self::ASKED, $failure);
        $reserve = $this->athlete->chance(self::UNTOLD)
            ? null
            : ($done < self::ASKED ? 0 : $this->athlete->toldReserve($failure - $done, 0));
        $this->met = $done >= self::ASKED ? $this->met + 1 : 0;
        $this->see($set = Observation::reps($this->day, $load, $done, $reserve, self::ASKED));

        return new SimulatedSet($this->day, $before, $set, $failure, $this->athlete->capacityShare(), $isStrictDone);
    }

    private function climb(): void
    {
        $next = RepPrediction::at($this->today(), $this->load($this->rung + 1));
        if (
            ($this->met >= self::SESSIONS_MET && $next->chanceOf(self::FLOOR) >= self::LIKELY)
            || $next->chanceOf((float) self::ASKED) >= self::LIKELY
        ) {
            $this->rung++;
            $this->met = 0;
        }
    }

    private function see(Observation $set): void
    {
        $this->state = $this->filter->after($this->state, $set);
    }

    private function today(): CapacityState
    {
        return $this->state?->on($this->day) ?? $this->filter->prior($this->day);
    }

    private function load(int $rung): FeltLoad
    {
        return FeltLoad::of($this->share($rung), $this->share($rung) >= 1.0 ? 0.0 : $this->bandSd, "rung $rung");
    }

    private function share(int $rung): float
    {
        return self::FIRST_RUNG + self::STEP * $rung;
    }

    private function trueShare(int $rung): float
    {
        return $this->share($rung) * exp(-$this->athlete->errorOf("rung $rung", $this->load($rung)->sdLog()));
    }
}
