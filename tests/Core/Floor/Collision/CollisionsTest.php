<?php

declare(strict_types=1);

use SteadyRung\Floor\Collision\Collision;
use SteadyRung\Floor\Collision\Collisions;
use SteadyRung\Floor\Collision\Instead;
use SteadyRung\Floor\Collision\WayOut;
use SteadyRung\Floor\Collision\WayOutKind;
use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\GearKind;
use SteadyRung\Floor\Timetable\Retiming;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\StationKind;
use SteadyRung\Floor\Timetable\Turn;
use SteadyRung\Floor\Timetable\UnknownPlace;

/** Two bars, two bands; each athlete as id => [arrives, turns]. */
function twoBars(array $comers, int $lengthS = 3600): Evening
{
    return Evening::of($lengthS, 30, ['beam' => StationKind::Bar, 'loft' => StationKind::Bar, 'floor' => StationKind::Floor], [
        'swan' => GearKind::Band, 'jay' => GearKind::Band,
    ], array_map(static fn (string $id, array $c): Comer => new Comer($id, $c[0], $c[1]), array_keys($comers), array_values($comers)));
}

/** @return list<Turn> so many sets on a bar, with a band or none */
function pulls(int $sets, string $bar, ?string $band, int $durationS = 60): array
{
    return array_map(static fn (int $n): Turn => new Turn("$n pulls", $durationS, 120, [$bar], $band === null ? [] : [$band]), range(1, $sets));
}

/** @return list<string> kinds of its ways, with the seconds the second waits and how many others move */
function waysOf(Collision $collision): array
{
    return array_map(static fn (WayOut $w): string => "{$w->kind->value} $w->goesFirst $w->waitsS $w->othersMoved", $collision->ways);
}

it('tells of two who need one band on two bars, before it happens, with the cheapest way first', function (): void {
    $evening = twoBars(['ada' => [0, pulls(2, 'beam', 'swan')], 'bo' => [0, pulls(1, 'loft', 'swan')]]);
    $told = Retiming::of($evening, [], [new Slot('ada', '1 pulls', 0, 'beam'), new Slot('bo', '1 pulls', 60, 'loft')], 0);
    [$collision] = $found = Collisions::of($evening, [], $told, 0);
    expect($found)->toHaveCount(1)
        ->and([$collision->piece, $collision->atS, $collision->first->athlete, $collision->second->athlete])->toBe(['swan', 0, 'ada', 'bo'])
        ->and(waysOf($collision))->toBe(['keep ada 60 0', 'swap bo 60 0']);
});

it('finds another set-up about as hard the best where it costs no waiting', function (): void {
    $evening = twoBars(['ada' => [0, pulls(1, 'beam', 'swan')], 'bo' => [0, pulls(1, 'loft', 'swan')]]);
    $told = Search::plan($evening);
    [$collision] = Collisions::of($evening, [], $told, 0, [new Instead('bo', 'pulls', 'jay on loft', ['loft'], ['jay']), new Instead('bo', 'rows', 'no such line', ['loft'], [])]);
    expect($collision->ways[0]->kind)->toBe(WayOutKind::Switch)
        ->and($collision->ways[0]->instead?->rung)->toBe('jay on loft')
        ->and([$collision->ways[0]->waitsS, $collision->ways[0]->othersMoved])->toBe([0, 0])
        ->and($collision->ways)->toHaveCount(3);
});

it('says nothing of a wait of under half a minute, of a usual queue, of the floor, nor of what is far ahead', function (): void {
    $near = twoBars(['ada' => [0, pulls(1, 'beam', 'swan', 29)], 'bo' => [0, pulls(1, 'loft', 'swan', 29)]]);
    $queue = twoBars(['ada' => [0, pulls(1, 'beam', 'swan')], 'bo' => [0, pulls(1, 'beam', 'swan')]]);
    $floor = twoBars(['ada' => [0, pulls(1, 'floor', null, 600)], 'bo' => [0, pulls(1, 'floor', null, 600)]]);
    $far = twoBars(['ada' => [Collisions::AHEAD_S + 1, pulls(1, 'beam', 'swan')], 'bo' => [Collisions::AHEAD_S + 1, pulls(1, 'loft', 'swan')]]);
    foreach ([$near, $queue, $floor, $far] as $evening) {
        expect(Collisions::of($evening, [], Search::plan($evening), 0))->toBe([]);
    }
    $long = twoBars(['ada' => [0, pulls(1, 'beam', null, 120)], 'bo' => [0, pulls(1, 'beam', null, 120)]]);
    expect(Collisions::of($long, [], Search::plan($long), 0)[0]->piece)->toBe('beam');
});

it('tells what each way costs as timing it anew says, in drawn evenings too', function (int $seed): void {
    $evening = drawEvening($seed, 14, 3, 1, 2, 3);
    $told = Search::plan($evening, placements: 2000);
    expect($found = Collisions::of($evening, [], $told, 0))->not->toBe([]);
    foreach ($found as $collision) {
        $kept = array_values(array_filter($collision->ways, static fn (WayOut $w): bool => $w->kind === WayOutKind::Keep))[0];
        $swap = array_values(array_filter($collision->ways, static fn (WayOut $w): bool => $w->kind === WayOutKind::Swap))[0];
        $arrives = array_column($evening->comers, 'arrivesS', 'id');
        expect($kept->waitsS)->toBe($collision->second->startS - $arrives[$collision->second->athlete])->toBeGreaterThanOrEqual(30)
            ->and($kept->laterS)->toBe(0)->and($kept->othersMoved)->toBe(0)
            ->and($swap->goesFirst)->toBe($collision->second->athlete)
            ->and($collision->ways[0]->waitingS)->toBe(min(array_column($collision->ways, 'waitingS')));
        $moved = array_map(static fn (Slot $s): Slot => $s === $collision->second ? new Slot($s->athlete, $s->set, $collision->first->startS - 1, $s->station) : $s, $told->slots);
        expect($swap->waitingS)->toBe(Retiming::of($evening, [], $moved, 0)->waitingS);
    }
})->with([1, 2, 3, 4]);

it('refuses a set-up on a bar or band that the class has not', function (): void {
    $evening = twoBars(['ada' => [0, pulls(1, 'beam', 'swan')], 'bo' => [0, pulls(1, 'loft', 'swan')]]);
    Collisions::of($evening, [], Search::plan($evening), 0, [new Instead('bo', 'pulls', 'no such band', ['loft'], ['rook'])]);
})->throws(UnknownPlace::class);
