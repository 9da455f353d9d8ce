<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\GearKind;
use SteadyRung\Floor\Timetable\StationKind;
use SteadyRung\Floor\Timetable\Timetable;
use SteadyRung\Floor\Timetable\Turn;

/**
 * A class as it may come: most on a band that hangs from any bar, or from one; others without; some at the rings; a box or a spotter now and
 * then; the rest of the session on the floor.
 */
function drawEvening(int $seed, int $people, int $bars, int $rings, int $bands, int $mostSets): Evening
{
    $random = new Randomizer(new Mt19937($seed));
    $named = static fn (string $what, int $count): array => array_map(static fn (int $i): string => "$what $i", $count === 0 ? [] : range(1, $count));
    [$onBars, $atRings, $hung] = [$named('bar', $bars), $named('rings', $rings), $named('band', $bands)];
    $stations = array_fill_keys($onBars, StationKind::Bar) + array_fill_keys($atRings, StationKind::Rings) + ['floor' => StationKind::Floor];
    $gear = array_fill_keys($hung, GearKind::Band) + ['box' => GearKind::Box, 'spotter' => GearKind::Spotter];
    $comers = [];
    for ($a = 1; $a <= $people; $a++) {
        $kind = $random->getInt(0, 99);
        $own = $onBars[$random->getInt(0, $bars - 1)];
        $band = $hung[$random->getInt(0, $bands - 1)];
        $turns = [];
        for ($set = $random->getInt(2, $mostSets); $set > 0; $set--) {
            $turns[] = match (true) {
                $kind < 45 => new Turn("$a.$set", $random->getInt(25, 50), $random->getInt(90, 180), $onBars, [$band]),
                $kind < 60 => new Turn("$a.$set", $random->getInt(30, 60), $random->getInt(120, 180), [$own], $kind < 52 ? [$band, 'box'] : ['spotter']),
                $kind < 80 || $rings === 0 => new Turn("$a.$set", $random->getInt(20, 40), $random->getInt(120, 210), $onBars),
                default => new Turn("$a.$set", $random->getInt(30, 50), $random->getInt(60, 120), $atRings),
            };
        }
        if ($random->getInt(0, 1) === 1) {
            $turns[] = new Turn("$a.floor", 60, 60, ['floor']);
        }
        $comers[] = new Comer("athlete $a", $random->getInt(0, 2) > 0 ? 0 : $random->getInt(0, 300), $turns);
    }

    return Evening::of(4500, 30, $stations, $gear, $comers);
}

/** Four or five athletes at two bars with two bands: small enough for a solver to prove what is best. */
function smallClass(int $seed): Evening
{
    return drawEvening($seed, 4 + $seed % 2, 1 + $seed % 2, 0, 1 + intdiv($seed, 2) % 2, 3);
}

/**
 * What is wrong with a timetable, found by another way than it was made: two at once, too soon, in another place, or without time for a change.
 *
 * @return list<string>
 */
function faultsOf(Evening $evening, Timetable $timetable): array
{
    $turns = $faults = $onStation = $withGear = [];
    foreach ($evening->comers as $comer) {
        foreach ($comer->turns as $turn) {
            $turns["$comer->id\n$turn->id"] = $turn;
        }
    }
    $ready = array_column(array_map(static fn (Comer $c): array => [$c->id, $c->arrivesS], $evening->comers), 1, 0);
    $waited = 0;
    foreach ($timetable->slots as $slot) {
        $turn = $turns["$slot->athlete\n$slot->set"];
        unset($turns["$slot->athlete\n$slot->set"]);
        $waited += $slot->startS - $ready[$slot->athlete];
        $slot->startS >= $ready[$slot->athlete] || $faults[] = "$slot->set begins too soon";
        in_array($slot->station, $turn->stations, true) || $faults[] = "$slot->set is in the wrong place";
        $end = $slot->startS + $turn->durationS;
        $ready[$slot->athlete] = $end + $turn->restAfterS;
        $bands = array_values(array_filter($turn->gear, static fn (string $id): bool => $evening->gear[$id] === GearKind::Band));
        sort($bands);
        foreach ($turn->gear as $piece) {
            ($withGear[$piece] ?? 0) <= $slot->startS || $faults[] = "$piece is with two at $slot->startS s";
            $withGear[$piece] = $end;
        }
        if ($evening->stations[$slot->station] === StationKind::Floor) {
            continue;
        }
        [$free, $hung] = $onStation[$slot->station] ?? [0, []];
        $needed = $bands !== [] && $hung !== [] && $hung !== $bands ? $evening->changeS : 0;
        $free === 0 || $slot->startS >= $free + $needed || $faults[] = "$slot->set comes too soon on $slot->station";
        $onStation[$slot->station] = [$end, $bands ?: $hung];
    }
    $turns === [] || $faults[] = 'somebody is left out';
    $waited === $timetable->waitingS || $faults[] = "waited $waited s, told $timetable->waitingS s";

    return $faults;
}
