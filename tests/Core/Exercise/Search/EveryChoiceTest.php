<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Counterweighted;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\PulledDown;
use SteadyRung\Exercise\Choices\Weighted;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Search\EveryChoice;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\DoesNotFit;

it('offers every kind of help in its lane', function (): void {
    $kinds = fn (Lane $lane): array => array_values(array_unique(array_map(
        fn (Choice $c): string => $c->kind()->value,
        iterator_to_array((new EveryChoice(fullKit(), athlete()))->in($lane), false),
    )));

    expect($kinds(Lane::Pull))->toEqualCanonicalizing(['strict', 'band', 'foot', 'added', 'counterweight'])
        ->and($kinds(Lane::Row))->toBe(['row'])
        ->and($kinds(Lane::PullDown))->toBe(['pulldown', 'band-pulldown'])
        ->and($kinds(Lane::Seconds))->toBe([]);
});

it('counts what a kit allows: bands and pairs on each bar, marks on each strap and bar with each box', function (): void {
    $count = fn (Lane $lane): int => count(iterator_to_array((new EveryChoice(fullKit(), athlete()))->in($lane), false));
    // Strict; 2 bands × 2 bars and 1 pair on the bar that is high enough, × foot and knee, and one at each; 2 weights and their pair;
    // 2 bars × floor, plate and box; 4 pins.
    expect($count(Lane::Pull))->toBe(1 + 2 * 2 * 2 + 2 + 2 + 3 + 2 * 3 + 4)
        // 71 marks × (2 straps and 2 bars) × floor and box.
        ->and($count(Lane::Row))->toBe(71 * 4 * 2);
});

it('has a key of its own for every choice, and a name', function (): void {
    $kit = fullKit();
    $keys = [];
    foreach (Lane::cases() as $lane) {
        foreach ((new EveryChoice($kit, athlete()))->in($lane) as $choice) {
            expect($choice->kind()->lane())->toBe($lane)->and($choice->name($kit))->not->toBe('');
            $keys[] = $choice->key();
        }
    }

    expect(array_unique($keys))->toHaveCount(count($keys));
});

it('offers what one change leads to: another mark of the same row, another pin, another band', function (): void {
    $search = new RungSearch(fullKit());
    $near = function (Choice $choice) use ($search): array {
        $rung = $search->rung(Exercise::of($choice), athlete());
        assert(! $rung instanceof DoesNotFit);

        return array_values(array_unique(array_map(
            fn ($r) => json_encode(array_diff_key($r->exercise->pieces(), ['mark' => 0, 'stack' => 0, 'manner' => 0, 'held' => 0])),
            $search->near($rung, athlete()),
        )));
    };
    $row = InRow::onRings('rings', 1.5, 0.0);

    expect($near($row))->toBe(['{"hang":"rings","strap":"1.500","box":""}'])
        ->and($near(Counterweighted::of('lift', 20)))->toContain('{"machine":"lift"}');
});

it('steps a row to the next heel mark that can be felt, in its own lane', function (): void {
    $search = new RungSearch(fullKit());
    $from = $search->rung(Exercise::of(InRow::onRings('rings', 1.5, 0.0)), athlete());
    assert(! $from instanceof DoesNotFit);
    $steps = stepsAround($from, $search);

    expect($steps->up->exercise->setup->kind())->toBe(ChoiceKind::Row)->and($steps->up->exercise->setup->heelMarkM)->toBeGreaterThan(0.0)
        ->and($steps->sizeUp())->toBeGreaterThanOrEqual(0.02)->toBeLessThan(0.08)
        ->and($steps->down->exercise->setup->heelMarkM)->toBeLessThan(0.0);
});

it('stands on a box or on plates, whose heights add', function (): void {
    $kit = fullKit();

    expect(Footing::plates(['plate'])->heightM($kit))->toBe(0.05)
        ->and(Footing::box('box')->heightM($kit))->toBe(0.4)
        ->and(Footing::floor()->heightM($kit))->toEqual(0.0)
        ->and(FootHelped::of('high', Footing::plates(['plate']))->name($kit))->toBe('Foot help, Plate, High bar')
        ->and(fn () => Footing::plates([]))->toThrow(OutOfRange::class, 'plate_ids')
        ->and(fn () => Weighted::of([]))->toThrow(OutOfRange::class, 'weight_ids');
});

it('looks through a bounded part of a kit of any lawful size, its ends and every single band among it', function (): void {
    $kit = hugeKit();
    foreach ([Lane::Pull, Lane::Row, Lane::PullDown] as $lane) {
        $count = 0;
        $bands = [];
        foreach ((new EveryChoice($kit, athlete()))->in($lane) as $choice) {
            $count++;
            $choice instanceof OnBands && count($choice->bandIds) === 1 ? $bands[$choice->bandIds[0]] = true : null;
        }
        expect($count)->toBeLessThan(5000)->and(count($bands))->toBe($lane === Lane::Pull ? Kit::MOST_BANDS : 0);
    }
});

it('finds the rows of any gym, the lightest and the hardest there are, whatever the number of boxes', function (Kit $kit): void {
    $search = new RungSearch($kit);
    $found = array_values(array_filter($search->kind(ChoiceKind::Row, athlete(), Exercise::of(...)), static fn ($r): bool => $r->holds()));
    $all = [];
    foreach ([null, ...array_column($kit->boxes, 'id')] as $box) {
        foreach ($kit->ringPairs as $rings) {
            foreach ($rings->strapsM as $strapM) {
                foreach (range(-150, 200, 10) as $cm) {
                    $rung = $search->standing(Exercise::of(InRow::onRings($rings->id, $strapM, $cm / 100, $box)), athlete());
                    $rung instanceof DoesNotFit || ! $rung->holds() ? null : $all[] = $rung->share();
                }
            }
        }
    }
    sort($all);
    $away = array_map(static fn (float $share): float => min(array_map(static fn ($r): float => abs($r->share() - $share), $found)), $all);

    expect($found[0]->share())->toBeLessThan($all[0] + 0.02)->toBeLessThan(0.4)
        ->and(max($away))->toBeLessThan(0.02);
})->with([
    'two ring pairs, three boxes' => [
        fn () => Kit::of([
            RingPair::of('a', 'A', 2.6, [0.4, 1.0, 1.3, 1.6, 2.2]),
            RingPair::of('b', 'B', 2.4, [0.6, 1.0, 1.2, 1.5]),
            Box::of('1', '1', 0.3),
            Box::of('2', '2', 0.45),
            Box::of('3', '3', 0.6),
        ]),
    ],
    'one strap and four boxes' => [
        fn () => Kit::of([
            RingPair::of('a', 'A', 2.6, [1.3]),
            Bar::of('high', 'High', 2.5),
            Box::of('1', '1', 0.2),
            Box::of('2', '2', 0.3),
            Box::of('3', '3', 0.45),
            Box::of('4', '4', 0.6),
        ]),
    ],
    'more straps than are looked at' => [
        fn () => Kit::of([
            RingPair::of('a', 'A', 2.8, array_map(static fn (int $i): float => 0.5 + 0.1 * $i, range(0, 19))),
            Box::of('1', '1', 0.3),
        ]),
    ],
]);

it('refuses a pull-down on a machine that lifts', function (): void {
    expect(fn () => PulledDown::of('lift', 10)->setup(fullKit()))->toThrow(GearClash::class, 'Lift lifts the athlete')
        ->and(fn () => Counterweighted::of('cable', 10)->setup(fullKit()))->toThrow(GearClash::class, 'is pulled down');
});

it('tells of a choice made before what became of it when its gear is gone or clashes', function (): void {
    $search = new RungSearch(fullKit());
    $gone = $search->standing(Exercise::of(Weighted::of(['sold'])), athlete());
    $clash = $search->standing(Exercise::of(FootHelped::of('low', Footing::box('box'))), athlete());
    assert($gone instanceof DoesNotFit);

    expect($gone->reason)->toBe('This weight is not in the kit, or is retired.')
        ->and($clash)->not->toBeInstanceOf(DoesNotFit::class)
        ->and($search->standing(null, athlete()))->toBeNull();
});
