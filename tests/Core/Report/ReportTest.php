<?php

declare(strict_types=1);

use SteadyRung\OutOfRange;
use SteadyRung\Report\FewPeople;
use SteadyRung\Report\Portion;
use SteadyRung\Report\Spell;
use SteadyRung\Report\Waiting;
use SteadyRung\Simulation\Draws;

it('says nothing of nobody', function (): void {
    expect(Portion::of(0, 0))->part->toBeNull()->low->toBe(0.0)->high->toBe(1.0)
        ->and(Portion::ofEach([]))->all->toBe(0)
        ->and(Waiting::of([])->median())->toBeNull()->and(Waiting::of([])->cameBy(1.0))->toBeNull();
});

it('refuses more than all', function (int $some, int $all): void {
    expect(fn () => Portion::of($some, $all))->toThrow(OutOfRange::class);
})->with([[3, 2], [-1, 2]]);

it('is as sure of many who are alike as of single counts, and less where they differ', function (): void {
    $alike = Portion::ofEach(array_fill(0, 40, [2, 10]));
    $single = Portion::of(80, 400);
    $apart = Portion::ofEach([...array_fill(0, 20, [0, 10]), ...array_fill(0, 20, [4, 10])]);
    $one = Portion::ofEach([[80, 400]]);

    expect([$alike->low, $alike->high])->toEqual([$single->low, $single->high])
        ->and($apart->part)->toBe(0.2)->and($apart->high - $apart->low)->toBeGreaterThan(1.5 * ($single->high - $single->low))
        ->and($one->high - $one->low)->toBeGreaterThan(0.5);
});

it('holds the true part of failed sets about eight times in ten, of athletes who differ and stay so', function (): void {
    $draws = new Draws(7);
    $held = 0;
    for ($gym = 0; $gym < 600; $gym++) {
        $counts = [];
        for ($athlete = 0; $athlete < 25; $athlete++) {
            $own = $draws->between(0.0, 0.3); // each fails so many of theirs, for good; 0.15 in the mean
            $sets = (int) $draws->between(10.0, 80.0);
            $failed = count(array_filter(range(1, $sets), fn (): bool => $draws->between(0.0, 1.0) < $own));
            $counts[] = [$failed, $sets];
        }
        $portion = Portion::ofEach($counts);
        $held += $portion->low <= 0.15 && $portion->high >= 0.15 ? 1 : 0;
    }

    expect($held / 600)->toBeGreaterThan(0.74)->toBeLessThan(0.86);
});

it('holds the true median wait about eight times in ten, where some leave and some still wait', function (): void {
    $draws = new Draws(11);
    $held = 0;
    for ($gym = 0; $gym < 600; $gym++) {
        $spells = [];
        for ($athlete = 0; $athlete < 40; $athlete++) {
            $comes = -20.0 / M_LN2 * log($draws->between(1e-9, 1.0)); // half of them by week 20
            $looked = $draws->between(10.0, 90.0);
            $spells[] = new Spell(min($comes, $looked), $comes <= $looked);
        }
        [$soonest, $latest] = Waiting::of($spells)->medianRange();
        $held += ($soonest ?? INF) <= 20.0 && 20.0 <= ($latest ?? INF) ? 1 : 0;
    }

    expect($held / 600)->toBeGreaterThan(0.74)->toBeLessThan(0.88);
});

it('comes for everybody where nobody is left waiting', function (): void {
    $waiting = Waiting::of([new Spell(4.0, true), new Spell(8.0, true)]);

    expect($waiting->median())->toBe(4.0)->and($waiting->cameBy(8.0))->toBe([1.0, 1.0, 1.0])->and($waiting->cameBy(3.0))->toBe([0.0, 0.0, 0.0]);
});

it('warns of fewer than twenty people', function (int $people, bool $warns): void {
    expect(FewPeople::warning($people) !== null)->toBe($warns);
})->with([[0, true], [1, true], [19, true], [20, false]]);
