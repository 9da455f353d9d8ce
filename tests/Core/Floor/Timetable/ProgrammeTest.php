<?php

declare(strict_types=1);

use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Done;
use SteadyRung\Floor\Timetable\Programme;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\Turn;
use SteadyRung\Floor\Timetable\Work;

/** @return list<string> */
function turnsOf(Programme $programme): array
{
    return array_column($programme->comer->turns ?? [], 'id');
}

function lineWork(string $line, int $sets, ?string $group = null, array $stations = ['bar'], int $setS = 40): Work
{
    return new Work($line, $sets, $setS, 120, $group, $stations, []);
}

it('puts what was done first, as it was done, and then line by line', function (): void {
    $programme = Programme::of('ada', 0, [lineWork('pulls', 3), lineWork('plank', 1, null, ['floor'])], [
        new Done('plank', 300, 60, 60, 'floor', []),
        new Done('pulls', 100, 45, 120, 'other bar', ['heron']),
    ]);
    expect(turnsOf($programme))->toBe(['1 pulls', '1 plank', '2 pulls', '3 pulls'])
        ->and($programme->begun)->toEqual([new Slot('ada', '1 pulls', 55, 'other bar'), new Slot('ada', '1 plank', 240, 'floor')])
        ->and($programme->comer?->turns[0])->toEqual(new Turn('1 pulls', 45, 120, ['other bar'], ['heron']));
});

it('goes round in a group, the line done least next', function (): void {
    $round = [lineWork('rows', 2, 'a'), lineWork('press', 2, 'a'), lineWork('plank', 1)];
    expect(turnsOf(Programme::of('ada', 0, $round, [])))->toBe(['1 rows', '1 press', '2 rows', '2 press', '1 plank'])
        ->and(turnsOf(Programme::of('ada', 0, $round, [new Done('press', 50, 40, 60, 'bar', [])])))
        ->toBe(['1 press', '1 rows', '2 rows', '2 press', '1 plank']);
});

it('plans nothing where there is nowhere to do it, and nobody who has nothing to do', function (): void {
    expect(turnsOf(Programme::of('ada', 0, [lineWork('pulls', 2, null, []), lineWork('plank', 1)], [])))->toBe(['1 plank'])
        ->and(Programme::of('ada', 0, [lineWork('pulls', 2, null, [])], [])->comer)->toBeNull()
        ->and(Programme::of('ada', 0, [], [new Done(null, 10, 40, 0, 'bar', [])])->comer?->turns)->toHaveCount(1);
});

it('keeps within what a turn and a comer can be, however odd the session', function (): void {
    $programme = Programme::of('ada', -300, [lineWork('hang', 60, null, ['bar'], 4000)], [new Done('hang', 10, 0, 9000, 'bar', [])]);
    expect($programme->comer?->arrivesS)->toBe(0)
        ->and($programme->comer?->turns)->toHaveCount(Comer::TURNS[1])
        ->and([$programme->comer?->turns[0]->durationS, $programme->comer?->turns[0]->restAfterS, $programme->comer?->turns[1]->durationS])->toBe([1, 1800, 1800]);
});
