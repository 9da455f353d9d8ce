<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;

/**
 * What the sets of one day came to: work counted in reps, where it failed and where it was too easy.
 */
final readonly class DaySets
{
    private const EASY_RESERVE = 4;

    /** @var list<Done> */
    private array $work;

    /** @param  list<Done>  $sets */
    public function __construct(private array $sets)
    {
        $this->work = array_values(array_filter(
            $sets,
            static fn (Done $d): bool => $d->purpose === Purpose::Work && $d->reps !== null && $d->askedReps !== null && ! $d->isLowering(),
        ));
    }

    public function work(): int
    {
        return count($this->work);
    }

    /** Sets that came to less than six tenths of what was asked. */
    public function failed(): int
    {
        return count(array_filter($this->work, static fn (Done $d): bool => $d->isFailed()));
    }

    /** Whether each set left more than four reps. */
    public function isWasted(): bool
    {
        return $this->work !== []
            && array_filter($this->work, static fn (Done $d): bool => $d->reserve === null || $d->reserve <= self::EASY_RESERVE) === [];
    }

    /** Whether each set failed, or each was too easy. */
    public function isLost(): bool
    {
        return $this->isWasted() || ($this->work !== [] && $this->failed() === $this->work());
    }

    /** Whether half of the work sets failed. */
    public function isShort(): bool
    {
        return $this->work !== [] && 2 * $this->failed() >= $this->work();
    }

    /** Work sets that left more than four reps. */
    public function wastedSets(): int
    {
        return count(array_filter($this->work, static fn (Done $d): bool => $d->reserve > self::EASY_RESERVE));
    }

    /** Tries and tests of a strict rep without one. */
    public function missedTries(): int
    {
        return count(array_filter(
            $this->sets,
            static fn (Done $d): bool => in_array($d->purpose, [Purpose::Try, Purpose::Test], true) && $d->strictReps() === 0,
        ));
    }

    public function lowerings(): int
    {
        return array_sum(array_map(static fn (Done $d): int => $d->lowerings(), $this->sets));
    }

    /** Done in a test or a try, or as work. */
    public function strictReps(): int
    {
        return max([0, ...array_map(static fn (Done $d): int => $d->strictReps(), $this->sets)]);
    }
}
