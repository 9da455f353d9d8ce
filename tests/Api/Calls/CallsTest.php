<?php

declare(strict_types=1);

use App\Formats\Stored\StoredCall;
use App\Formats\Stored\StoredSituation;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use SteadyRung\Call\Rules\Judge;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this);
    foreach ([13, 19, 22, 29, 32] as $width) {
        $this->bands[$width] = addBand($this, $width, "Width $width");
    }
    $this->exercise = exercise($this->bar, $this->bands[29]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
});

/** Two sessions that meet the gate with reps to spare. */
function meetGate($test): array
{
    logSession($test, $test->athlete, $test->exercise, [10, 10, 10], 3);
    $test->clock->set('2026-03-05T18:00:00Z');
    logSession($test, $test->athlete, $test->exercise, [10, 10, 10], 3);

    return $test->getJson('/api/v1/calls')->assertOk()->json('items.0');
}

it('climbs after two sessions at the gate, and accepting puts the athlete on the next set-up', function (): void {
    $call = meetGate($this);
    expect($call['call']['verdict'])->toBe('climb')
        ->and($call['call']['chance'])->toBeGreaterThanOrEqual(0.8)
        ->and($call['call']['change_share'])->toBeGreaterThan(0.02)
        ->and($call['call']['change_kg'])->toEqualWithDelta(70 * $call['call']['change_share'], 1e-9)
        ->and($call['call']['next']['prediction']['low80'])->toBeLessThan($call['call']['next']['prediction']['reps']);

    $accept = ['version' => $call['version'], 'decision' => 'accepted'];
    $this->putJson("/api/v1/calls/{$call['id']}/decision", $accept)->assertOk()->assertJsonPath('decision', 'accepted');
    $this->putJson("/api/v1/calls/{$call['id']}/decision", $accept)->assertOk();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('rung.key', $call['call']['next']['key'])
        ->assertJsonPath('call', null);
    $this->getJson('/api/v1/calls')->assertJsonCount(0, 'items');
});

it('keeps the call, the override and its reason', function (): void {
    $call = meetGate($this);
    $override = ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => 'stay', 'reason' => 'Long week on the wall'];
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['reason' => null] + $override,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/reason');
    $this->putJson("/api/v1/calls/{$call['id']}/decision", $override)->assertOk();
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['reason' => 'Another'] + $override,
    )->assertStatus(409)->assertJsonPath('code', 'call-decided');

    $past = $this->getJson("/api/v1/athletes/$this->athlete/calls")->assertJsonCount(1, 'items')->json('items.0');
    expect($past['call']['verdict'])->toBe('climb')
        ->and($past['override_verdict'])->toBe('stay')
        ->and($past['override_reason'])->toBe('Long week on the wall');
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('rung.exercise.setup.band_ids.0', $this->bands[29]);
});

it('leaves the set-up as it is where a test is accepted or called for: it is done once', function (): void {
    $call = meetGate($this);
    $test = exerciseOn(['kind' => 'strict']);
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => 'test', 'exercise' => $test, 'reason' => 'Looks ready'],
    )->assertOk();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('rung.exercise.setup.kind', 'band');
});

it('puts the athlete on the set-up an override names', function (): void {
    $call = meetGate($this);
    $other = exercise($this->bar, $this->bands[32]);
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => 'step-down', 'exercise' => $other, 'reason' => 'Tired'],
    )->assertOk();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('rung.exercise.setup.band_ids.0', $this->bands[32]);
});

it('keeps the verdict on another set-up that the coach chose, under its name, and refuses what the call says itself', function (): void {
    $this->postJson("/api/v1/athletes/$this->athlete/place", ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands'])
        ->assertCreated();
    $call = meetGate($this);
    $kept = ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => 'climb', 'reason' => 'That one is in the rack'];
    foreach ([null, $call['call']['next']['exercise'], exercise($this->bar, $this->bands[32])] as $i => $wrong) {
        $this->putJson("/api/v1/calls/{$call['id']}/decision", ['exercise' => $wrong] + $kept)
            ->assertStatus(422)->assertJsonPath('errors.0.pointer', $i < 2 ? '/verdict' : '/exercise');
    }
    $thinner = exercise($this->bar, $this->bands[13]);
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['exercise' => $thinner] + $kept)->assertOk();

    $past = $this->getJson("/api/v1/athletes/$this->athlete/calls")->json('items.0');
    expect([$past['call']['verdict'], $past['override_verdict']])->toBe(['climb', 'climb'])
        ->and($past['override_name'])->toBe('Width 13, foot, Bar');
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('rung.exercise.setup.band_ids.0', $this->bands[13]);
});

it('refuses a decision on a call that changed since it was seen', function (): void {
    $call = meetGate($this);
    logSession($this, $this->athlete, $this->exercise, [3]);
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['version' => $call['version'], 'decision' => 'accepted'],
    )->assertStatus(409)->assertJsonPath('code', 'call-changed');
});

it('steps down after two sessions under the floor', function (): void {
    logSession($this, $this->athlete, $this->exercise, [4, 4, 3], 0);
    $this->clock->set('2026-03-05T18:00:00Z');
    logSession($this, $this->athlete, $this->exercise, [4, 3, 3], 0);

    $call = $this->getJson("/api/v1/athletes/$this->athlete")->json('call.call');
    expect($call['verdict'])->toBe('step-down')->and($call['change_share'])->toBeLessThan(-0.02);
});

it('begins anew on another set-up, and a session elsewhere breaks the run', function (): void {
    logSession($this, $this->athlete, $this->exercise, [8, 8, 8], 0);
    $this->clock->set('2026-03-05T18:00:00Z');
    logSession($this, $this->athlete, exercise($this->bar, $this->bands[32]), [8, 8, 8], 0);
    $this->clock->set('2026-03-08T18:00:00Z');
    logSession($this, $this->athlete, $this->exercise, [8, 8, 8], 0);

    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('call.call.verdict', 'stay')->assertJsonPath(
        'call.call.missing.0',
        'One more session at 3 × 8 clean.',
    );
});

it('refers for pain, pauses pulling until it is cleared with a note, and cannot be overridden', function (): void {
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $this->exercise, 8, pain: ['place' => 'elbow', 'level' => 3]),
    )->assertCreated();
    $call = $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('pain.place', 'elbow')->json('call');
    expect($call['call']['verdict'])->toBe('refer')->and($call['call']['next'])->toBeNull()->and($call['call']['cautions'])->not->toBe([]);
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => 'climb', 'reason' => 'It is fine'],
    )
        ->assertStatus(409)->assertJsonPath('code', 'refer-stands');

    // What was done the same day is still taken down; the next day nothing is.
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $this->exercise, 6))->assertCreated();
    $this->clock->set('2026-03-04T18:00:00Z');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $this->exercise, 6),
    )->assertStatus(409)->assertJsonPath('code', 'pulling-paused');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        ['id' => uuid(), 'performed_at' => '2026-03-04T18:00:00Z', 'purpose' => 'baseline', 'hang_s' => 20],
    )->assertStatus(409);

    $note = ['id' => uuid(), 'note' => 'Seen by the physiotherapist, fine to pull'];
    $this->postJson("/api/v1/athletes/$this->athlete/clearances", ['note' => ' '] + $note)->assertStatus(422);
    $this->postJson("/api/v1/athletes/$this->athlete/clearances", $note)->assertCreated()->assertJsonPath('paused_on', null);
    $this->postJson("/api/v1/athletes/$this->athlete/clearances", $note)->assertOk();
    $this->clock->passSeconds(60);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $this->exercise, 6))->assertCreated();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('call.call.verdict', 'stay');
});

it('pauses for pain that a correction adds, and ends the pause with a clearing note alone, whatever becomes of the set', function (): void {
    $set = set($this, $this->exercise, 8);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertCreated();
    $this->clock->set('2026-03-02T18:00:00.200000Z');
    $painful = set($this, $this->exercise, 8, pain: ['place' => 'shoulder', 'level' => 5], replaces_id: $set['id']);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $painful)->assertCreated();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('pain.place', 'shoulder');

    $this->postJson("/api/v1/athletes/$this->athlete/sets/{$painful['id']}/withdrawal", ['id' => uuid()])->assertNoContent();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('paused_on', '2026-03-02')
        ->assertJsonPath('call.call.verdict', 'refer');
    $this->artisan('steady:replay')->assertSuccessful();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('paused_on', '2026-03-02');

    $this->postJson("/api/v1/athletes/$this->athlete/clearances", ['id' => uuid(), 'note' => '...'])->assertStatus(422);
    $this->clock->set('2026-03-02T18:00:00.500000Z'); // in the second in which it was told
    $this->postJson("/api/v1/athletes/$this->athlete/clearances", ['id' => uuid(), 'note' => 'Physio: free to pull.'])->assertCreated()
        ->assertJsonPath('paused_on', null)->assertJsonPath('cleared.note', 'Physio: free to pull.');
});

it('keeps what was known with each call', function (): void {
    $call = meetGate($this);
    $situation = CallRecord::query()->findOrFail($call['id'])->situation;

    expect($situation['mass_kg'])->toEqual(70)
        ->and($situation['sessions'])->toEqual(array_map(
            fn (string $on): array => [
                'on' => $on,
                'clean' => [10, 10, 10],
                'no_counts' => 0,
                'too_fast' => 0,
                'expected' => null,
                'effort' => null,
                'asked' => null,
            ],
            ['2026-03-02', '2026-03-05'],
        ))
        ->and($situation['from']['key'])->toContain($this->bands[29])->and($situation['up']['key'])->toBe($call['call']['next']['key']);
});

it('shows the most urgent calls first, however many are newer, counts them all, and filters', function (): void {
    $this->clock->set('2026-03-02T18:00:00Z');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $this->exercise, 5, pain: ['place' => 'elbow', 'level' => 4]),
    )->assertCreated();
    $this->clock->set('2026-03-05T18:00:00Z');
    $other = addAthlete($this, name: 'Ada');
    $this->putJson("/api/v1/athletes/$other/setup", $this->exercise)->assertOk();
    logSession($this, $other, $this->exercise, [6]);
    $call = CallRecord::query()->where('athlete_id', $other)->sole();
    for ($n = 0; $n < 50; $n++) {
        $athlete = Athlete::query()->findOrFail($other)->replicate()->fill(['id' => uuid(), 'name' => "Ada $n"]);
        $athlete->save();
        $call->replicate()->fill(['id' => uuid(), 'athlete_id' => $athlete->id])->save();
    }

    $queue = $this->getJson('/api/v1/calls')->assertOk()->assertJsonCount(50, 'items')->assertJsonPath('next_page', 2)->json();
    expect($queue['items'][0]['athlete_id'])->toBe($this->athlete)->and($queue['items'][0]['call']['verdict'])->toBe('refer')
        ->and($queue['waiting'])->toEqual([
            'refer' => 1,
            'stay' => 51,
            'climb' => 0,
            'step-down' => 0,
            'rest' => 0,
            'switch' => 0,
            'test' => 0,
        ]);
    $this->getJson('/api/v1/calls?page=2')->assertJsonCount(2, 'items')->assertJsonPath('next_page', null);
    $this->getJson('/api/v1/calls?verdict=refer')->assertJsonCount(1, 'items')->assertJsonPath('waiting.stay', 51);
    $this->getJson('/api/v1/calls?verdict=climb')->assertJsonCount(0, 'items');
    $this->getJson('/api/v1/calls?verdict=perhaps')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/verdict');
});

it('says from the command line why a call was made, with the sets behind it', function (): void {
    $this->clock->set('2026-03-02T18:00:00Z');
    logSession($this, $this->athlete, $this->exercise, [8, 7, 5]);
    followLog();
    $record = CallRecord::query()->sole();

    $this->artisan('steady:why', ['call' => $record->id])
        ->expectsOutputToContain('stay by the rule')->expectsOutputToContain('5 clean')
        ->assertSuccessful();
    foreach ([uuid(), 'nonsense'] as $id) {
        $this->artisan('steady:why', ['call' => $id])->expectsOutputToContain('no such call')->assertFailed();
    }
});

it('makes every call again from what was kept beside it', function (): void {
    $same = ['verdict', 'rule', 'reasons', 'missing', 'confidence', 'chance', 'nearly', 'cautions', 'mixed'];
    $remade = function (CallRecord $record) use ($same): void {
        $situation = StoredSituation::read($record->keptSituation());
        $call = json_decode((string) json_encode(StoredCall::write(Judge::call($situation), $situation)), true);
        $kept = json_decode($record->call, true);
        $only = fn (array $c): array => array_map(fn (string $key): mixed => $c[$key] ?? null, $same);

        expect($only($call))->toEqual($only($kept))
            ->and($call['next']['choice'] ?? null)->toEqual($kept['next']['choice'] ?? null)
            ->and($call['next']['prediction'] ?? null)->toEqual($kept['next']['prediction'] ?? null);
    };
    $seen = [];
    foreach ([[10, 10, 10], [10, 10, 10], [2, 2, 2], [2, 2, 1], [5, 5, 5]] as $day => $counts) {
        $this->clock->set(sprintf('2026-03-%02dT18:00:00Z', 2 + 3 * $day));
        $exercise = $this->getJson("/api/v1/athletes/$this->athlete")->json('rung.exercise') ?? $this->exercise;
        foreach ($counts as $clean) {
            $this->postJson(
                "/api/v1/athletes/$this->athlete/sets",
                set($this, $exercise, $clean, reserve: $clean > 5 ? 3 : 0),
            )->assertCreated();
        }
        followLog();
        $record = CallRecord::query()->whereNull('decided_at')->firstOrFail();
        $remade($record);
        $seen[] = $record->verdict->value;
        $this->putJson("/api/v1/calls/$record->id/decision", ['version' => $record->version, 'decision' => 'accepted'])->assertOk();
    }
    $this->clock->set('2026-03-20T18:00:00Z');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $this->exercise, 5, pain: ['place' => 'elbow', 'level' => 3]),
    )->assertCreated();
    followLog();
    $last = CallRecord::query()->whereNull('decided_at')->firstOrFail();
    $remade($last);

    expect([...$seen, $last->verdict->value])->toContain('test', 'stay', 'step-down', 'refer');
});
