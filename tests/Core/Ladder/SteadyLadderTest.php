<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\Goal;
use SteadyRung\Ladder\LadderStart;
use SteadyRung\Ladder\NearestReps;
use SteadyRung\Ladder\SteadyLadder;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\Strict;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;

/** @param  list<Warning>  $warnings */
function at(float $share, float $sd = 0.0, array $warnings = [], ?array $range = null): Rung
{
    return new Rung(
        Exercise::of(new StrictPull),
        (string) $share,
        new Strict,
        new CarriedLoad(
            100.0,
            100 * $share,
            100 * $share,
            100 * $share,
            Demand::asCarried(100.0, 100 * $share, 100 * $share, 100 * $share),
            $sd,
            0.5,
            $warnings,
            $range,
        ),
    );
}

/**
 * All ways up tried: the smallest largest step, then the fewest rungs.
 *
 * @param  list<float>  $shares ascending, the last is the goal
 * @return array{float, int}
 */
function exhaustive(array $shares, float $from, float $smallest, int $most): array
{
    $goal = array_pop($shares);
    $best = [$goal - $from, 1];
    $go = function (float $at, array $left, float $largest, int $count) use (&$go, &$best, $goal, $smallest, $most): void {
        if ($largest > $best[0] + 1e-11 || $count >= $most) {
            return; // longer ways only get worse
        }
        $last = max($largest, $goal - $at);
        if ($goal - $at >= $smallest && ($last < $best[0] - 1e-11 || (abs($last - $best[0]) <= 1e-11 && $count + 1 < $best[1]))) {
            $best = [$last, $count + 1];
        }
        foreach ($left as $i => $to) {
            if ($to - $at >= $smallest) {
                $go($to, array_slice($left, $i + 1), max($largest, $to - $at), $count + 1);
            }
        }
    };
    $go($from, $shares, 0.0, 0);

    return $best;
}

it('equals exhaustive search on hundreds of random sets of rungs', function (): void {
    $random = new Randomizer(new Mt19937(7));
    for ($round = 0; $round < 400; $round++) {
        $shares = array_map(
            fn (): float => $random->getInt(400, 999) / 1000 + $random->getInt(0, 999) / 1e7,
            range(1, $random->getInt(1, 11)),
        );
        $shares[] = 1.0;
        sort($shares);
        $from = $random->getInt(300, 700) / 1000;
        $smallest = [0.005, 0.02, 0.05][$random->getInt(0, 2)];
        $most = $random->getInt(0, 2) === 0 ? $random->getInt(1, 4) : 12;
        $ladder = SteadyLadder::through(array_map(at(...), $shares), $from, 1.0, $smallest, $most);
        $above = array_values(array_filter($shares, fn (float $s): bool => $s > $from + 1e-9));

        [$step, $count] = exhaustive($above, $from, $smallest, $most);
        expect($ladder->largestStep)->toEqualWithDelta($step, 1e-9, "round $round")
            ->and(count($ladder->rungs))->toBe($count, "round $round");
    }
});

it('equals exhaustive search on hundreds of random kits', function (): void {
    $random = new Randomizer(new Mt19937(11));
    for ($round = 0; $round < 200; $round++) {
        $kit = Kit::of([
            Bar::of('a', 'a', $random->getInt(180, 280) / 100),
            ...array_map(
                fn (int $i) => LoopBand::of("b$i", "b$i", $random->getInt(90, 100) / 100, $random->getInt(10, 60), 4.5),
                range(1, $random->getInt(1, 3)),
            ),
        ]);
        $candidates = (new RungSearch($kit))->lane(Lane::Pull, athlete($random->getInt(50, 100)));
        $ladder = SteadyLadder::through($candidates, 0.5, 1.0);
        $shares = [];
        foreach ($candidates as $rung) {
            $usable = $rung->load->shareRange === null && array_filter($rung->load->warnings, fn ($w) => $w->code->isCaution()) === [];
            if ($usable && $rung->share() > 0.5 && ($shares === [] || $rung->share() - end($shares) > 1e-9)) {
                $shares[] = $rung->share();
            }
        }
        if (count($shares) > 30 || array_filter($candidates, fn ($r) => $r->load->shareRange !== null) !== []) {
            $shares = array_map(fn ($r) => $r->share(), $ladder->considered);
        }
        [$step, $count] = exhaustive($shares, 0.5, 0.02, 99);

        expect($ladder->largestStep)->toEqualWithDelta($step, 1e-9)->and(count($ladder->rungs))->toBe($count);
    }
});

it('goes straight to a goal nearer than the smallest step, and nowhere from beyond it', function (): void {
    expect(SteadyLadder::through([at(0.99), at(1.0)], 0.985, 1.0)->rungs)->toHaveCount(1)
        ->and(SteadyLadder::through([at(0.9), at(1.0)], 1.0, 1.0)->rungs)->toBe([])
        ->and(SteadyLadder::through([], 0.5, 1.0)->reachesGoal)->toBeFalse();
});

it('ends at the hardest rung where the goal is out of reach, and says so', function (): void {
    $ladder = SteadyLadder::through([at(0.6), at(0.7)], 0.5, 1.0);

    expect($ladder->reachesGoal)->toBeFalse()->and(array_map(fn ($r) => $r->share(), $ladder->rungs))->toBe([0.6, 0.7]);
});

it('leaves out what a caution speaks against, and intervals too wide to be a rung', function (): void {
    $stretched = at(0.75, 0.0, [new Warning(WarningCode::StretchHigh, '')]);
    $ladder = SteadyLadder::through([$stretched, at(0.8, 0.1, [], [0.6, 1.0]), at(0.94, 0.03, [], [0.88, 1.0]), at(1.0)], 0.5, 1.0);

    expect(array_map(fn ($r) => $r->share(), $ladder->rungs))->toBe([0.94, 1.0])->and($ladder->candidates)->toBe(4);
});

it('takes the surest of set-ups that carry the same, and of ways that are equally steady', function (): void {
    $ladder = SteadyLadder::through([at(0.75, 0.05), at(0.75, 0.01), at(1.0)], 0.5, 1.0);
    $either = SteadyLadder::through([at(0.74, 0.05), at(0.75, 0.05), at(0.76, 0.01), at(1.0)], 0.5, 1.0, 0.02, 2);

    expect($ladder->rungs[0]->load->shareSd)->toBe(0.01)->and($either->largestStep)->toEqualWithDelta(0.25, 1e-9);
});

it('names its largest step', function (): void {
    $ladder = SteadyLadder::through([at(0.6), at(0.82), at(1.0)], 0.5, 1.0);

    expect($ladder->largestStep)->toEqualWithDelta(0.22, 1e-9)->and($ladder->largestAt)->toBe(1)
        ->and(array_sum($ladder->steps()))->toEqualWithDelta(0.5, 1e-9);
});

it('begins at the set-up in use, else at the load of eight reps, else below the easiest', function (): void {
    expect(LadderStart::share(at(0.63), estimateOf(null), []))->toBe(0.63)
        ->and(LadderStart::share(null, estimateOf(0.9), []))->toBe(0.71)
        ->and(LadderStart::share(null, estimateOf(null), [at(0.4)]))->toEqualWithDelta(0.38, 1e-12);
});

it('leads to the unassisted pull-up, beyond it from there, and to the hardest row', function (): void {
    expect(Goal::share(Lane::Pull, 0.7, [at(1.0)]))->toBe(1.0)
        ->and(Goal::share(Lane::Pull, 1.0, [at(1.0)]))->toEqualWithDelta(1.1, 1e-12)
        ->and(Goal::share(Lane::Row, 0.4, [at(0.5), at(0.72)]))->toBe(0.72);
});

it('finds the set-ups nearest to a wanted number of reps', function (): void {
    $best = NearestReps::of([at(0.5), at(0.9 / (1 + 5 / 27)), at(1.0)], estimateOf(0.9), 6, 1);

    expect($best)->toHaveCount(1)->and(estimateOf(0.9)->onRung($best[0])->median())->toEqualWithDelta(6.0, 1e-4);
});
