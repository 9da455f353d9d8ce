<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Floor;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Ladder\SteadyLadder;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Stack\Counterweight;
use SteadyRung\Setup\Strict;
use SteadyRung\Setup\WarningCode;

/** @return Generator<int, array{Body, Kit}> invented athletes in invented gyms */
function strangers(int $count, bool $rows): Generator
{
    $random = new Random\Randomizer(new Random\Engine\Mt19937(41));
    $between = fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 1000) / 1000;
    for ($i = 0; $i < $count; $i++) {
        $pieces = [Bar::of('bar', 'Bar', $between(1.6, 3.2), $random->getInt(0, 1) === 1 ? $between(60, 250) : null)];
        foreach ($rows ? [] : ['a', 'b'] as $id) {
            $hungM = $between(0.7, 1.2);
            $law = LoopBand::of($id, $id, $hungM, $between(8, 90), 4.5)->law;
            $points = $random->getInt(0, 2) === 0 ? [] : [CalibrationPoint::of(1.6 * $hungM, $law->forceN(1.6 * $hungM))];
            $pieces[] = LoopBand::of(
                $id,
                $id,
                $hungM,
                $between(8, 90),
                4.5,
                count($points) === 0 ? [] : [CalibrationPoint::of(1.6 * $hungM, $between(40, 400))],
            );
        }
        if ($rows) {
            $pieces[] = Plate::of('plate', 'Plate', 0.05);
            $pieces[] = RingPair::of(
                'rings',
                'Rings',
                $between(2.0, 3.0),
                [$between(1.0, 1.8)],
                $random->getInt(0, 1) === 1 ? $between(60, 250) : null,
            );
        }
        yield [Body::of($between(30, 160), $between(1.3, 2.1)), Kit::of($pieces, Floor::cases()[$random->getInt(0, 3)])];
    }
}

it('puts nobody on a rung that slips, lifts off or breaks', function (Lane $lane, int $gyms): void {
    $seen = 0;
    foreach (strangers($gyms, $lane === Lane::Row) as [$body, $kit]) {
        $rungs = (new RungSearch($kit))->lane($lane, $body);
        $ladder = SteadyLadder::through($rungs, 0.2, 1.0);
        foreach ($ladder->rungs as $rung) {
            $seen++;
            $heels = $rung->exercise->setup instanceof InRow ? $rung->exercise->setup->heels : Heels::Blocked;
            expect($rung->load->friction > 0.8 && $heels === Heels::Free)->toBeFalse()
                ->and($rung->load->hazard?->liftOff() ?? 0.0)->toBeLessThanOrEqual(0.05);
        }
        foreach ([...$kit->bars, ...$kit->ringPairs] as $piece) {
            $on = array_filter($rungs, fn (Rung $r): bool => in_array($piece->id, $r->exercise->setup->pieces(), true));
            expect(array_filter(
                $on,
                fn (Rung $r): bool => $piece->ratedKg !== null && $r->load->peakN() > $piece->ratedKg * 9.80665 + 1e-6,
            ))->toBe([]);
        }
    }
    expect($seen)->toBeGreaterThan(500);
})->with([[Lane::Pull, 2000], [Lane::Row, 200]]);

it('blocks the heels where they would slip, as if the row were asked for that way', function (): void {
    $seen = 0;
    foreach (strangers(40, true) as [$body, $kit]) {
        $search = new RungSearch($kit);
        $isBlocked = fn (Rung $r): bool => $r->exercise->setup instanceof InRow && $r->exercise->setup->heels === Heels::Blocked;
        $blocked = array_filter($search->lane(Lane::Row, $body), $isBlocked);
        $seen += count($blocked);
        $nothingToBlock = new RungSearch(new Kit($kit->bars, [], $kit->ringPairs, floor: $kit->floor));
        expect(array_filter($nothingToBlock->lane(Lane::Row, $body), $isBlocked))->toBe([]);
        expect(array_map(fn (Rung $r): Rung => $search->rung($r->exercise, $body), $blocked))->toEqual($blocked);
    }
    expect($seen)->toBeGreaterThan(100);
});

it('refuses, or warns a coach of, what nobody should be put on', function (Closure $ask, string $answer): void {
    try {
        $load = $ask();
        $said = $load instanceof CarriedLoad
            ? implode(' ', array_map(fn ($w): string => $w->code->value, $load->warnings))
            : $load->misfit->value;
    } catch (OutOfRange|GearClash $refusal) {
        $said = 'refused: '.$refusal->getMessage();
    }
    expect($said)->toContain($answer);
})->with(fn () => [
    'a child of 25 kg on a thick band' => [
        fn () => BandHelp::of(2.4, Attach::Foot, [band(64)])->carriedBy(Body::of(25, 1.25)),
        'lifts-off',
    ],
    'the same child on a thin one' => [
        fn () => BandHelp::of(2.4, Attach::Foot, [band(8)])->carriedBy($child = Body::of(25, 1.25))->forBody($child),
        'small-body',
    ],
    'straps of 12 m' => [fn () => RingPair::of('r', 'Rings', 6.0, [12.0]), 'refused: strap_m'],
    'a band on a bar at 1.0 m' => [fn () => BandHelp::of(1.0, Attach::Foot, [band()])->carriedBy(athlete()), 'bar-too-low'],
    '250 kg' => [fn () => (new Strict)->carriedBy($heavy = Body::of(250, 1.9))->forBody($heavy), 'heavy-body'],
    '60 kg more on 120 kg' => [fn () => AddedWeight::of(60)->carriedBy(Body::of(155, 1.9))->forBody(Body::of(155, 1.9)), 'heavy-body'],
    'help above bodyweight' => [
        fn () => BandHelp::of(2.6, Attach::Foot, [band(64), band(64, id: 'b')])->carriedBy(athlete(60)),
        'lifts-off',
    ],
    'a machine that lifts more than the athlete' => [fn () => Counterweight::of(80, 1.0)->carriedBy(athlete(70)), 'lifts-off'],
    'the foot in a band on a bar at 6 m' => [fn () => BandHelp::of(6.0, Attach::Foot, [band()])->carriedBy(athlete()), 'high-mount'],
    'a strong band' => [fn () => BandHelp::of(2.6, Attach::Foot, [band(83)])->carriedBy(athlete(75)), 'feet-fly-up'],
    'a strong band to step into' => [fn () => BandHelp::of(2.6, Attach::Foot, [band(83)])->carriedBy(athlete(75)), 'partner-to-mount'],
    'a band that is only guessed, near bodyweight' => [
        fn () => BandHelp::of(2.6, Attach::Foot, [LoopBand::of('e', 'e', 1.0, 64, 4.5)])->carriedBy(athlete(60)),
        'lifts-off',
    ],
]);

it('warns of a lift-off that is possible and refuses one that is likely', function (): void {
    $chance = fn (float $massKg): mixed => BandHelp::of(
        2.6,
        Attach::Foot,
        [LoopBand::of('e', 'e', 1.0, 44, 4.5)],
    )->carriedBy(athlete($massKg));
    $near = null;
    for ($massKg = 100.0; $massKg > 30.0; $massKg -= 0.5) {
        $load = $chance($massKg);
        if (! $load instanceof CarriedLoad) {
            break;
        }
        expect($load->hazard->liftOff())->toBeLessThan(0.1001)
            ->and($load->warns(WarningCode::MayLiftOff))->toBe($load->hazard->liftOff() > 0.05);
        $near = $load;
    }
    expect($near->hazard->liftOff())->toBeGreaterThan(0.05);
});
