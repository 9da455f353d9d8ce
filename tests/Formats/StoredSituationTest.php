<?php

declare(strict_types=1);

use App\Formats\Stored\Damaged;
use App\Formats\Stored\StoredCall;
use App\Formats\Stored\StoredSituation;
use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Setup\Band\Attach;

it('gives back the situation the same call is made from, whatever it was', function (): void {
    $random = new Randomizer(new Mt19937(21));
    $id = fn (int $n): string => sprintf('00000000-0000-4000-8000-%012d', $n);
    $sizes = [13, 19, 22, 29, 32, 44];
    $kit = new Kit(
        [Bar::of($id(1), 'High bar', 2.6)],
        array_map(fn (int $mm): object => band((float) $mm, 1.0, $id($mm)), $sizes),
        machines: [Machine::of($id(2), 'Hoist', MachineUse::Counterweight, 2.5, 80.0, 0.9)],
    );
    $base = athleteContext(kit: $kit);
    $rungs = array_map(fn (int $mm) => rung($kit, OnBands::of($id(1), Attach::Foot, [$id($mm)]), athlete(70, 1.75, 2.1)), $sizes);
    $told = function ($call, $situation): array {
        $kept = json_decode((string) json_encode(StoredCall::write($call, $situation)), true);
        unset($kept['place']);
        foreach (['from', 'next'] as $rung) {
            unset($kept[$rung]['carried']['lift_off'], $kept[$rung]['carried']['recoil_j'], $kept[$rung]['carried']['mount']);
        }

        return $kept;
    };
    $verdicts = [];
    for ($i = 0; $i < 150; $i++) {
        $context = randomBrief($random, $base, $rungs);
        $situation = SituationOf::context($context, Course::of($context));
        $call = Judge::call($situation);
        $kept = json_encode(
            StoredSituation::write($situation, athlete(70, 1.75, 2.1)) + ['foretold' => StoredSituation::foretold($situation)],
        );
        $again = StoredSituation::read((string) $kept);

        expect($told(Judge::call($again), $again))->toEqual($told($call, $situation));
        $verdicts[$call->verdict->value] = true;
    }
    expect(array_keys($verdicts))->toContain('rest', 'step-down', 'switch', 'climb', 'stay');
});

it('reads what it kept of a day of singles, and tells the first counts only', function (): void {
    $id = fn (int $n): string => sprintf('00000000-0000-4000-8000-%012d', $n);
    $kit = new Kit([Bar::of($id(1), 'High bar', 2.6)], array_map(fn (int $mm): object => band((float) $mm, 1.0, $id($mm)), [13, 22, 32]));
    $situation = situation($kit, OnBands::of($id(1), Attach::Foot, [$id(22)]), [array_fill(0, 250, 4), array_fill(0, 250, 5)], 0.97);
    $again = StoredSituation::read(
        (string) json_encode(
            StoredSituation::write($situation, athlete(70, 1.75, 2.1)) + ['foretold' => StoredSituation::foretold($situation)],
        ),
    );
    $call = StoredCall::read((string) json_encode(StoredCall::write(Judge::call($again), $again)));

    expect($again->sessions)->toEqual($situation->sessions)
        ->and($call->reasons[0]->text)->toBe('Last session on this set-up: '.str_repeat('5, ', 11).'5 and 238 more clean.');
});

it('says so where an earlier version kept too little', function (): void {
    StoredSituation::read('{"v": 3, "today": 20000}');
})->throws(Damaged::class);
