<?php

declare(strict_types=1);

use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\GearKind;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\StationKind;
use SteadyRung\Floor\Timetable\Turn;
use SteadyRung\Floor\Timetable\UnknownPlace;
use SteadyRung\OutOfRange;

/** @param  array<string, list<Turn>>  $turns  by athlete */
function eveningOf(array $turns, int $changeS = 30, int $lengthS = 600, array $arrives = []): Evening
{
    return Evening::of(
        $lengthS,
        $changeS,
        ['beam' => StationKind::Bar, 'rack' => StationKind::Bar, 'floor' => StationKind::Floor],
        ['rook' => GearKind::Band, 'jay' => GearKind::Band, 'box' => GearKind::Box],
        array_map(fn (string $id): Comer => new Comer($id, $arrives[$id] ?? 0, $turns[$id]), array_keys($turns)),
    );
}

/** @return array<string, array{int, string}> start and station by set */
function startsOf(array $slots): array
{
    return array_column(array_map(fn (Slot $s): array => [$s->set, [$s->startS, $s->station]], $slots), 1, 0);
}

it('lets one go while the other rests, and hangs up no more bands than it must', function (): void {
    $on = fn (string $id, string $band): Turn => new Turn($id, 30, 60, ['beam'], [$band]);
    $table = Search::plan(eveningOf(['ada' => [$on('a1', 'rook'), $on('a2', 'rook')], 'bo' => [$on('b1', 'rook'), $on('b2', 'rook')], 'cy' => [$on('c1', 'jay')]]));

    expect($table->endS)->toBe(210)->and($table->boundS)->toBe(150)->and($table->changes)->toBe(1)->and($table->fits)->toBeTrue()
        ->and(startsOf($table->slots)['c1'][0])->toBeIn([0, 180]);
});

it('shares a band between two bars, has room for everybody on the floor, and waits for who is late', function (): void {
    $both = ['beam', 'rack'];
    $table = Search::plan(eveningOf([
        'ada' => [new Turn('a', 40, 0, $both, ['rook']), new Turn('a floor', 60, 0, ['floor'])],
        'bo' => [new Turn('b', 40, 0, $both, ['rook']), new Turn('b floor', 60, 0, ['floor'])],
        'cy' => [new Turn('c', 40, 0, $both, ['rook'])],
        'di' => [new Turn('d', 40, 0, $both)],
    ], arrives: ['cy' => 500]));
    $starts = startsOf($table->slots);

    expect($starts['c'][0])->toBe(500)->and($table->endS)->toBe(540)->and($starts['d'][0])->toBe(0)
        ->and([$starts['a'][0], $starts['b'][0]])->toEqualCanonicalizing([0, 40])->and($table->waitingS)->toBe(40);
});

it('says where a class does not fit', function (): void {
    $table = Search::plan(eveningOf(['ada' => [new Turn('a', 400, 300, ['beam']), new Turn('b', 10, 0, ['beam'])]], lengthS: 600));

    expect($table->endS)->toBe(710)->and($table->fits)->toBeFalse()->and($table->boundS)->toBe(710);
});

it('is the same for the same seed, without fault on drawn evenings, and no sooner than its bound', function (int $seed): void {
    $evening = drawEvening($seed, 14, 3, 1, 4, 3);
    $table = Search::plan($evening, seed: $seed, placements: 6_000);

    expect(faultsOf($evening, $table))->toBe([])->and($table->endS)->toBeGreaterThanOrEqual($table->boundS)
        ->and(Search::plan($evening, seed: $seed, placements: 6_000))->toEqual($table)
        ->and(Search::plan($evening, seed: $seed, placements: 400)->endS)->toBeGreaterThanOrEqual($table->endS);
})->with(range(1, 6));

it('plans the rest behind what has begun, which does not move', function (): void {
    $evening = drawEvening(3, 10, 2, 1, 3, 3);
    $whole = Search::plan($evening, placements: 4_000);
    $nowS = intdiv($whole->endS, 2);
    $begun = array_values(array_filter($whole->slots, fn (Slot $s): bool => $s->startS < $nowS));
    $rest = Search::plan($evening, $begun, $nowS, placements: 4_000);

    expect(array_slice($rest->slots, 0, count($begun)))->toEqual($begun)->and(faultsOf($evening, $rest))->toBe([])
        ->and($rest->slots[count($begun)]->startS)->toBeGreaterThanOrEqual($nowS)
        ->and(Search::plan($evening, $whole->slots, $whole->endS)->slots)->toEqual($whole->slots);
});

it('has its bound in a gym of many bars, each with sets of its own', function (): void {
    $bars = array_map(fn (int $i): string => "bar $i", range(0, 23));
    $comers = array_map(fn (int $i): Comer => new Comer("athlete $i", 0, [
        new Turn("$i.1", 30, 0, [$bars[$i]]), new Turn("$i.2", 30, 0, [$bars[$i], $bars[($i + 1) % 24]]),
    ]), array_keys($bars));
    $table = Search::plan(Evening::of(600, 30, array_fill_keys($bars, StationKind::Bar), [], $comers));

    expect([$table->endS, $table->boundS, $table->waitingS])->toBe([60, 60, 0]);
});

it('refuses a set elsewhere than there is something, and times out of range', function (): void {
    expect(fn () => eveningOf(['ada' => [new Turn('a', 30, 0, ['roof'])]]))->toThrow(UnknownPlace::class, 'roof')
        ->and(fn () => eveningOf(['ada' => [new Turn('a', 30, 0, ['beam'], ['crane'])]]))->toThrow(UnknownPlace::class, 'crane')
        ->and(fn () => eveningOf(['ada' => [new Turn('a', 0, 0, ['beam'])]]))->toThrow(OutOfRange::class, 'duration_s')
        ->and(fn () => Search::plan(eveningOf(['ada' => [new Turn('a', 9, 0, ['beam']), new Turn('b', 9, 0, ['beam'])]]), [new Slot('ada', 'b', 0, 'beam')]))
        ->toThrow(UnknownPlace::class, 'not the next')
        ->and(Search::plan(eveningOf([]))->slots)->toBe([]);
});
