<?php

declare(strict_types=1);

use App\Formats\CommandLine\Answers;
use App\Formats\CommandLine\Topic;
use App\Formats\JsonObject;
use App\Formats\Unreadable;

const BODY = ['mass_kg' => 70, 'stature_m' => 1.75];
const BAND = ['id' => 'oak', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5, 'points' => []];

/** @return array<string, mixed> */
function banded(mixed ...$changes): array
{
    return ['body' => BODY, 'setup' => ['kind' => 'band', 'bar_height_m' => 2.4, 'attach' => 'foot', 'bands' => [BAND], ...$changes]];
}

/** Requests at the edges of what the schemas allow. */
function schemaEdges(): Generator
{
    $setup = fn (array $setup): array => ['body' => BODY, 'setup' => $setup];
    $row = ['kind' => 'row', 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'heel_mark_m' => 0];
    yield 'row' => ['carried', $setup($row), true];
    yield 'row, far mark' => ['carried', $setup(['heel_mark_m' => 3.1] + $row), false];
    yield 'row, no strap' => ['carried', $setup(['strap_m' => null] + $row), false];
    yield 'foot, a grade' => ['carried', $setup(['kind' => 'foot', 'bar_height_m' => 2.4, 'box_m' => 0.3, 'grade' => 'toes']), true];
    yield 'foot, no such grade' => ['carried', $setup(['kind' => 'foot', 'bar_height_m' => 2.4, 'box_m' => 0.3, 'grade' => 'knee']), false];
    yield 'foot, scale' => ['carried', $setup(['kind' => 'foot', 'bar_height_m' => 2.4, 'box_m' => 0.3, 'scale_kg' => 301]), false];
    yield 'hop, high' => ['carried', $setup(['kind' => 'hop', 'bar_height_m' => 2.4, 'box_m' => 0.3, 'hop_m' => 0.7]), false];
    yield 'counterweight' => ['carried', $setup(['kind' => 'counterweight', 'stack_kg' => 20, 'leverage' => 5]), false];
    yield 'pull-down' => ['carried', $setup(['kind' => 'pulldown', 'stack_kg' => 0]), false];
    $exercise = fn (array $exercise): array => ['body' => BODY, 'exercise' => ['setup' => ['kind' => 'strict'], ...$exercise]];
    yield 'exercise' => ['carried', $exercise(['movement' => 'lower-half', 'grip' => 'under', 'width' => 'narrow']), true];
    yield 'exercise, feet up' => ['carried', $exercise(['up_by' => 'foot']), true];
    yield 'exercise, no such grip' => ['carried', $exercise(['grip' => 'sideways']), false];
    yield 'exercise, no such place' => ['carried', $exercise(['movement' => 'hold', 'at' => 'knee', 'seconds' => 10]), false];
    yield 'set-up and exercise' => ['carried', $setup(['kind' => 'strict']) + $exercise([]), false];
    yield 'row, blocked' => [
        'carried',
        $setup([
            'kind' => 'row',
            'anchor_height_m' => 1.0,
            'strap_m' => 0,
            'heel_mark_m' => 0.6,
            'heels' => 'blocked',
            'knees' => 'bent',
            'floor' => 'vinyl',
            'added_kg' => 5,
        ]),
        true,
    ];
    yield 'legs in front' => ['carried', $setup(['kind' => 'low-bar', 'bar_height_m' => 1.4, 'grade' => 'none']), true];
    yield 'band pull-down' => [
        'carried',
        $setup([
            'kind' => 'band-pulldown',
            'anchor_height_m' => 2.4,
            'bands' => [['hung_length_m' => 0.5, 'width_mm' => 22, 'thickness_mm' => 4.5]],
            'stance' => 'seated',
        ]),
        true,
    ];
    yield 'machine, steep' => ['carried', $setup(['kind' => 'counterweight', 'stack_kg' => 20, 'leverage' => 1, 'lever_deg' => 80]), false];
    yield 'heel mark, one anchor and a kit' => [
        'heel-mark',
        ['body' => BODY, 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'share' => 0.5, 'kit' => ['rings' => []]],
        false,
    ];
    $class = fn (array $set): array => [
        'length_s' => 600,
        'stations' => [['id' => 'b', 'kind' => 'bar']],
        'athletes' => [['id' => 'a', 'sets' => [$set + ['id' => '1', 'duration_s' => 30, 'stations' => ['b']]]]],
    ];
    yield 'timetable' => ['timetable', $class([]), true];
    yield 'timetable, a short set' => ['timetable', $class(['duration_s' => 0.4]), true];
    yield 'timetable, no time' => ['timetable', $class(['duration_s' => 0]), false];
    yield 'timetable, an hour of a set' => ['timetable', $class(['duration_s' => 3600]), false];
    yield 'timetable, nowhere' => ['timetable', $class(['stations' => []]), false];
    yield 'timetable, before it begins' => ['timetable', ['now_s' => -0.5] + $class([]), false];
    $trace = fn (array $keys): array => $keys + ['hz' => 50, 'kind' => 'height', 'mass_kg' => 70, 'samples' => [1.0, null, 1.25]];
    yield 'trace' => ['trace', $trace([]), true];
    yield 'trace, nothing sent' => ['trace', $trace(['samples' => null, 'pull_m' => null]), true];
    yield 'trace, too slow a sensor' => ['trace', $trace(['hz' => 10]), false];
    yield 'trace, half a sample a second more' => ['trace', $trace(['hz' => 50.5]), false];
    yield 'trace, nobody' => ['trace', $trace(['mass_kg' => 0]), false];
    yield 'trace, a force beyond all cells' => ['trace', $trace(['kind' => 'force', 'samples' => [20_001]]), false];
    yield 'trace, no way up' => ['trace', $trace(['pull_m' => 0.1]), false];
    yield 'seconds, of reps' => [
        'seconds',
        [
            'body' => BODY,
            'capacity_share' => ['mean' => 0.8, 'sd' => 0.1],
            'exercise' => ['setup' => ['kind' => 'strict'], 'movement' => 'lowering', 'seconds' => 0],
        ],
        false,
    ];
    yield 'heel mark' => ['heel-mark', ['body' => BODY, 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'share' => 0], false];
    yield 'heel mark, floor' => [
        'heel-mark',
        ['body' => BODY, 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'heel_height_m' => null, 'share' => 0.5],
        true,
    ];
    yield 'box' => ['box', ['body' => BODY, 'bar_height_m' => 2.4, 'leg_part' => 1.1, 'heights_m' => []], false];
    yield 'box, floor only' => ['box', ['body' => BODY, 'bar_height_m' => 2.4, 'leg_part' => 0.5], true];
    $ladder = [
        'body' => BODY,
        'kit' => ['bars' => [['id' => 'a', 'height_m' => 2.4]]],
        'from_share' => 0.5,
        'to_share' => 1,
        'lane' => 'pull',
    ];
    yield 'ladder' => ['ladder', $ladder, true];
    yield 'ladder, no kit' => ['ladder', ['kit' => null] + $ladder, false];
    yield 'ladder, half a rung' => ['ladder', $ladder + ['most_rungs' => 2.5], false];
    yield 'ladder, step' => ['ladder', $ladder + ['smallest_step' => 0.6], false];
    yield 'ladder, rings without a mark' => [
        'ladder',
        ['kit' => ['rings' => [['id' => 'r', 'anchor_height_m' => 2.4, 'strap_m' => []]]]] + $ladder,
        false,
    ];
    yield 'ladder, thick plate' => ['ladder', ['kit' => ['plates_m' => [0.13]]] + $ladder, false];
}

it('answers what the arms carry, in kg and as shares', function (): void {
    $answer = ask('carried', banded());

    expect($answer->fits)->toBeTrue()
        ->and($answer->carried_kg->mean / 70)->toEqualWithDelta($answer->share->mean, 1e-9)
        ->and($answer->share->bottom)->toBeLessThan($answer->share->mean)
        ->and($answer->effective_share)->toEqualWithDelta((0.934 - 0.93 * (1 - $answer->share->mean)) / 0.934, 1e-9)
        ->and($answer->rom_m)->toEqualWithDelta(0.334 * 1.75, 1e-9)
        ->and($answer->warnings[0]->code)->toBe('band-estimated');
});

it('knows strict and added weight', function (): void {
    expect(ask('carried', ['body' => BODY, 'setup' => ['kind' => 'strict']])->share->mean)->toEqual(1.0)
        ->and(
            ask('carried', ['body' => BODY, 'setup' => ['kind' => 'added', 'added_kg' => 7]])->carried_kg->top,
        )->toEqualWithDelta(77.0, 1e-9);
});

it('knows every kind of set-up', function (array $setup, float $mean): void {
    $answer = ask('carried', ['body' => [...BODY, 'reach_m' => 2.1], 'setup' => $setup]);

    expect($answer->share->mean)->toEqualWithDelta($mean, 0.005)->and($answer->rom_m)->toBeGreaterThanOrEqual(0.0);
})->with([
    [['kind' => 'row', 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'heel_mark_m' => 0.0, 'heel_height_m' => 0.0], 0.583],
    [['kind' => 'foot', 'bar_height_m' => 2.4, 'box_m' => 0.4, 'scale_kg' => 21, 'grade' => 'toes'], 0.7],
    [['kind' => 'counterweight', 'stack_kg' => 20, 'leverage' => 1.4], 0.6],
    [['kind' => 'pulldown', 'stack_kg' => 35], 0.5],
    [['kind' => 'counterweight', 'stack_kg' => 30, 'leverage' => 1, 'platform_kg' => 2], 0.6],
    [['kind' => 'low-bar', 'bar_height_m' => 1.4, 'grade' => 'none'], 0.861],
    [['kind' => 'foot', 'bar_height_m' => 1.5, 'box_m' => 0, 'scale_kg' => 50, 'lap_kg' => 15], 0.5],
    [
        [
            'kind' => 'band-pulldown',
            'anchor_height_m' => 2.4,
            'bands' => [[
                ...BAND,
                'hung_length_m' => 0.5,
                'points' => [['length_m' => 0.8, 'force_n' => 120], ['length_m' => 1.1, 'force_n' => 170]],
            ]],
        ],
        0.2436,
    ],
]);

it('gives foot help without a scale, and a hop, as an interval', function (array $setup): void {
    $answer = ask('carried', ['body' => [...BODY, 'reach_m' => 2.1], 'setup' => ['bar_height_m' => 2.4, 'box_m' => 0.3, ...$setup]]);

    expect($answer->share_range[0])->toBeGreaterThan(0.4)->toBeLessThan(1.0)->and($answer->share_range[1])->toEqual(1.0);
})->with([[['kind' => 'foot']], [['kind' => 'hop', 'hop_m' => 0.1]]]);

it('answers the heel mark of a share, which gives that share back to 1e-6', function (): void {
    $rig = ['anchor_height_m' => 2.4, 'strap_m' => 1.5, 'heel_height_m' => 0.3];
    $answer = ask('heel-mark', ['body' => BODY, ...$rig, 'share' => 0.55]);
    $row = ask('carried', ['body' => BODY, 'setup' => ['kind' => 'row', ...$rig, 'heel_mark_m' => $answer->heel_mark_m]]);

    expect($answer->share)->toEqualWithDelta(0.55, 1e-6)->and($row->share->mean)->toEqualWithDelta(0.55, 1e-6)
        ->and(ask('heel-mark', ['body' => BODY, ...$rig, 'share' => 2.0])->reason)->toContain('No heel mark gives 200 %');
});

it('answers the nearest box or stack of plates for a leg part', function (): void {
    $answer = ask(
        'box',
        ['body' => [...BODY, 'reach_m' => 2.1], 'bar_height_m' => 2.4, 'leg_part' => 1 / 3, 'heights_m' => [0.2, 0.55, 0.05, 0.1, 0.12]],
    );
    // Wanted: a third of 0.5775 m, less 0.0875 m of toes, plus the 0.3 m the reach falls short.
    $foot = ask(
        'carried',
        ['body' => [...BODY, 'reach_m' => 2.1], 'setup' => ['kind' => 'foot', 'bar_height_m' => 2.4, 'box_m' => $answer->box_m]],
    );

    expect($answer->box_m)->toEqualWithDelta(0.27, 1e-9)
        ->and($foot->share_range[0])->toEqualWithDelta(1 - $answer->leg_part - 0.01 / $foot->rom_m, 1e-9);
});

it('answers the steadiest ladder, in set-ups that carry what it says', function (string $lane, float $from, float $to): void {
    $kit = [
        'bars' => [['id' => 'bar', 'height_m' => 2.5]],
        'bands' => [
            [...BAND, 'id' => 'thin', 'width_mm' => 13],
            [...BAND, 'id' => 'mid', 'width_mm' => 29],
            [...BAND, 'id' => 'thick', 'width_mm' => 44],
        ],
        'rings' => [['id' => 'rings', 'anchor_height_m' => 2.4, 'strap_m' => [1.2, 1.5]]],
        'boxes_m' => [0.3], 'plates_m' => [0.05], 'weights_kg' => [2.5, 5],
    ];
    $answer = ask('ladder', ['body' => BODY, 'kit' => $kit, 'from_share' => $from, 'to_share' => $to, 'lane' => $lane, 'most_rungs' => 6]);
    $below = $from;
    $steps = [];
    foreach ($answer->rungs as $rung) {
        expect(ask('carried', ['body' => BODY, 'setup' => (array) $rung->setup])->share->mean)->toEqualWithDelta($rung->share, 1e-12);
        $steps[] = $rung->share - $below;
        $below = $rung->share;
    }

    expect(max($steps))->toEqualWithDelta($answer->largest_step, 1e-12)->and(min($steps))->toBeGreaterThanOrEqual(0.02)
        ->and(count($steps))->toBeLessThanOrEqual(6)->and($answer->reaches_goal)->toBeTrue()->and($answer->candidates)->toBeGreaterThan(10);
})->with([['pull', 0.5, 1.0], ['pull', 0.9, 1.05], ['row', 0.4, 0.65]]);

it('answers that a set-up does not fit, with the reason', function (): void {
    $answer = ask('carried', banded(bar_height_m: 1.2));

    expect($answer->fits)->toBeFalse()->and($answer->reason)->toContain('too low');
});

it('answers a band’s curve with its status', function (array $points, string $status, float $sd): void {
    $answer = ask('band', [...BAND, 'points' => $points]);

    expect($answer->status)->toBe($status)->and($answer->relative_sd)->toEqualWithDelta($sd, 0.004)
        ->and($answer->curve[0]->force_n)->toEqual(0.0)
        ->and(end($answer->curve)->length_m)->toEqualWithDelta(3.0, 1e-9);
})->with([
    [[], 'estimated', 0.30],
    [[['length_m' => 1.8, 'force_n' => 150]], 'one-point', 0.024],
    [[['length_m' => 1.4, 'force_n' => 100], ['length_m' => 2.1, 'force_n' => 180]], 'measured', 0.018],
]);

it('finds the heel mark of a share on every anchor, strap and box, those that hold first', function (): void {
    $kit = [
        'bars' => [['id' => 'low', 'height_m' => 1.0]],
        'rings' => [['id' => 'r', 'anchor_height_m' => 2.4, 'strap_m' => [1.3, 1.5]]],
        'boxes_m' => [0.3],
        'floor' => 'rubber',
    ];
    $found = ask('heel-mark', ['body' => BODY, 'kit' => $kit, 'share' => 0.55])->found;
    $friction = array_column($found, 'friction');
    $sorted = $friction;
    sort($sorted);

    expect(count($found))->toBeGreaterThan(2)->and($friction)->toBe($sorted);
    foreach ($found as $one) {
        expect(ask('carried', ['body' => BODY, 'setup' => (array) $one->setup])->share->mean)->toEqualWithDelta(0.55, 1e-6);
    }
});

it('answers the seconds of a lowering, none of a hang, and more of them in a band', function (): void {
    $ask = fn (array $exercise): stdClass => ask(
        'seconds',
        ['body' => BODY, 'capacity_share' => ['mean' => 0.7, 'sd' => 0.05], 'exercise' => ['seconds' => 5, ...$exercise]],
    );
    $strict = $ask(['setup' => ['kind' => 'strict'], 'movement' => 'lowering']);
    $band = $ask(['setup' => banded()['setup'], 'movement' => 'lowering']);
    $hang = $ask(['setup' => ['kind' => 'strict'], 'movement' => 'hold', 'at' => 'hang']);

    expect($strict->chance->{'3'})->toBeLessThan(0.8)->and($band->chance->{'3'})->toBeGreaterThan(0.8)
        ->and($band->low80)->toBeGreaterThan($strict->median_s)->and($hang->median_s)->toBeNull()->and($hang->reason)->toContain('grip');
});

it('answers capacity, reps to expect and a forecast from the same observations, the same each time', function (): void {
    $sets = array_map(
        fn (int $i): array => [
            'on' => gmdate('Y-m-d', 86400 * (20500 + 3 * $i)),
            'pattern' => 'pull',
            'load_kg' => 50 + $i,
            'mass_kg' => 70,
            'reps' => 7,
            'reserve' => 1,
            'setup' => 'band',
            'load_sd_share' => 0.03,
        ],
        range(0, 9),
    );
    $about = ['observations' => $sets, 'at' => gmdate('Y-m-d', 86400 * 20530)];
    $capacity = ask('capacity', $about)->patterns->pull;
    $predict = ask('predict', $about + ['pattern' => 'pull', 'load_kg' => 60, 'mass_kg' => 70, 'setup' => 'band', 'load_sd_share' => 0.03]);
    $forecast = ask('forecast', $about + ['target_reps' => 5]);

    expect($capacity->share->low80)->toBeLessThan($capacity->share->mean)->and($capacity->trend_per_week->mean)->toBeGreaterThan(0.005)
        ->and($predict->chances)->toHaveCount(15)->and($predict->chances[4])->toBeGreaterThan($predict->chances[5])
        ->and($predict->reps->low80)->toBeGreaterThan(3.0)->toBeLessThan($predict->reps->median)
        ->and($forecast->chance_by_week[0])->toEqual(0)->and($forecast->low80_on)->not->toBeNull()
        ->and(ask('forecast', $about + ['target_reps' => 5]))->toEqual($forecast)
        ->and(
            ask(
                'forecast',
                [
                    'observations' => [
                        ...$sets,
                        ['on' => $about['at'], 'pattern' => 'pull', 'load_kg' => 70, 'mass_kg' => 70, 'reps' => 5, 'test' => true],
                    ],
                ] + $about + ['target_reps' => 5],
            )->verdict,
        )->toBe('reached');
});

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
    'a point too short' => [
        'band',
        '{"hung_length_m":1,"width_mm":29,"thickness_mm":4.5,"points":[{"length_m":0.9,"force_n":5}]}',
        '/points/0',
    ],
    'deep in a list' => [
        'carried',
        '{"body":{"mass_kg":70,"stature_m":1.7},"setup":{"kind":"band","bar_height_m":2.4,"attach":"foot","bands":[{"hung_length_m":0,"width_mm":29,"thickness_mm":4.5}]}}',
        '/setup/bands/0/hung_length_m',
    ],
    'an unknown kind' => ['carried', '{"body":{"mass_kg":70,"stature_m":1.7},"setup":{"kind":"swing"}}', '/setup/kind'],
    'a box above the bar' => [
        'carried',
        '{"body":{"mass_kg":70,"stature_m":1.7},"setup":{"kind":"foot","bar_height_m":2,"box_m":2.2}}',
        '/setup/box_m',
    ],
    'a strap on the floor' => [
        'heel-mark',
        '{"body":{"mass_kg":70,"stature_m":1.7},"anchor_height_m":2,"strap_m":1.95,"share":0.5}',
        '/strap_m',
    ],
    'a plate that is none' => [
        'box',
        '{"body":{"mass_kg":70,"stature_m":1.7},"bar_height_m":2.4,"leg_part":0.3,"heights_m":[0.3,0]}',
        '/heights_m/1',
    ],
    'a band in a kit without an id' => [
        'ladder',
        '{"body":{"mass_kg":70,"stature_m":1.7},"kit":{"bands":[{"hung_length_m":1,"width_mm":29,"thickness_mm":4.5}]},"from_share":0.5,"to_share":1,"lane":"pull"}',
        '/kit/bands/0/id',
    ],
    'a ladder in a lane without one' => [
        'ladder',
        '{"body":{"mass_kg":70,"stature_m":1.7},"kit":{},"from_share":0.5,"to_share":1,"lane":"lower"}',
        '/lane',
    ],
    'sets out of order' => [
        'capacity',
        '{"at":"2026-03-01","observations":[{"on":"2026-02-03","pattern":"pull","load_kg":60,"mass_kg":70,"reps":5},{"on":"2026-02-01","pattern":"pull","load_kg":60,"mass_kg":70,"reps":5}]}',
        '/observations/1/on',
    ],
    'a set of nobody' => [
        'capacity',
        '{"at":"2026-03-01","observations":[{"on":"2026-02-03","pattern":"pull","load_kg":60,"mass_kg":7,"reps":5}]}',
        '/observations/0/mass_kg',
    ],
    'a station that is not there' => [
        'timetable',
        '{"length_s":600,"stations":[{"id":"b","kind":"bar"}],"athletes":[{"id":"a","sets":[{"id":"1","duration_s":9,"stations":["c"]}]}]}',
        '/athletes/0/sets/0/stations',
    ],
    'one id twice' => ['timetable', '{"length_s":600,"stations":[{"id":"b","kind":"bar"},{"id":"b","kind":"bar"}]}', '/stations/1/id'],
    'a sample that is text' => ['trace', '{"hz":50,"kind":"force","mass_kg":70,"samples":[700,null,"700"]}', '/samples/2'],
    'a height above all gyms' => ['trace', '{"hz":50,"kind":"height","mass_kg":70,"samples":[1,null,11]}', '/samples/2'],
    'no such topic' => ['weather', '{}', ''],
]);

it('answers who does what when, planned and timed anew, as its schema says', function (): void {
    $set = fn (string $id, float $s, string $band): array => ['id' => $id, 'duration_s' => $s, 'rest_after_s' => 60, 'stations' => ['beam'], 'gear' => [$band]];
    $request = [
        'length_s' => 600,
        'change_s' => 30,
        'stations' => [['id' => 'beam', 'kind' => 'bar']],
        'gear' => [['id' => 'rook', 'kind' => 'band'], ['id' => 'jay', 'kind' => 'band']],
        'athletes' => [['id' => 'ada', 'sets' => [$set('1', 29.5, 'rook'), $set('2', 30, 'rook')]], ['id' => 'cy', 'arrives_s' => 0, 'sets' => [$set('1', 30, 'jay')]]],
    ];
    $planned = ask('timetable', $request);
    $late = [...$request, 'told' => $planned->sets, 'fixed' => [$planned->sets[0]], 'now_s' => 90];
    $again = ask('timetable', $late);

    expect(fitsSchema($planned, 'timetable.answer'))->toBeTrue()->and(fitsSchema(json_decode((string) json_encode($late)), 'timetable.request'))->toBeTrue()
        ->and([$planned->fits, $planned->makespan_s, $planned->changes])->toBe([true, 150, 2])
        ->and($again->sets[0])->toEqual($planned->sets[0])->and($again->sets[1]->start_s)->toBeGreaterThanOrEqual(90)
        ->and(count($again->sets))->toBe(3);
});

it('answers what a sensor saw, as its schema says, or why it cannot be read', function (): void {
    $up = fn (int $i): float => round(0.9 + 0.5 * sin(M_PI * max(0, $i - 100) / 150.0) ** 4, 4);
    $height = ask('trace', $request = ['hz' => 50, 'kind' => 'height', 'mass_kg' => 70, 'samples' => array_map($up, range(0, 549))]);
    $force = ask('trace', ['hz' => 50, 'kind' => 'force', 'mass_kg' => 70, 'samples' => [...array_fill(0, 100, 1.0), ...array_fill(0, 200, 686.0), ...array_fill(0, 60, 0.5)]]);
    $short = ask('trace', ['hz' => 50, 'kind' => 'height', 'mass_kg' => 70, 'samples' => [1.0, 1.1]]);

    foreach ([$height, $force, $short] as $answer) {
        expect(fitsSchema($answer, 'trace.answer'))->toBeTrue();
    }
    expect(fitsSchema(json_decode((string) json_encode($request)), 'trace.request'))->toBeTrue()
        ->and(array_column($height->reps, 'counted'))->toBe([true, true, true])
        ->and($height->reps[1]->top_s + $height->reps[1]->pause_s / 2)->toEqualWithDelta(6.5, 0.1)
        ->and($force->hangs[0]->start_s)->toEqualWithDelta(2.0, 0.1)->and($force->hangs[0]->end_s)->toEqualWithDelta(6.0, 0.1)
        ->and($force->peak_share)->toEqualWithDelta(1.0, 0.01)->and($short->refused->code)->toBe('too-short');
});

it('answers line by line, in order, and goes on after a bad line', function (): void {
    $lines = [
        json_encode(['load_kg' => 50, 'reps' => 1]),
        '{"load_kg":-1,"reps":1}',
        'nonsense',
        json_encode(['capacity_kg' => 60, 'load_kg' => 60]),
    ];
    $process = core(implode("\n", $lines), 'reps', '--lines');
    $answers = array_map(fn (string $line) => json_decode($line), explode("\n", trim($process->getOutput())));

    expect($process->getExitCode())->toBe(0)->and($answers)->toHaveCount(4)
        ->and($answers[0]->capacity_kg)->toEqual(50.0)
        ->and($answers[1]->errors[0]->pointer)->toBe('/load_kg')
        ->and($answers[2]->title)->toBe('The request cannot be read')
        ->and($answers[3]->reps)->toEqual(1.0);
});

it('keeps its memory constant over twenty thousand lines of every kind', function (): void {
    $row = ['body' => BODY, 'setup' => ['kind' => 'row', 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'heel_mark_m' => 0.1]];
    $hop = ['body' => BODY, 'setup' => ['kind' => 'hop', 'bar_height_m' => 2.3, 'box_m' => 0.2, 'hop_m' => 0.1]];
    $request = json_encode(banded())."\n".json_encode($row)."\n".json_encode($hop)."\nnonsense\n";
    $peak = fn (int $lines): int => (int) trim((new Symfony\Component\Process\Process(
        [
            'php',
            '-r',
            'require "vendor/autoload.php"; (new App\Formats\CommandLine\CommandLine(STDIN, fopen("/dev/null", "w"), STDERR, App\Formats\CommandLine\Answers::answer(...)))->run(["carried", "--lines"]); echo memory_get_peak_usage();',
        ],
        dirname(__DIR__, 2), input: str_repeat($request, intdiv($lines, 4)), timeout: 120,
    ))->mustRun()->getOutput());

    expect($peak(20_000))->toBeLessThan($peak(20) + 40_000); // two bytes a line
});

it('reads exactly what the schemas allow', function (string $topic, array $request, bool $good): void {
    $json = json_encode($request, JSON_THROW_ON_ERROR);
    $read = true;
    try {
        Answers::answer(Topic::from($topic), JsonObject::parse($json));
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
    yield from schemaEdges();
    yield 'width' => ['band', [...BAND, 'width_mm' => 2.9], false];
    yield 'no points' => ['band', array_diff_key(BAND, ['points' => 1]), true];
    yield 'points no list' => ['band', [...BAND, 'points' => 3], false];
    yield 'many points' => ['band', [...BAND, 'points' => array_fill(0, 31, ['length_m' => 1.5, 'force_n' => 100])], false];
    yield 'k' => ['reps', ['load_kg' => 50, 'reps' => 5, 'k' => 61], false];
    yield 'formula' => ['reps', ['load_kg' => 50, 'reps' => 5, 'formula' => 'other'], false];
    yield 'both ways' => ['reps', ['load_kg' => 50, 'reps' => 5, 'capacity_kg' => 60], false];
});
