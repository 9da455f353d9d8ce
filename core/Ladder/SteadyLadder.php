<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Exercise\Rung;

/**
 * The steadiest way through the rungs from a share to a goal: the smallest possible largest step, then the fewest
 * set-ups, then the surest ones and, of rows, those whose heels need the least grip.
 */
final readonly class SteadyLadder
{
    private const SAME_SHARE = 1e-9;

    /**
     * @param  list<Rung>  $rungs from the easiest to the goal
     * @param  float  $largestStep in carried share
     * @param  int  $largestAt index of the rung that the largest step leads to
     * @param  int  $candidates how many set-ups it was chosen from
     * @param  list<Rung>  $considered those of them that are rungs between start and goal, one for each share
     * @param  bool  $reachesGoal whether this kit can build the goal at all
     */
    private function __construct(
        public float $fromShare,
        public array $rungs,
        public float $largestStep,
        public int $largestAt,
        public int $candidates,
        public array $considered,
        public bool $reachesGoal,
    ) {
    }

    /**
     * The ladder through candidates sorted by share. The goal is the first candidate at or above toShare, or the last there is.
     * Bottleneck shortest path: bisection on the largest step, each time the fewest rungs through steps in
     * [smallest, largest] over the sorted line, with a sliding window minimum. A first rung that is set is kept; the rest is
     * steadiest from there.
     *
     * @param  list<Rung>  $candidates
     */
    public static function through(
        array $candidates,
        float $fromShare,
        float $toShare,
        float $smallestStep = Steps::SMALLEST,
        ?int $mostRungs = null,
        ?Rung $first = null,
    ): self {
        $sure = self::distinct(array_values(array_filter($candidates, static fn (Rung $r): bool => $r->holds())));
        $above = array_values(array_filter($sure, static fn (Rung $r): bool => $r->share() > $fromShare + self::SAME_SHARE));
        $goal = self::goalIndex($above, $toShare);
        if ($goal === null || $fromShare >= $toShare) {
            return new self(
                fromShare: $fromShare,
                rungs: [],
                largestStep: 0.0,
                largestAt: 0,
                candidates: count($candidates),
                considered: $above,
                reachesGoal: $fromShare >= $toShare,
            );
        }
        $above = array_slice($above, 0, $goal + 1);
        $rungs = self::path($above, $fromShare, $smallestStep, $mostRungs ?? count($above), $first);
        [$largest, $at] = self::largest($rungs, $fromShare);

        return new self(
            fromShare: $fromShare,
            rungs: $rungs,
            largestStep: $largest,
            largestAt: $at,
            candidates: count($candidates),
            considered: $above,
            reachesGoal: $above[$goal]->share() >= $toShare - self::SAME_SHARE,
        );
    }

    /** @param  \Closure(Rung): Rung  $swap the same work elsewhere */
    public function on(\Closure $swap): self
    {
        return new self(
            fromShare: $this->fromShare,
            rungs: array_map($swap, $this->rungs),
            largestStep: $this->largestStep,
            largestAt: $this->largestAt,
            candidates: $this->candidates,
            considered: $this->considered,
            reachesGoal: $this->reachesGoal,
        );
    }

    /**
     * The step up to each rung, in carried share.
     *
     * @return list<float>
     */
    public function steps(): array
    {
        return self::stepsOf($this->rungs, $this->fromShare);
    }

    /**
     * @param  list<Rung>  $above at least one
     * @return list<Rung>
     */
    private static function path(array $above, float $fromShare, float $smallestStep, int $mostRungs, ?Rung $first): array
    {
        if ($first === null || $first->share() > $above[count($above) - 1]->share() + self::SAME_SHARE) {
            return array_map(
                static fn (int $i): Rung => $above[$i],
                self::evenest($above, $fromShare, $smallestStep, $mostRungs) ?? [count($above) - 1],
            );
        }
        $rest = array_values(array_filter($above, static fn (Rung $r): bool => $r->share() > $first->share() + self::SAME_SHARE));

        return $rest === [] || $mostRungs < 2
            ? [$first]
            : [$first, ...self::path($rest, $first->share(), $smallestStep, $mostRungs - 1, null)];
    }

    /**
     * One rung for each share, the surest and steadiest.
     *
     * @param  list<Rung>  $rungs sorted by share
     * @return list<Rung>
     */
    private static function distinct(array $rungs): array
    {
        $distinct = [];
        foreach ($rungs as $rung) {
            $last = end($distinct);
            if ($last !== false && $rung->share() - $last->share() <= self::SAME_SHARE) {
                if (self::cost($rung) >= self::cost($last)) {
                    continue;
                }
                array_pop($distinct);
            }
            $distinct[] = $rung;
        }

        return $distinct;
    }

    /** @param  list<Rung>  $rungs */
    private static function goalIndex(array $rungs, float $toShare): ?int
    {
        foreach ($rungs as $i => $rung) {
            if ($rung->share() >= $toShare - self::SAME_SHARE) {
                return $i;
            }
        }

        return $rungs === [] ? null : count($rungs) - 1;
    }

    /**
     * @param  list<Rung>  $rungs
     * @return list<int>|null
     */
    private static function evenest(array $rungs, float $fromShare, float $smallest, int $mostRungs): ?array
    {
        $shares = array_map(static fn (Rung $r): float => $r->share(), $rungs);
        $costs = array_map(self::cost(...), $rungs);
        $high = $shares[count($shares) - 1] - $fromShare + self::SAME_SHARE;
        $low = 0.0;
        $path = self::fewest($shares, $costs, $fromShare, $smallest, $high);
        while ($path !== null && $high - $low > self::SAME_SHARE) {
            $middle = ($low + $high) / 2.0;
            $tried = self::fewest($shares, $costs, $fromShare, $smallest, $middle);
            if ($tried !== null && count($tried) <= $mostRungs) {
                $path = $tried;
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $path;
    }

    /**
     * The fewest rungs (of equals the surest) from the start to the last one with every step in [smallest, largest].
     *
     * @param  list<float>  $shares
     * @param  list<float>  $costs  of standing on each
     * @return list<int>|null
     */
    private static function fewest(array $shares, array $costs, float $fromShare, float $smallest, float $largest): ?array
    {
        $cost = [-1 => 0.0];
        $before = [];
        $window = [-1];
        $head = 0;
        $enter = 0;
        foreach ($shares as $i => $share) {
            for (; $enter < $i && $shares[$enter] <= $share - $smallest; $enter++) {
                if (! isset($cost[$enter])) {
                    continue;
                }
                while (count($window) > $head && $cost[$window[count($window) - 1]] >= $cost[$enter]) {
                    array_pop($window);
                }
                $window[] = $enter;
            }
            while (isset($window[$head]) && ($window[$head] < 0 ? $fromShare : $shares[$window[$head]]) < $share - $largest) {
                $head++;
            }
            $from = $window[$head] ?? null;
            if ($from !== null && ($from >= 0 || $fromShare <= $share - $smallest)) {
                $cost[$i] = $cost[$from] + $costs[$i];
                $before[$i] = $from;
            }
        }

        return self::traced($before, count($shares) - 1);
    }

    /**
     * One, and a little more the less sure its share is and the more grip its heels need: less than one in all, however many rungs there
     * are.
     */
    private static function cost(Rung $rung): float
    {
        return 1.0 + 1e-4 * min(1.0, $rung->load->shareSd) + 1e-5 * min(1.0, $rung->load->friction ?? 0.0);
    }

    /**
     * @param  array<int, int>  $before
     * @return list<int>|null
     */
    private static function traced(array $before, int $last): ?array
    {
        $path = [];
        for ($i = $last; $i >= 0; $i = $before[$i]) {
            if (! isset($before[$i])) {
                return null;
            }
            array_unshift($path, $i);
        }

        return $path;
    }

    /**
     * @param  list<Rung>  $rungs
     * @return array{float, int}
     */
    private static function largest(array $rungs, float $fromShare): array
    {
        $steps = self::stepsOf($rungs, $fromShare);
        $largest = $steps === [] ? 0.0 : max($steps);

        return [$largest, (int) array_search($largest, $steps, true)];
    }

    /**
     * @param  list<Rung>  $rungs
     * @return list<float>
     */
    private static function stepsOf(array $rungs, float $fromShare): array
    {
        $steps = [];
        foreach ($rungs as $rung) {
            $steps[] = $rung->share() - $fromShare;
            $fromShare = $rung->share();
        }

        return $steps;
    }
}
