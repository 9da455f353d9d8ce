<?php

declare(strict_types=1);

use App\Formats\CoreJson\CoreJson;
use App\Formats\CoreJson\Topic;
use App\Formats\JsonObject;
use App\Formats\Unreadable;

const BODY = ['mass_kg' => 70, 'stature_m' => 1.75];
const BAND = ['id' => 'oak', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5, 'points' => []];

/** @return array<string, mixed> */
function banded(mixed ...$changes): array
{
    return ['body' => BODY, 'setup' => ['kind' => 'band', 'bar_height_m' => 2.4, 'attach' => 'foot', 'bands' => [BAND], ...$changes]];
}

it('answers what the arms carry, in kg and as shares', function (): void {
    $answer = ask('carried', banded());

    expect($answer->fits)->toBeTrue()
        ->and($answer->carried_kg->mean / 70)->toEqualWithDelta($answer->share->mean, 1e-9)
        ->and($answer->share->bottom)->toBeLessThan($answer->share->mean)
        ->and($answer->ascent_share)->toEqualWithDelta(1 - 0.93 * (1 - $answer->share->mean), 1e-9)
        ->and($answer->rom_m)->toEqualWithDelta(0.334 * 1.75, 1e-9)
        ->and($answer->warnings[0]->code)->toBe('band-estimated');
});

it('knows strict and added weight', function (): void {
    expect(ask('carried', ['body' => BODY, 'setup' => ['kind' => 'strict']])->share->mean)->toEqual(1.0)
        ->and(ask('carried', ['body' => BODY, 'setup' => ['kind' => 'added', 'added_kg' => 7]])->carried_kg->top)->toEqualWithDelta(77.0, 1e-9);
});

it('answers that a set-up does not fit, with the reason', function (): void {
    $answer = ask('carried', banded(bar_height_m: 1.2));

    expect($answer->fits)->toBeFalse()->and($answer->reason)->toContain('too low');
});

it('answers a band’s curve with its status', function (array $points, string $status, float $sd): void {
    $answer = ask('band', [...BAND, 'points' => $points]);

    expect($answer->status)->toBe($status)->and($answer->relative_sd)->toBe($sd)
        ->and($answer->curve[0]->force_n)->toEqual(0.0)
        ->and(end($answer->curve)->length_m)->toEqualWithDelta(3.0, 1e-9);
})->with([
    [[], 'estimated', 0.30],
    [[['length_m' => 1.8, 'force_n' => 150]], 'one-point', 0.12],
    [[['length_m' => 1.4, 'force_n' => 100], ['length_m' => 2.1, 'force_n' => 180]], 'measured', 0.04],
]);

it('answers reps and load both ways', function (): void {
    expect(ask('reps', ['load_kg' => 54, 'reps' => 6])->capacity_kg)->toEqualWithDelta(64.0, 1e-9)
        ->and(ask('reps', ['capacity_kg' => 64, 'load_kg' => 54])->reps)->toEqualWithDelta(6.0, 1e-9)
        ->and(ask('reps', ['load_kg' => 60, 'reps' => 10, 'formula' => 'epley'])->capacity_kg)->toEqualWithDelta(80.0, 1e-9)
        ->and(ask('reps', ['capacity_kg' => 90, 'load_kg' => 40, 'k' => 30])->clipped)->toBeTrue();
});

it('names the pointer, the value and the range of what it cannot read', function (string $topic, string $request, string $pointer): void {
    $process = core($request, $topic);
    $problem = json_decode($process->getErrorOutput(), flags: JSON_THROW_ON_ERROR);

    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')
        ->and(fitsSchema($problem, 'problem'))->toBeTrue()
        ->and($problem->errors[0]->pointer)->toBe($pointer);
})->with([
    'no JSON' => ['carried', '{"body":', ''],
    'NaN' => ['carried', '{"body":{"mass_kg":NaN}}', ''],
    'a list' => ['carried', '[1]', ''],
    'bad UTF-8' => ['band', "{\"id\":\"\xC3\x28\"}", ''],
    'out of range' => ['carried', '{"body":{"mass_kg":12,"stature_m":1.7},"setup":{"kind":"strict"}}', '/body/mass_kg'],
    'unknown key' => ['carried', '{"body":{"mass_kg":70,"stature_m":1.7,"age":3},"setup":{"kind":"strict"}}', '/body/age'],
    'wrong type' => ['carried', '{"body":{"mass_kg":"70","stature_m":1.7},"setup":{"kind":"strict"}}', '/body/mass_kg'],
    'huge' => ['reps', '{"load_kg":1e999,"reps":5}', '/load_kg'],
    'missing' => ['reps', '{"reps":5}', '/load_kg'],
    'a point too short' => ['band', '{"hung_length_m":1,"width_mm":29,"thickness_mm":4.5,"points":[{"length_m":0.9,"force_n":5}]}', '/points/0'],
    'deep in a list' => ['carried', '{"body":{"mass_kg":70,"stature_m":1.7},"setup":{"kind":"band","bar_height_m":2.4,"attach":"foot","bands":[{"hung_length_m":0,"width_mm":29,"thickness_mm":4.5}]}}', '/setup/bands/0/hung_length_m'],
    'an unknown kind' => ['carried', '{"body":{"mass_kg":70,"stature_m":1.7},"setup":{"kind":"hop"}}', '/setup/kind'],
    'a topic of later' => ['ladder', '{}', ''],
    'no such topic' => ['weather', '{}', ''],
]);

it('answers line by line, in order, and goes on after a bad line', function (): void {
    $lines = [json_encode(['load_kg' => 50, 'reps' => 1]), '{"load_kg":-1,"reps":1}', 'nonsense', json_encode(['capacity_kg' => 60, 'load_kg' => 60])];
    $process = core(implode("\n", $lines), 'reps', '--lines');
    $answers = array_map(fn (string $line) => json_decode($line), explode("\n", trim($process->getOutput())));

    expect($process->getExitCode())->toBe(0)->and($answers)->toHaveCount(4)
        ->and($answers[0]->capacity_kg)->toEqual(50.0)
        ->and($answers[1]->errors[0]->pointer)->toBe('/load_kg')
        ->and($answers[2]->title)->toBe('The request cannot be read')
        ->and($answers[3]->reps)->toEqual(1.0);
});

it('keeps its memory constant over many lines', function (): void {
    $request = json_encode(banded())."\n";
    $peak = fn (int $lines): int => (int) trim((new Symfony\Component\Process\Process(
        ['php', '-r', 'require "vendor/autoload.php"; (new App\Formats\CoreJson\CommandLine(STDIN, fopen("/dev/null", "w"), STDERR))->run(["carried", "--lines"]); echo memory_get_peak_usage();'],
        dirname(__DIR__, 2), input: str_repeat($request, $lines),
    ))->mustRun()->getOutput());

    expect($peak(20_000))->toBeLessThan($peak(20) + 200_000);
});

it('reads exactly what the schemas allow', function (string $topic, array $request, bool $good): void {
    $json = json_encode($request, JSON_THROW_ON_ERROR);
    $read = true;
    try {
        CoreJson::answer(Topic::from($topic), JsonObject::parse($json));
    } catch (Unreadable) {
        $read = false;
    }

    expect($read)->toBe($good)->and(fitsSchema(json_decode($json), "$topic.request"))->toBe($good);
})->with(function (): Generator {
    $ends = ['mass_kg' => [20, 300], 'stature_m' => [1.0, 2.3]];
    foreach ($ends as $key => [$low, $high]) {
        foreach ([$low, $high] as $good) {
            yield "$key $good" => ['carried', ['body' => [...BODY, $key => $good], 'setup' => ['kind' => 'strict']], true];
        }
        foreach ([$low - 0.01, $high + 0.01, 'x', null, true] as $i => $bad) {
            yield "$key bad $i" => ['carried', ['body' => [...BODY, $key => $bad], 'setup' => ['kind' => 'strict']], false];
        }
    }
    yield 'reach null' => ['carried', ['body' => [...BODY, 'reach_m' => null], 'setup' => ['kind' => 'strict']], true];
    yield 'no bands' => ['carried', banded(bands: []), false];
    yield 'seven bands' => ['carried', banded(bands: array_fill(0, 7, BAND)), false];
    yield 'clearance' => ['carried', banded(clearance_m: 0.5), true];
    yield 'clearance too large' => ['carried', banded(clearance_m: 0.6), false];
    yield 'no bar' => ['carried', banded(bar_height_m: null), false];
    yield 'attach' => ['carried', banded(attach: 'hip'), false];
    yield 'strict with a bar' => ['carried', ['body' => BODY, 'setup' => ['kind' => 'strict', 'bar_height_m' => 2.4]], true];
    yield 'strict with a bad bar' => ['carried', ['body' => BODY, 'setup' => ['kind' => 'strict', 'bar_height_m' => 9]], false];
    yield 'width' => ['band', [...BAND, 'width_mm' => 2.9], false];
    yield 'no points' => ['band', array_diff_key(BAND, ['points' => 1]), true];
    yield 'points no list' => ['band', [...BAND, 'points' => 3], false];
    yield 'many points' => ['band', [...BAND, 'points' => array_fill(0, 31, ['length_m' => 1.5, 'force_n' => 100])], false];
    yield 'k' => ['reps', ['load_kg' => 50, 'reps' => 5, 'k' => 61], false];
    yield 'formula' => ['reps', ['load_kg' => 50, 'reps' => 5, 'formula' => 'other'], false];
    yield 'both ways' => ['reps', ['load_kg' => 50, 'reps' => 5, 'capacity_kg' => 60], false];
});
