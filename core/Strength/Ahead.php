<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Strength\Filter\CapacityState;

/**
 * What will be believed week by week from today, if training goes on as it goes.
 */
final readonly class Ahead
{
    public const WEEKS = 52;

    /** @param  non-empty-array<int, CapacityState>  $weeks  from today on */
    private function __construct(private array $weeks)
    {
    }

    /**
     * From the state after the last set, in one step to each week.
     *
     * @param  list<array{int, float}>  $trained  by each week from today: how many were trained by then, and what breaks in them cost of
     *   log capacity; none where each is trained
     */
    public static function of(CapacityState $last, int $today, array $trained = []): self
    {
        return new self(array_map(static function (int $week) use ($last, $today, $trained): CapacityState {
            [$weeks, $lost] = $trained[$week] ?? [$week, 0.0];

            return $last->on($today, (float) $weeks)->less($lost);
        }, range(0, self::WEEKS)));
    }

    public function in(int $weeks): CapacityState
    {
        return $this->weeks[$weeks];
    }

    public function today(): CapacityState
    {
        return $this->in(0);
    }

    /** Chance that capacity suffices for so many strict reps in so many weeks, 1 + (n − 1)/k of bodyweight. */
    public function chance(int $weeks, int $reps): float
    {
        return $this->in($weeks)->chanceOfStrict($reps);
    }
}
