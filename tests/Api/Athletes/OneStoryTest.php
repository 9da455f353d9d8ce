<?php

declare(strict_types=1);

/*
 * Ten kinds of athletes, each seen on every page of theirs: where two pages tell the same thing, they tell it alike.
 */

beforeEach(function (): void {
    $this->bar = addBar($this, 2.6);
    $this->low = addBar($this, 1.4, 'Low bar');
    addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.2, 1.5]]);
    addGear($this, 'Box', ['kind' => 'box', 'height_m' => 0.5]);
    addGear($this, 'Lift', ['kind' => 'machine', 'use' => 'counterweight', 'step_kg' => 5, 'most_kg' => 60]);
    foreach ([13, 22, 32, 44, 64] as $mm) {
        $this->bands[$mm] = addBand($this, $mm, "Band $mm");
    }
    $this->class = addClass($this);
    $this->day = '2026-03-02';
});

/**
 * Five sessions in the last two weeks on one set-up, and what came after.
 *
 * @param  array<string, mixed>  $kind
 */
function trained(object $test, array $kind): string
{
    $id = addAthlete($test, ...['tags' => ['evening'], ...($kind['of'] ?? [])]);
    $test->postJson("/api/v1/athletes/$id/screenings", ['id' => uuid(), 'overhead' => 'level', ...($kind['screen'] ?? [])])
        ->assertCreated();
    if (isset($kind['method'])) {
        $test->postJson(
            "/api/v1/athletes/$id/place",
            ['id' => uuid(), 'method' => $kind['method'], 'stage' => $kind['stage'] ?? null, 'reason' => 'Begun so'],
        )->assertSuccessful();
    }
    $exercise = $kind['on']($test);
    $test->putJson("/api/v1/athletes/$id/setup", $exercise)->assertOk();
    foreach (['2026-02-17', '2026-02-20', '2026-02-23', '2026-02-25', '2026-02-27'] as $on) {
        $test->clock->set("{$on}T18:00:00Z");
        logSession($test, $id, $exercise, $kind['reps'], $kind['reserve'] ?? 2);
    }
    foreach ($kind['more'] ?? [] as $set) {
        $test->postJson(
            "/api/v1/athletes/$id/sets",
            set($test, exerciseOn(['kind' => 'strict']), ...['clean' => 0, ...$set]),
        )->assertCreated();
    }
    $test->clock->set('2026-03-02T16:00:00Z');
    if (isset($kind['signal'])) {
        $test->postJson("/api/v1/athletes/$id/signals", ['id' => uuid(), 'on' => '2026-03-02', ...$kind['signal']])->assertSuccessful();
    }
    if (isset($kind['pain'])) {
        $test->postJson("/api/v1/athletes/$id/pain", ['id' => uuid(), 'pain' => $kind['pain']])->assertSuccessful();
    }

    return $id;
}

/** @return array<string, array{array<string, mixed>}> */
function tenKinds(): array
{
    $band = fn (int $mm): Closure => fn (object $test): array => exercise($test->bar, $test->bands[$mm]);
    $strict = ['purpose' => 'test', 'reserve' => 0, 'to_failure' => true, 'performed_at' => '2026-02-26T18:00:00Z'];

    return [
        'weak, on a thick band' => [['on' => $band(64), 'reps' => [6, 5, 5]]],
        'half way' => [['on' => $band(44), 'reps' => [9, 8, 8]]],
        'near the first rep' => [['on' => $band(13), 'reps' => [8, 8, 7]]],
        'one strict rep done' => [['on' => $band(13), 'reps' => [10, 9, 9], 'more' => [['clean_reps' => 1] + $strict]]],
        'strict for long' => [[
            'on' => fn (): array => exerciseOn(['kind' => 'strict']), 'reps' => [4, 4, 3], 'method' => 'steady-ladder', 'stage' => 'strict',
        ]],
        'a climber in bands' => [[
            'on' => $band(32),
            'reps' => [9, 9, 9],
            'of' => ['kind' => 'climbing'],
            'method' => 'band-taper',
            'stage' => 'bands',
        ]],
        'of rep standards' => [[
            'on' => fn (object $test): array => exerciseOn(['kind' => 'low-bar', 'bar_id' => $test->low]),
            'reps' => [15, 14, 12],
            'method' => 'rep-standards',
            'stage' => 'low-bar',
        ]],
        'sore' => [['on' => $band(32), 'reps' => [8, 8, 8], 'signal' => ['soreness' => 4]]],
        'in pain' => [['on' => $band(32), 'reps' => [8, 8, 8], 'pain' => ['place' => 'elbow', 'level' => 3]]],
        'under a cap of the screen' => [['on' => $band(44), 'reps' => [10, 10, 10], 'screen' => ['most_share' => 0.7]]],
    ];
}

it('tells the same of an athlete on every page', function (array $kind): void {
    $id = trained($this, $kind);
    $get = fn (string $path): array => $this->getJson("/api/v1/athletes/$id$path")->assertOk()->json();
    [$athlete, $session, $weeks, $trend] = [$get(''), $get('/session'), $get('/weeks'), $get('/trend?pattern=pull')];
    $ladder = $get('/ladder?lane=pull');
    $setup = $get('/setup?exercise='.rawurlencode((string) json_encode($athlete['rung']['exercise'])));
    $row = collect($this->getJson('/api/v1/athletes')->json('items'))->firstWhere('id', $id);
    $floor = collect($this->getJson("/api/v1/classes/$this->class/days/$this->day")->assertOk()->json('athletes'))->firstWhere('id', $id);
    $next = collect($trend['forecasts'])->first(fn (array $f): bool => $f['verdict'] !== 'reached');
    $call = $athlete['call'] ?? $athlete['decided'];

    expect($session['place'])->toEqual($athlete['place'])
        ->and($weeks['calendar']['stages'][0]['name'])->toBe($athlete['place']['stage_name'])
        ->and($athlete['place']['gate'])->toStartWith($weeks['calendar']['stages'][0]['gate'])
        ->and([$row['method_name'], $row['stage_name']])->toBe([$athlete['place']['method_name'], $athlete['place']['stage_name']])
        ->and($floor['sheet']['stage'] ?? null)->toBe($athlete['place']['stage_name'])
        ->and($session['calendar'])->toEqual($weeks['calendar'])
        ->and($weeks['calendar']['next'])->toEqual($next)
        ->and($setup['rung']['prediction'])->toEqual($athlete['rung']['prediction'])
        ->and($row['setup_share'])->toEqual($athlete['rung']['carried']['share']['mean'])
        ->and($row['capacity'])->toEqual($athlete['capacity'])
        ->and(end($trend['points'])['share'])->toEqual($athlete['capacity']['share'])
        ->and($get('/capacity?pattern=pull')['capacity']['share'] ?? $athlete['capacity']['share'])->toEqual($athlete['capacity']['share'])
        ->and($call['call']['from']['key'] ?? $athlete['rung']['key'])->toBe($athlete['rung']['key'])
        ->and($row['verdict'])->toBe($call['call']['verdict'] ?? null);
    foreach (array_filter([$ladder['now'], ...array_column($ladder['rungs'], 'rung')]) as $rung) {
        expect(
            $rung['key'] === $athlete['rung']['key'] ? $rung['prediction'] : $athlete['rung']['prediction'],
        )->toEqual($athlete['rung']['prediction']);
    }
    $words = fn (array $lines): array => array_map(fn (array $l): array => [$l['name'], $l['sets'], $l['amount']['words']], $lines);
    expect($words($floor['sheet']['lines']))->toBe($words($session['blocks']));
    $tries = array_values(array_filter($session['blocks'], fn (array $b): bool => $b['part'] === 'test'));
    $likely = collect($call['call']['nearly'] ?? [])->firstWhere('rule', 'strict-likely')['evidence'][0]['text']
        ?? collect($call['call']['reasons'] ?? [])->first(fn (array $r): bool => str_contains($r['text'], 'strict rep'))['text'] ?? null;
    if ($tries !== [] && $likely !== null) {
        expect($tries[0]['note'])->toContain(rtrim(explode(';', explode(': ', $likely)[1])[0], '.'));
    }
})->with(tenKinds());
