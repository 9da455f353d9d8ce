<?php

declare(strict_types=1);

use App\Models\Athletes\CapacityRecord;
use App\Models\Athletes\Weighing;
use SteadyRung\Exercise\Choices\Lane;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this, 2.5);
    $this->band = addBand($this, 44, 'Thick');
    $this->rings = addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.5]]);
    $this->cable = addGear($this, 'Cable', ['kind' => 'machine', 'use' => 'pulldown', 'step_kg' => 5, 'most_kg' => 60]);
    $this->row = exerciseOn(['kind' => 'row', 'ring_id' => $this->rings, 'strap_m' => 1.5, 'heel_mark_m' => 0.0]);
    $this->day = function (int $day, array $exercise, array $counts, int $reserve = 2): void {
        $this->clock->set(sprintf('2026-03-%02dT18:00:00Z', $day));
        logSession($this, $this->athlete, $exercise, $counts, $reserve);
    };
    $this->call = fn (): array => $this->getJson("/api/v1/athletes/$this->athlete")->json('call.call');
});

it('climbs a row to the next heel mark on the same straps, in the capacity of rows', function (): void {
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->row)->assertOk();
    ($this->day)(3, $this->row, [12, 12, 11], 3);
    ($this->day)(5, $this->row, [12, 12, 12], 3);
    $call = ($this->call)();

    expect($call['verdict'])->toBe('climb')->and($call['next']['exercise']['setup']['ring_id'])->toBe($this->rings)
        ->and($call['next']['exercise']['setup']['heel_mark_m'])->toBeGreaterThan(0.0)
        ->and($call['change_share'])->toBeGreaterThanOrEqual(0.02)->toBeLessThan(0.08)
        ->and($this->getJson('/api/v1/athletes')->json('items.0.capacity.share'))->toBeGreaterThan(0.7);
});

it('steps a row down after two sessions short of the floor', function (): void {
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->row)->assertOk();
    ($this->day)(3, $this->row, [3, 3], 0);
    ($this->day)(5, $this->row, [4, 3], 0);
    $call = ($this->call)();

    expect($call['verdict'])->toBe('step-down')->and($call['next']['exercise']['setup']['heel_mark_m'])->toBeLessThan(0.0);
});

it('stays on lowerings, which ask for fewer reps, and moves no capacity with them', function (): void {
    $lowering = exerciseOn(['kind' => 'strict'], movement: 'lowering', seconds: 5);
    logSession($this, $this->athlete, exerciseOn(['kind' => 'strict']), [5, 5]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $lowering)->assertOk()->assertJsonPath('standard.gate_reps', 5);
    ($this->day)(3, $lowering, [4, 4, 3]);
    ($this->day)(5, $lowering, [4, 4, 4]);

    expect(($this->call)()['verdict'])->toBe('stay')
        ->and($this->getJson("/api/v1/athletes/$this->athlete")->json('rung.prediction'))->toBeNull();
});

it('refers for pain on any lane, and pauses all of them', function (array $exercise): void {
    $exercise = $exercise['setup']['kind'] === 'row' ? $this->row : $exercise;
    logSession($this, $this->athlete, exerciseOn(['kind' => 'strict']), [5, 5]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $exercise)->assertOk();
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $exercise, 5, pain: ['place' => 'elbow', 'level' => 5]),
    )->assertCreated();
    expect(($this->call)()['verdict'])->toBe('refer');

    $this->clock->set('2026-03-04T18:00:00Z');
    foreach ([$this->row, exerciseOn(['kind' => 'strict'], movement: 'lowering', seconds: 3), exerciseOn(['kind' => 'strict'])] as $other) {
        $this->postJson(
            "/api/v1/athletes/$this->athlete/sets",
            set($this, $other, 3),
        )->assertStatus(409)->assertJsonPath('code', 'pulling-paused');
    }
    $hold = exerciseOn(['kind' => 'strict'], movement: 'hold', at: 'hang', seconds: 15);
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        ['id' => uuid(), 'performed_at' => '2026-03-04T18:00:00Z', 'purpose' => 'work', 'exercise' => $hold, 'hang_s' => 15],
    )->assertStatus(409);
})->with([
    [['setup' => ['kind' => 'row']]],
    [['setup' => ['kind' => 'strict'], 'movement' => 'lowering', 'seconds' => 3]],
    [['setup' => ['kind' => 'strict']]],
]);

it('rebuilds the capacities of every pattern from the log, to the last bit', function (): void {
    $pull = exercise($this->bar, $this->band);
    $cable = exerciseOn(['kind' => 'pulldown', 'machine_id' => $this->cable, 'stack_kg' => 40]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $pull)->assertOk();
    foreach ([3, 5, 8, 12] as $day) {
        ($this->day)($day, $pull, [7, 6]);
        ($this->day)($day, $this->row, [9, 8]);
        ($this->day)($day, $cable, [8]);
    }
    $stored = fn (): array => CapacityRecord::query()->orderBy('pattern')
        ->orderBy('trained_on')
        ->get(['pattern', 'trained_on', 'share', 'high80', 'state'])
        ->toArray();
    followLog();
    $before = $stored();
    expect(array_count_values(array_column($before, 'pattern')))->toBe(['pull' => 4, 'pulldown' => 4, 'row' => 4]);

    $this->artisan('steady:replay')->assertSuccessful();
    $this->signInAs($this->coach);
    expect($stored())->toBe($before);
});

it('moves a late set of rows into rows alone', function (): void {
    ($this->day)(5, $this->row, [9, 8]);
    ($this->day)(5, exercise($this->bar, $this->band), [6]);
    followLog();
    $pull = CapacityRecord::query()->where('pattern', 'pull')->firstOrFail()->state;
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $this->row, 12, performed_at: '2026-03-03T18:00:00Z', reserve: 0),
    )->assertCreated();
    followLog();

    expect(CapacityRecord::query()->where('pattern', 'row')->count())->toBe(2)
        ->and(CapacityRecord::query()->where('pattern', 'pull')->firstOrFail()->state)->toBe($pull);
});

it('overrides a call with a set-up of another lane, and goes on there', function (): void {
    $pull = exercise($this->bar, $this->band);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $pull)->assertOk();
    ($this->day)(3, $pull, [5, 5]);
    $call = $this->getJson('/api/v1/calls')->json('items.0');
    $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        [
            'version' => $call['version'],
            'decision' => 'overridden',
            'verdict' => 'stay',
            'exercise' => $this->row,
            'reason' => 'Elbows tired of bands',
        ],
    )->assertOk();

    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('rung.exercise.setup.kind', 'row');
    expect(
        $this->getJson("/api/v1/athletes/$this->athlete/ladder?lane=".Lane::Row->value)->json('now.exercise.setup.ring_id'),
    )->toBe($this->rings);
});

it('says that a set-up was lost when two pieces of it no longer go together', function (): void {
    $box = addGear($this, 'Box', ['kind' => 'box', 'height_m' => 0.6]);
    $low = addBar($this, 1.6, 'Low');
    $this->putJson("/api/v1/athletes/$this->athlete/setup", exerciseOn(['kind' => 'foot', 'bar_id' => $low, 'box_id' => $box]))->assertOk();
    $this->putJson("/api/v1/gear/$low", ['name' => 'Low', 'figures' => ['kind' => 'bar', 'height_m' => 1.0]])->assertOk();

    expect($this->getJson("/api/v1/athletes/$this->athlete")->assertOk()->json('rung_lost'))->toContain('leaves no room to hang');
    $this->getJson('/api/v1/athletes')->assertOk()->assertJsonPath('items.0.setup_name', null);
});

it('adds gear once under its id, and refuses another piece there', function (): void {
    $box = ['id' => uuid(), 'name' => 'Box', 'figures' => ['kind' => 'box', 'height_m' => 0.4]];
    $this->postJson('/api/v1/gear', $box)->assertCreated();
    $this->postJson('/api/v1/gear', $box)->assertOk();
    $this->postJson(
        '/api/v1/gear',
        ['figures' => ['kind' => 'box', 'height_m' => 0.5]] + $box,
    )->assertStatus(409)->assertJsonPath('code', 'id-taken');
    expect(Weighing::query()->count())->toBe(1);
});
