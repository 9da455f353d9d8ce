<?php

declare(strict_types=1);

use SteadyRung\Floor\Collision\Cut;
use SteadyRung\Floor\Collision\Cuts;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\Turn;

it('leaves out the last line of whoever ends last, and says what that saves', function (): void {
    $plank = [new Turn('1 plank', 60, 60, ['floor']), new Turn('2 plank', 60, 60, ['floor'])];
    $comers = ['ada' => [0, [...pulls(2, 'beam', null), ...$plank]], 'bo' => [0, pulls(2, 'loft', null)]];
    $evening = twoBars($comers, 300); // ada: 60 + 120 + 60 + 120 + 60 + 60 + 60 = 540 s, without the planks 240 s
    expect(Cuts::of($evening, [], Search::plan($evening), 0))->toEqual([new Cut('ada', 'plank', 2, 300)])
        ->and(Cuts::of(twoBars($comers, 540), [], Search::plan(twoBars($comers, 540)), 0))->toBe([]);
});

it('leaves out nothing that was done, and not all that somebody came for', function (): void {
    $evening = twoBars(['ada' => [0, pulls(3, 'beam', null)]], 120);
    $begun = [new Slot('ada', '1 pulls', 0, 'beam')];
    expect(Cuts::of($evening, $begun, Search::plan($evening, $begun, 60), 60))->toEqual([new Cut('ada', 'pulls', 2, 360)])
        ->and(Cuts::of($evening, [], Search::plan($evening), 0))->toBe([]);
});
