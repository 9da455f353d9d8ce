<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Call\Call;
use SteadyRung\Method\Place;
use SteadyRung\Plan\Done;
use SteadyRung\Plan\Purpose;
use SteadyRung\Plan\Session;

/**
 * One day of an apprenticeship: what was written, what was done, and what was called.
 */
final readonly class TrainedDay
{
    private const FAILED = 0.6;

    private const EASY_RESERVE = 4;

    /** @param  list<Done>  $sets */
    public function __construct(public int $day, public Session $session, public array $sets, public ?Call $call, public Place $place, public int $soreness, public float $capacityShare)
    {
    }

    /** Work sets that came to less than six tenths of what was asked. */
    public function failedSets(): int
    {
        return count(array_filter($this->work(), static fn (Done $d): bool => $d->askedReps !== null && $d->reps !== null && $d->reps < self::FAILED * $d->askedReps));
    }

    /** Whether each set left more than four reps. */
    public function isWasted(): bool
    {
        $reps = array_filter($this->work(), static fn (Done $d): bool => $d->reps !== null && ! $d->isLowering());

        return $reps !== [] && array_filter($reps, static fn (Done $d): bool => $d->reserve === null || $d->reserve <= self::EASY_RESERVE) === [];
    }

    public function lowerings(): int
    {
        return array_sum(array_map(static fn (Done $d): int => $d->lowerings(), $this->sets));
    }

    /** Strict reps done in a test or a try, or as work. */
    public function strictReps(): int
    {
        return max([0, ...array_map(static fn (Done $d): int => $d->share >= 1.0 - 1e-6 && $d->pattern()?->value === 'pull' ? (int) $d->reps : 0, $this->sets)]);
    }

    /** @return list<Done> */
    private function work(): array
    {
        return array_values(array_filter($this->sets, static fn (Done $d): bool => $d->purpose === Purpose::Work));
    }
}
