<?php

declare(strict_types=1);

use App\Formats\Json\Setups\ExerciseJson;
use App\Models\Athletes\Athlete;
use App\Models\Methods\PlaceChange;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this);
    foreach ([13, 22, 32, 44] as $width) {
        $this->bands[$width] = addBand($this, $width, "Width $width");
    }
    $this->exercise = exercise($this->bar, $this->bands[32]);
});

/** Two sessions at the gate, of an athlete on the band taper. */
function taught($test): void
{
    $test->putJson("/api/v1/athletes/$test->athlete/setup", $test->exercise)->assertOk();
    logSession($test, $test->athlete, $test->exercise, [8, 8, 8], 2);
    $test->clock->set('2026-03-05T18:00:00Z');
    logSession($test, $test->athlete, $test->exercise, [8, 8, 8], 2);
}

it('stands on the steady ladder until somebody assigns a method, and keeps every move', function (): void {
    $this->getJson("/api/v1/athletes/$this->athlete")
        ->assertJsonPath('place.method', 'steady-ladder')
        ->assertJsonPath('place.number', 1)
        ->assertJsonPath('standard.words', '3 × 8 clean');
    $place = ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands'];
    $this->postJson("/api/v1/athletes/$this->athlete/place", $place)
        ->assertCreated()
        ->assertJsonPath('place.stage_name', 'Bands, thickest needed first')
        ->assertJsonPath('place.next_stage_name', 'Lowering');
    $this->postJson("/api/v1/athletes/$this->athlete/place", $place)->assertOk();
    $this->clock->set('2026-03-04T18:00:00Z');
    $skip = ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'lowering', 'sessions_a_week' => 2];
    $this->postJson("/api/v1/athletes/$this->athlete/place", $skip)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/reason');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/place",
        ['reason' => 'Five slow ones at the weekend'] + $skip,
    )->assertCreated()->assertJsonPath('place.since', '2026-03-04')->assertJsonPath('sessions_a_week', 2);
    $this->postJson("/api/v1/athletes/$this->athlete/place", ['id' => $skip['id'], 'stage' => 'strict'] + $skip)->assertStatus(409);

    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('rung.exercise.movement', 'lowering');
    $moves = $this->getJson("/api/v1/athletes/$this->athlete/place")->assertJsonCount(2, 'moves')->json('moves');
    expect(array_column($moves, 'stage_name'))->toBe(['Lowering', 'Bands, thickest needed first'])
        ->and($moves[0]['reason'])->toBe('Five slow ones at the weekend')
        ->and($moves[0]['by_call'])->toBeFalse();
});

it('has stood at the first stage since the first set', function (): void {
    $first = $this->getJson("/api/v1/athletes/$this->athlete")->json('place.since');
    taught($this);
    $this->clock->set('2026-03-20T18:00:00Z');

    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('place.since', $first);
});

it('refuses a method or a stage that there is not', function (array $place, string $pointer): void {
    $this->postJson(
        "/api/v1/athletes/$this->athlete/place",
        ['id' => uuid(), 'reason' => 'So'] + $place,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(PlaceChange::query()->count())->toBe(0);
})->with([
    [['method' => 'juggling', 'stage' => 'one'], '/method'],
    [['method' => 'band-taper', 'stage' => 'one'], '/stage'],
    [['method' => 'band-taper', 'stage' => 'bands', 'sessions_a_week' => 9], '/sessions_a_week'],
]);

it('names the next stage in the order that the house takes them', function (): void {
    $this->postJson(
        "/api/v1/athletes/$this->athlete/place",
        ['id' => uuid(), 'method' => 'foundation', 'stage' => 'lowering'],
    )->assertCreated();
    $next = fn () => $this->getJson("/api/v1/athletes/$this->athlete")->json('place.next_stage_name');
    $before = $next();
    $this->putJson('/api/v1/house-rules', ['lowering-stands' => 'last'])->assertOk();

    expect($next())->not->toBe($before)->toBe('Strict pull-ups');
});

it('skips no stage where the house takes them strictly in order', function (): void {
    $this->putJson('/api/v1/house-rules', ['stages' => 'strict'])->assertOk();
    $this->postJson("/api/v1/athletes/$this->athlete/place", ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands'])
        ->assertCreated();
    $to = fn (string $stage) => $this->postJson(
        "/api/v1/athletes/$this->athlete/place",
        ['id' => uuid(), 'method' => 'band-taper', 'stage' => $stage, 'reason' => 'So'],
    );

    $to('strict')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/stage');
    $to('lowering')->assertCreated();
});

it('moves to the next stage by an accepted call, and back when the decision is taken back', function (): void {
    $this->postJson("/api/v1/athletes/$this->athlete/place", ['id' => uuid(), 'method' => 'foundation', 'stage' => 'bands'])
        ->assertCreated();
    $this->exercise = exercise($this->bar, $this->bands[13]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
    logSession($this, $this->athlete, $this->exercise, [10, 10, 10, 10, 10], 3);
    $call = $this->getJson("/api/v1/athletes/$this->athlete")->json('call');
    if ($call['call']['stage_name'] === null) {
        $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted'])->assertOk();
        $this->clock->set('2026-03-06T18:00:00Z');
        $now = Athlete::query()->findOrFail($this->athlete)->chosen;
        logSession($this, $this->athlete, json_decode(json_encode(ExerciseJson::of($now)), true), [10, 10, 10, 10, 10], 3);
        $call = $this->getJson("/api/v1/athletes/$this->athlete")->json('call');
    }
    expect($call['call']['verdict'])->toBe('climb');
    $before = $this->getJson("/api/v1/athletes/$this->athlete")->json('place.stage');
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted'])->assertOk();
    $after = $this->getJson("/api/v1/athletes/$this->athlete")->json('place.stage');
    expect($after)->toBe($call['call']['stage_name'] === null ? $before : 'strict');
    $this->deleteJson("/api/v1/calls/{$call['id']}/decision")->assertOk();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('place.stage', $before);
    expect(PlaceChange::query()->where('call_id', $call['id'])->count())->toBe(0);
});

it('writes the next session from place, kit, log and house rules', function (): void {
    $this->postJson("/api/v1/athletes/$this->athlete/place", ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands'])
        ->assertCreated();
    $this->getJson("/api/v1/athletes/$this->athlete/session")->assertOk()->assertJsonPath('refused.code', 'baselines');
    taught($this);
    $this->clock->set('2026-03-09T18:00:00Z');
    $session = $this->getJson("/api/v1/athletes/$this->athlete/session")->assertOk()->assertJsonPath('refused', null)->json();
    $main = array_values(array_filter($session['blocks'], fn (array $b): bool => $b['part'] === 'main'))[0];

    expect($main['rung']['name'])->toContain('Width 32')
        ->and($main['expected'])->toHaveCount(3)
        ->and($main['expected'][0]['reps'])->toBeGreaterThan($main['expected'][2]['reps'])
        ->and($session['gear'])->toContain('Width 32')->and($session['minutes'])->toBeGreaterThan(5);
    $this->putJson('/api/v1/house-rules', ['trunk' => 'later', 'rest' => '60-s'])->assertOk();
    $then = $this->getJson("/api/v1/athletes/$this->athlete/session")->json('blocks');
    expect(array_column($then, 'part'))->not->toContain('trunk')->and(array_column($then, 'rest_s', 'part')['main'])->toBe(60);
});

it('pauses for a symptom until a later note clears it, and rests for soreness', function (): void {
    taught($this);
    $told = ['id' => uuid(), 'on' => '2026-03-05', 'symptoms' => ['dark-urine']];
    $this->postJson("/api/v1/athletes/$this->athlete/signals", $told)->assertCreated()->assertJsonPath('call.call.verdict', 'refer');
    $this->postJson("/api/v1/athletes/$this->athlete/signals", $told)->assertOk();
    $this->postJson("/api/v1/athletes/$this->athlete/signals", ['soreness' => 2] + $told)->assertStatus(409);
    $this->getJson("/api/v1/athletes/$this->athlete/session")->assertJsonPath('refused.code', 'paused')->assertJsonCount(0, 'blocks');
    $this->clock->passSeconds(60);
    $this->postJson("/api/v1/athletes/$this->athlete/clearances", ['id' => uuid(), 'note' => 'Seen by the clinic.'])->assertCreated();
    expect($this->getJson("/api/v1/athletes/$this->athlete")->json('call.call.verdict'))->not->toBe('refer');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/signals",
        ['id' => uuid(), 'on' => '2026-03-05', 'soreness' => 5],
    )->assertCreated()->assertJsonPath('call.call.verdict', 'rest');
});

it('refuses what cannot be told', function (array $told, string $pointer): void {
    $this->postJson(
        "/api/v1/athletes/$this->athlete/signals",
        ['id' => uuid(), ...$told],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    [['on' => '2026-03-03'], '/on'],
    [['on' => '2026-03-02', 'soreness' => 6], '/soreness'],
    [['on' => '2026-03-02', 'effort' => 11], '/effort'],
    [['on' => '2026-03-02', 'symptoms' => ['hunger']], '/symptoms/0'],
    [['on' => '2026-03-02', 'gave_out' => 'patience'], '/gave_out'],
]);

it('logs work beside the pull once, and tells it in the next session', function (): void {
    taught($this);
    $set = ['id' => uuid(), 'performed_at' => '2026-03-05T18:05:00Z', 'accessory' => 'plank', 'seconds' => 45];
    $this->postJson("/api/v1/athletes/$this->athlete/accessories", $set)->assertNoContent();
    $this->postJson("/api/v1/athletes/$this->athlete/accessories", $set)->assertNoContent();
    $this->postJson("/api/v1/athletes/$this->athlete/accessories", ['seconds' => 50] + $set)->assertStatus(409);
    $this->postJson(
        "/api/v1/athletes/$this->athlete/accessories",
        ['id' => uuid(), 'seconds' => 700] + $set,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/seconds');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/accessories",
        ['id' => uuid(), 'performed_at' => '2026-03-05T18:05:00Z', 'accessory' => 'plank'],
    )->assertStatus(422);
    $this->clock->set('2026-03-09T18:00:00Z');
    $blocks = $this->getJson("/api/v1/athletes/$this->athlete/session")->json('blocks');

    expect(array_column($blocks, 'note', 'accessory')['plank'])->toBe('Last time 45 s.');
});

it('says before a house rule changes whom it would touch, and changes nothing by that', function (): void {
    taught($this);
    $this->clock->set('2026-03-09T18:00:00Z');
    $effects = $this->postJson('/api/v1/house-rules/effects', ['trunk' => 'later'])
        ->assertOk()
        ->assertJsonPath('looked_at', 1)
        ->json('effects');
    expect($effects[0]['athlete_id'])->toBe($this->athlete)->and(implode(' ', $effects[0]['changes']))->toContain('Plank');
    $this->postJson('/api/v1/house-rules/effects', ['trunk' => 'alongside'])->assertJsonCount(0, 'effects');
    $rules = $this->getJson('/api/v1/house-rules')->json('rules');
    expect(array_column($rules, 'position', 'key')['trunk'])->toBe('alongside');
    $this->putJson('/api/v1/house-rules', ['trunk' => 'never mind'])->assertStatus(422)->assertJsonPath(
        'errors.0.allowed',
        ['alongside', 'gate', 'later'],
    );
});

it('keeps a method of the gym’s own, refuses a broken one, and gives no other gym a look at it', function (): void {
    $own = ['key' => 'ours', 'name' => 'Ours'] + $this->getJson('/api/v1/methods/band-taper')->assertOk()->json();
    $this->putJson('/api/v1/methods', ['key' => 'band-taper'] + $own)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/key');
    $broken = $own;
    $broken['stages'][2]['gate']['reps'] = 99;
    $this->postJson('/api/v1/methods/check', $broken)->assertStatus(422);
    $this->postJson('/api/v1/methods/check', $own)->assertNoContent();
    expect(array_column($this->getJson('/api/v1/methods')->json('methods'), 'key'))->not->toContain('ours');
    $this->putJson('/api/v1/methods', $own)->assertOk();
    $listed = array_column(
        $this->putJson('/api/v1/methods', ['name' => 'Our taper'] + $own)->assertOk()->json('methods'),
        null,
        'key',
    )['ours'];
    expect($listed['own'])->toBeTrue()->and($listed['name'])->toBe('Our taper');

    $this->postJson(
        "/api/v1/athletes/$this->athlete/place",
        ['id' => uuid(), 'method' => 'ours', 'stage' => 'bands'],
    )->assertCreated()->assertJsonPath('place.method_name', 'Our taper');
    $this->deleteJson('/api/v1/methods/ours')->assertStatus(409)->assertJsonPath('code', 'method-in-use');
    $this->postJson("/api/v1/athletes/$this->athlete/place", ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands'])
        ->assertCreated();
    $this->signInAs($this->makeCoach('coach@two.example'));
    $this->getJson('/api/v1/methods/ours')->assertNotFound();
    $this->signInAs($this->coach);
    $this->deleteJson('/api/v1/methods/ours')->assertNoContent();
    $this->getJson('/api/v1/methods/ours')->assertNotFound();
});

it('refuses a method whose stage the kit has nothing for', function (): void {
    $own = ['key' => 'hoist', 'name' => 'Hoist'] + $this->getJson('/api/v1/methods/band-taper')->json();
    $own['stages'][2]['lines'][2]['do'] = [['kind' => 'counterweight']];
    $this->putJson('/api/v1/methods', $own)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/stages')->assertJsonFragment([
        'detail' => 'The kit has nothing for: Bands, thickest needed first. Give the stage another means, or add the gear first.',
    ]);
});

it('counts what was overridden by rule, and which call came after it', function (): void {
    taught($this);
    $call = $this->getJson("/api/v1/athletes/$this->athlete")->json('call');
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        [
            'version' => $call['version'],
            'decision' => 'overridden',
            'verdict' => $call['call']['verdict'] === 'stay' ? 'test' : 'stay',
            'reason' => 'Tired',
        ],
    )->assertOk();
    $this->clock->set('2026-03-08T18:00:00Z');
    logSession($this, $this->athlete, $this->exercise, [4, 4, 4], 0);
    $rules = $this->getJson('/api/v1/calls/overrides')->assertOk()->json('rules');

    expect($rules[0]['overridden'])->toBe(1)
        ->and($rules[0]['rule'])->toBe($call['call']['rule'])
        ->and(array_sum(array_column($rules[0]['then'], 'times')))->toBe(1);
});

it('says what the caps of lowering leave before it is done, and keeps what was seen in a set for the cues', function (): void {
    $lowering = ['setup' => ['kind' => 'strict'], 'movement' => 'lowering', 'seconds' => 3];
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $lowering)->assertStatus(422)->assertJsonPath('code', 'does-not-fit');
    logSession($this, $this->athlete, ['setup' => ['kind' => 'strict']], [5, 5]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $lowering)->assertOk()->assertJsonPath(
        'lowerings_left',
        ['today' => 15, 'a_session' => 15, 'this_week' => 30, 'a_week' => 30, 'full' => null],
    );
    $set = set($this, $lowering, 5, reserve: null) + ['faults' => ['uneven-way-down']];
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertCreated()->assertJsonPath('faults', ['uneven-way-down']);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertOk();
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        ['id' => uuid(), 'faults' => ['yawned']] + $set,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/faults/0');
    $this->getJson(
        "/api/v1/athletes/$this->athlete",
    )->assertJsonPath('lowerings_left.today', 10)->assertJsonPath('lowerings_left.this_week', 25);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk()->assertJsonPath('lowerings_left', null);
});
