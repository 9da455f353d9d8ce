<?php

declare(strict_types=1);

use SteadyRung\Kit\Band\CalibrationAge;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Kit\Weight;
use SteadyRung\OutOfRange;

it('refuses gear that cannot be, naming the figure', function (): void {
    expect(fn () => Box::of('b', 'b', 0.0))->toThrow(OutOfRange::class, 'height_m')
        ->and(fn () => Plate::of('p', 'p', NAN))->toThrow(OutOfRange::class, 'thickness_m')
        ->and(fn () => Weight::of('w', 'w', -5))->toThrow(OutOfRange::class, 'mass_kg')
        ->and(fn () => RingPair::of('r', 'r', 2.4, []))->toThrow(OutOfRange::class, 'strap_m')
        ->and(fn () => RingPair::of('r', 'r', 0.2, [0.1]))->toThrow(OutOfRange::class, 'anchor_height_m')
        ->and(fn () => Machine::of('m', 'm', MachineUse::PullDown, 10, 5))->toThrow(OutOfRange::class, 'most_kg');
});

it('keeps strap marks in order and once each, and off the floor', function (): void {
    expect(RingPair::of('r', 'r', 2.4, [1.4, 1.0, 1.4])->strapsM)->toBe([1.0, 1.4])
        ->and(fn () => RingPair::of('r', 'r', 2.0, [1.0, 1.95]))->toThrow(GearClash::class, 'hangs to the floor');
});

it('pins a machine’s stack step by step to the whole of it', function (): void {
    expect(Machine::of('m', 'm', MachineUse::Counterweight, 2.5, 10)->stacksKg())->toBe([2.5, 5.0, 7.5, 10.0]);
});

it('sorts gear into a kit, finds it by id, and says what is missing', function (): void {
    $kit = Kit::of([
        Bar::of('a', 'Bar', 2.4),
        Box::of('b', 'Box', 0.4),
        band(id: 'c'),
        Weight::of('d', 'Weight', 5),
        Plate::of('e', 'Plate', 0.05),
    ]);

    expect($kit->box('b')->name)->toBe('Box')->and($kit->band('c')->id)->toBe('c')->and($kit->weight('d')->massKg)->toBe(5.0)
        ->and($kit->onlyBand(band(id: 'z'))->weights)->toBe([])
        ->and($kit->with(Box::of('f', 'More', 0.2))->boxes)->toHaveCount(2)
        ->and(fn () => $kit->ringPair('b'))->toThrow(UnknownGear::class, 'This pair of rings is not in the kit');
});

it('stands on the floor, on one box, or on plates up to 30 cm, each height once with the fewest plates', function (): void {
    $plates = [Plate::of('p1', '', 0.05), Plate::of('p2', '', 0.05), Plate::of('p3', '', 0.10), Plate::of('p4', '', 0.12)];
    $all = StandingHeight::all([Box::of('b', '', 0.40)], $plates);
    $byCm = [];
    foreach ($all as $height) {
        $byCm[(int) round(100 * $height->heightM)] = count($height->plateIds);
    }

    expect($byCm)->toBe([0 => 0, 5 => 1, 10 => 1, 12 => 1, 15 => 2, 17 => 2, 20 => 3, 22 => 2, 27 => 3, 40 => 0])
        ->and(StandingHeight::nearest($all, 0.16)->heightM)->toEqualWithDelta(0.15, 1e-12)
        ->and(StandingHeight::nearest($all, 9.0)->boxId)->toBe('b');
});

it('reaches every sum of plates that trying all subsets reaches', function (): void {
    $thick = [0.012, 0.025, 0.03, 0.05, 0.051, 0.09];
    $plates = array_map(fn (float $m, int $i) => Plate::of("p$i", '', $m), $thick, array_keys($thick));
    $sums = [0 => true];
    foreach (range(1, 63) as $mask) {
        $sum = array_sum(array_filter($thick, fn (int $i): bool => ($mask >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
        if ($sum <= 0.30) {
            $sums[(int) round(10000 * $sum)] = true;
        }
    }

    expect(array_map(
        fn ($h) => (int) round(10000 * $h->heightM),
        StandingHeight::all([], $plates),
    ))->toEqualCanonicalizing(array_keys($sums));
});

it('pins a stack of which every weight is told, in order, and no other', function (): void {
    $machine = Machine::pinned('m', 'Old stack', MachineUse::PullDown, [25.0, 7.0, 14.5], 0.5, 2.0);

    expect($machine->stacksKg())->toBe([7.0, 14.5, 25.0])->and($machine->leverage)->toBe(0.5)
        ->and(fn () => Machine::pinned('m', 'm', MachineUse::PullDown, [5.0, 900.0]))->toThrow(OutOfRange::class, 'most_kg')
        ->and(fn () => Machine::pinned('m', 'm', MachineUse::PullDown, [0.0, 10.0]))->toThrow(OutOfRange::class, 'stack_kg')
        ->and(fn () => Machine::pinned('m', 'm', MachineUse::PullDown, [5.0], 9.0))->toThrow(OutOfRange::class, 'leverage');
});

it('asks for new readings of a band after ninety days, and says how old they are', function (): void {
    expect(CalibrationAge::words(null))->toBeNull()
        ->and(CalibrationAge::words(0))->toBeNull()
        ->and(CalibrationAge::words(CalibrationAge::DAYS))->toBeNull()
        ->and(CalibrationAge::words(CalibrationAge::DAYS + 1))->toBe('Measured 91 days ago: rubber tires. Measure it again.');
});
