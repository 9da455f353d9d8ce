<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Workout;

use SteadyRung\Plan\Session\Block;
use SteadyRung\Strength\Filter\SetFall;
use SteadyRung\Strength\RepPrediction;

/**
 * The rounds of a task in sets that somebody can do, tired by those before, with some left in each.
 */
final readonly class Split
{
    /** Between two sets: breathe, chalk, on (common practice). */
    public const REST_S = 20;

    /** Left in each set: a workout is no test (ours). */
    private const RESERVE = 2;

    /** So many sets more than a round would take in the longest ones: else it is on too hard a set-up (ours). */
    private const MORE_SETS = 1;

    /** @param  non-empty-list<non-empty-list<int>>  $rounds  reps of each set */
    private function __construct(public array $rounds)
    {
    }

    /**
     * None where a round would take too many sets.
     *
     * @param  RepPrediction  $fresh  to failure, in the first set
     * @param  int  $set  no set is longer
     */
    public static function of(Task $task, RepPrediction $fresh, SetFall $fall, int $set): ?self
    {
        $rounds = [];
        $done = 0;
        $most = array_map(static fn (int $reps): int => (int) ceil($reps / $set) + self::MORE_SETS, $task->rounds);
        $left = $fall->over(array_sum($most), (float) self::REST_S, self::RESERVE);
        foreach ($task->rounds as $i => $reps) {
            $able = min($set, (int) floor($fresh->with($left[$done + $most[$i] - 1])->median()) - self::RESERVE);
            if ($able < 1 || $able * $most[$i] < $reps) {
                return null;
            }
            $rounds[] = self::evenly($reps, (int) ceil($reps / $able));
            $done += count($rounds[count($rounds) - 1]);
        }

        return new self($rounds);
    }

    /** Whole rounds, where nothing foretells more or fewer. */
    public static function unforetold(Task $task, int $set): self
    {
        return new self(array_map(static fn (int $reps): array => self::evenly($reps, (int) ceil($reps / $set)), $task->rounds));
    }

    public function sets(): int
    {
        return array_sum(array_map(count(...), $this->rounds));
    }

    /** Work and the rests between, in seconds. */
    public function lastsS(): float
    {
        return Block::REP_S * array_sum(array_map(array_sum(...), $this->rounds)) + self::REST_S * ($this->sets() - 1);
    }

    /** @return non-empty-list<int> the longer ones first */
    private static function evenly(int $reps, int $sets): array
    {
        $more = $reps % $sets;

        return array_map(static fn (int $i): int => intdiv($reps, $sets) + ($i < $more ? 1 : 0), range(0, max(0, $sets - 1)));
    }
}
