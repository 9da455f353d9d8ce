<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Reps\Seconds;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * What is believed of an athlete's capacity today: the state after the last set (observed) moved to this day.
 */
final readonly class Estimate
{
    /** A load felt nearer to what was computed is as computed. */
    private const SAME_LOAD = 0.0005;

    private const SAME_REPS = 0.05;

    private function __construct(public ?CapacityState $observed, public ?CapacityState $state, public int $today)
    {
    }

    /** The belief on a day, from the state after the last set; none where nothing was logged. */
    public static function on(int $today, ?CapacityState $lastState): self
    {
        return new self($lastState, $lastState?->on($today), $today);
    }

    /** What is believed of somebody nobody has seen pull: the prior. */
    public static function ofAnybody(int $today): self
    {
        return self::on($today, CapacityFilter::usual()->prior($today));
    }

    /** Where nothing was logged, what is believed of anybody. */
    public function orOfAnybody(): self
    {
        return $this->state === null ? self::ofAnybody($this->today) : $this;
    }

    /** Reps to expect on a load; none before a baseline. */
    public function predict(FeltLoad $load): ?RepPrediction
    {
        return $this->state === null ? null : RepPrediction::at($this->state, $load);
    }

    /** Reps to expect on a rung, likewise; none where seconds count. */
    public function onRung(Rung $rung): ?RepPrediction
    {
        return $rung->exercise->style->movement->isTimed() ? null : $this->predict(FeltLoad::ofRung($rung));
    }

    /** How the reps to expect came about, likewise. */
    public function whyOn(Rung $rung): ?Explanation
    {
        return $rung->exercise->style->movement->isTimed() ? null : $this->why(FeltLoad::ofRung($rung));
    }

    /** On a load; nothing before a baseline. */
    public function why(FeltLoad $load): ?Explanation
    {
        if ($this->state === null) {
            return null;
        }
        $reps = RepPrediction::at($this->state, $load);
        $k = $this->state->k();
        $felt = exp($this->state->level()->mean() - $this->state->against($load)->mean());
        $byMeans = 1.0 + $k->mean() * ($this->state->share() / ($load->share * $felt) - 1.0);
        $byAll = $reps->median() - $byMeans;

        return new Explanation(
            [
                new Step(
                    'Capacity',
                    'one-rep load as a share of bodyweight, from the log',
                    100 * $this->state->share(),
                    '%',
                    'followed from set to set, Kalman 1960, over several curves and swings of form',
                ),
                new Step('Load on the way up', 'effective share', 100 * $load->share, '%'),
                ...(
                    abs($felt - 1.0) < self::SAME_LOAD
                        ? []
                        : [new Step(
                            'Load as this athlete’s sets show it',
                            'the same set-up errs the same way each time',
                            100 * $load->share * $felt,
                            '%',
                            'from the log',
                        )]
                ),
                new Step(
                    'Reps on the mean curve',
                    sprintf(
                        '1 + %.1f × (capacity ÷ load − 1); the %.1f is this athlete’s own, from %.0f to %.0f',
                        $k->mean(),
                        $k->mean(),
                        $k->quantile(0.1),
                        $k->quantile(0.9),
                    ),
                    $byMeans,
                    'reps',
                    'NSCA load chart (memory), Epley 1985, Brzycki 1993',
                ),
                ...(
                    abs($byAll) < self::SAME_REPS
                        ? []
                        : [new Step('All curves and swings of form together', 'against the mean one; never below 0', $byAll, 'reps')]
                ),
                new Step('Predicted reps', 'the median: as often more as less', $reps->median(), 'reps'),
            ],
            [sprintf(
                'Eight sets in ten fall within %.0f to %.0f reps; capacity is %.0f–%.0f %%.',
                floor($reps->low80()),
                floor($reps->high80()),
                100 * $this->state->low80(),
                100 * $this->state->high80(),
            )],
            ['Log a set with the reps left in reserve.'],
        );
    }

    /** Seconds to expect of a lowering or a hold, likewise; none where the grip decides. */
    public function secondsOn(Rung $rung): ?Seconds
    {
        return $this->state === null
            ? null
            : Seconds::expected($this->state->share(), $this->state->sdLog(), $rung->exercise->style, $rung->load);
    }

    /** What the athlete's own sets say that help takes off which nobody measured; none where it was measured, or before such sets. */
    public function helpLearned(Rung $rung): ?LearnedHelp
    {
        return $this->state === null ? null : LearnedHelp::of($this->state, $rung->load, FeltLoad::ofRung($rung));
    }

    /** The load, as a share of bodyweight, on which so many reps are the median; none before a baseline. */
    public function shareFor(float $reps): ?float
    {
        return $this->state?->shareFor($reps);
    }

    /**
     * What will be believed in the weeks to come; none before a baseline.
     *
     * @param  list<array{int, float}>  $trained  as Ahead has it
     */
    public function ahead(array $trained = []): ?Ahead
    {
        return $this->observed === null ? null : Ahead::of($this->observed, $this->today, $trained);
    }
}
