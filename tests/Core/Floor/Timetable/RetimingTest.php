<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\Retiming;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\Timetable;
use SteadyRung\Floor\Timetable\Turn;

/**
 * Something that happens on the floor: somebody late or slow, gone, new, on another exercise, or gear out of use.
 *
 * @param  list<Slot>  $begun
 * @return array{Evening, list<Slot>}
 */
function disturbed(Evening $evening, array $begun, int $nowS, Randomizer $random): array
{
    $comers = $evening->comers;
    $a = $random->getInt(0, count($comers) - 1);
    $who = $comers[$a];
    $started = count(array_filter($begun, fn (Slot $s): bool => $s->athlete === $who->id));
    $left = fn (callable $change): array => array_map(fn (Turn $t, int $i): Turn => $i < $started ? $t : $change($t), $who->turns, array_keys($who->turns));
    $comers[$a] = match ($random->getInt(0, 3)) {
        0 => new Comer($who->id, $started === 0 ? $nowS + $random->getInt(0, 300) : $who->arrivesS, $who->turns),
        1 => new Comer($who->id, $who->arrivesS, $left(fn (Turn $t): Turn => new Turn($t->id, $t->durationS + $random->getInt(5, 60), $t->restAfterS, $t->stations, $t->gear))),
        2 => new Comer($who->id, $who->arrivesS, $left(fn (Turn $t): Turn => new Turn($t->id, $t->durationS, $t->restAfterS, $t->stations, []))),
        default => $started === 0 ? new Comer("$who->id, a friend", $nowS, $who->turns) : $who,
    };

    return [Evening::of($evening->lengthS, $evening->changeS, $evening->stations, $evening->gear, $comers), $begun];
}

/** @return list<Slot> */
function begunBy(Timetable $table, int $nowS): array
{
    return array_values(array_filter($table->slots, fn (Slot $s): bool => $s->startS < $nowS));
}

it('keeps all as it was told where nothing happened', function (int $seed): void {
    $evening = drawEvening($seed, 12, 3, 1, 4, 3);
    $told = Search::plan($evening, placements: 5_000);
    $now = intdiv($told->endS, 3);
    $again = Retiming::of($evening, begunBy($told, $now), $told->slots, $now);

    expect($again->endS)->toBeLessThanOrEqual($told->endS + 60)->and(faultsOf($evening, $again))->toBe([])
        ->and(array_filter($told->slots, fn (Slot $s): bool => startsOf($again->slots)[$s->set][1] !== $s->station))->toBe([]);
})->with(range(1, 4));

it('sends nobody to another station for less than a minute, and does for more', function (int $slowS, string $station): void {
    $turns = fn (int $s): array => ['ada' => [new Turn('a', $s, 0, ['beam'])], 'bo' => [new Turn('b', 30, 0, ['beam', 'rack'])]];
    $told = [new Slot('ada', 'a', 0, 'beam'), new Slot('bo', 'b', 30, 'beam')];

    expect(startsOf(Retiming::of(eveningOf($turns($slowS)), [$told[0]], $told, 10)->slots)['b'])->toBe([$station === 'beam' ? $slowS : 10, $station]);
})->with([[30, 'beam'], [69, 'beam'], [70, 'rack'], [200, 'rack']]);

it('moves nothing that began, doubles nobody and keeps mostly what was told, whatever happens, a thousand times', function (): void {
    $random = new Randomizer(new Mt19937(5));
    [$all, $elsewhere, $moved] = [0, 0, 0];
    foreach (range(1, 25) as $seed) {
        $evening = drawEvening($seed, 24, 5, 2, 10, 3);
        $table = Search::plan($evening, placements: 3_000);
        $nowS = 0;
        for ($news = 0; $news < 40; $news++) {
            $nowS += $random->getInt(0, 40);
            [$evening, $begun] = disturbed($evening, begunBy($table, $nowS), $nowS, $random);
            $before = startsOf($table->slots);
            $next = Retiming::of($evening, $begun, $table->slots, $nowS);
            expect(array_udiff($begun, $next->slots, fn (Slot $x, Slot $y): int => [$x->athlete, $x->set, $x->startS, $x->station] <=> [$y->athlete, $y->set, $y->startS, $y->station]))
                ->toBe([])->and(faultsOf($evening, $next))->toBe([]);
            foreach (array_filter($next->slots, fn (Slot $s): bool => $s->startS >= $nowS && isset($before[$s->set])) as $slot) {
                $all++;
                $elsewhere += $slot->station === $before[$slot->set][1] ? 0 : 1;
                $moved += abs($slot->startS - $before[$slot->set][0]) > 30 ? 1 : 0;
            }
            $table = $next;
        }
    }
    expect($elsewhere / $all)->toBeLessThan(0.10)->and($moved / $all)->toBeLessThan(0.35);
});
