<?php

declare(strict_types=1);

use SteadyRung\Simulation\Drawn\DrawnSet;
use SteadyRung\Simulation\Drawn\DrawnTrace;
use SteadyRung\Simulation\Draws;
use SteadyRung\Trace\Reading;
use SteadyRung\Trace\RepReader;
use SteadyRung\Trace\Trace;
use SteadyRung\Trace\TracedRep;
use SteadyRung\Trace\TraceKind;

/**
 * What is read of drawn traces of heights against their truth, as parts; one set in five has partials and drops.
 *
 * @return array{found: float, invented: float, counted: float, partials: float, drops: float, up: float, pause: float, down: float}
 */
function heightsRead(int $sets): array
{
    $of = $is = array_fill_keys(['found', 'invented', 'counted', 'partials', 'drops', 'up', 'pause', 'down'], 0);
    for ($i = 0; $i < $sets; $i++) {
        $draws = new Draws(7000 + $i);
        $set = DrawnSet::draw($draws, $draws->between(0.42, 0.65), 8.0, isRagged: $draws->uniform() < 0.2);
        $drawn = DrawnTrace::height($draws, $set);
        $read = RepReader::of(Trace::of(TraceKind::Height, $drawn->hz, $drawn->samples, 70.0));
        $reps = $read instanceof Reading ? $read->reps : [];
        $of['invented'] += count($reps);
        $is['invented'] += count($reps);
        foreach ($set->reps as $true) {
            $of['found']++;
            $rep = array_values(array_filter($reps, fn (TracedRep $one): bool => within($true, ($one->topS + $one->lowersS) / 2.0)))[0] ?? null;
            if ($rep === null) {
                continue;
            }
            $is['found']++;
            $is['invented']--;
            $kind = match ($true->why?->value) {
                null => 'counted', 'drop' => 'drops', default => 'partials'
            };
            $of[$kind]++;
            $is[$kind] += (int) (($rep->why === null) === ($true->why === null));
            $read = phases($rep);
            foreach (phases($true) as $phase => $seconds) {
                $of[$phase]++;
                $is[$phase] += (int) (abs($read[$phase] - $seconds) <= max(0.15, 0.1 * $seconds));
            }
        }
    }

    return array_combine(array_keys($is), array_map(fn (int $part, int $all): float => $part / max(1, $all), $is, $of));
}

function within(TracedRep $rep, float $atS): bool
{
    return $atS >= $rep->startS && $atS <= $rep->endS;
}

/** @return array{up: float, pause: float, down: float} in s */
function phases(TracedRep $rep): array
{
    return ['up' => $rep->upS(), 'pause' => $rep->pauseS(), 'down' => $rep->downS()];
}

/**
 * The same of forces: hangs whose ends are within 0.3 s, and hardest pulls within 6 %.
 *
 * @return array{hangs: float, peaks: float}
 */
function forcesRead(int $sets): array
{
    $hangs = $peaks = 0;
    for ($i = 0; $i < $sets; $i++) {
        $draws = new Draws(7000 + $i);
        $set = DrawnSet::draw($draws, $draws->between(0.42, 0.65), 4.0, isRagged: $draws->uniform() < 0.2);
        $massKg = $draws->between(50.0, 105.0);
        $drawn = DrawnTrace::force($draws, $set, $massKg);
        $read = RepReader::of(Trace::of(TraceKind::Force, $drawn->hz, $drawn->samples, $massKg));
        $read instanceof Reading || throw new RuntimeException('It is not read.');
        $hang = count($read->hangs) === 1 ? $read->hangs[0] : null;
        $hangs += (int) ($hang !== null && abs($hang->startS - $set->onS) < 0.3 && abs($hang->endS - $set->offS) < 0.3);
        $peaks += (int) (abs(($read->peakShare ?? 0.0) / $drawn->peakShare - 1.0) < 0.06);
    }

    return ['hangs' => $hangs / $sets, 'peaks' => $peaks / $sets];
}
