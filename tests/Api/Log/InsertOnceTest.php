<?php

declare(strict_types=1);

use App\Actions\Fingerprint;
use App\Actions\Log\SetTakenBack;
use App\Models\Log\LoggedSet;

beforeEach(function (): void {
    [$this->athlete, $this->bar, $this->band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->exercise = exercise($this->bar, $this->band);
});

it('knows a set again however it is written: another offset, nulls and empty parts, keys in another order', function (): void {
    $set = ['performed_at' => '2026-03-02T17:00:00Z'] + set($this, $this->exercise, 8);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertCreated();

    $this->postJson("/api/v1/athletes/$this->athlete/sets", ['performed_at' => '2026-03-02T17:00:00+00:00'] + $set)->assertOk();
    $this->postJson("/api/v1/athletes/$this->athlete/sets", ['performed_at' => '2026-03-02T18:00:00.000+01:00'] + $set)->assertOk();
    $this->postJson("/api/v1/athletes/$this->athlete/sets", ['no_counts' => (object) [], 'pain' => null, 'note' => '  '] + $set)
        ->assertOk();
    $this->postJson("/api/v1/athletes/$this->athlete/sets", array_reverse($set))->assertOk();
    $this->postJson("/api/v1/athletes/$this->athlete/sets", ['clean_reps' => 9] + $set)->assertStatus(409)
        ->assertJsonPath('code', 'id-taken');

    expect(LoggedSet::query()->count())->toBe(1);
});

it('refuses the same id and body on another parent', function (): void {
    $other = addAthlete($this, name: 'Bea');
    $otherBand = addBand($this, 44, 'Other');
    $set = set($this, $this->exercise, 8);
    $weighing = ['id' => uuid(), 'weighed_on' => '2026-03-01', 'mass_kg' => 70.5];
    $look = ['id' => uuid(), 'inspected_on' => '2026-03-01', 'finding' => 'sound'];
    $note = ['id' => uuid(), 'note' => 'Seen by the physio.'];
    foreach (
        ['/api/v1/athletes/%s/sets' => $set, '/api/v1/athletes/%s/weighings' => $weighing, '/api/v1/athletes/%s/clearances' => $note] as $path => $body
    ) {
        $this->postJson(sprintf($path, $this->athlete), $body)->assertCreated();
        $this->postJson(sprintf($path, $this->athlete), $body)->assertOk();
        $this->postJson(sprintf($path, $other), $body)->assertStatus(409)->assertJsonPath('code', 'id-taken');
    }
    $this->postJson("/api/v1/bands/$this->band/inspections", $look)->assertCreated();
    $this->postJson("/api/v1/bands/$otherBand/inspections", $look)->assertStatus(409);
});

it('tells two machines of one figure apart', function (): void {
    $lift = addGear($this, 'Lift', ['kind' => 'machine', 'use' => 'counterweight', 'step_kg' => 5, 'most_kg' => 60]);
    $cable = addGear($this, 'Cable', ['kind' => 'machine', 'use' => 'pulldown', 'step_kg' => 5, 'most_kg' => 60]);
    $set = set($this, exerciseOn(['kind' => 'counterweight', 'machine_id' => $lift, 'stack_kg' => 20]), 8);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertCreated();

    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        ['exercise' => ['setup' => ['kind' => 'pulldown', 'machine_id' => $lift, 'stack_kg' => 20]]] + $set,
    )->assertStatus(409);
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, exerciseOn(['kind' => 'pulldown', 'machine_id' => $lift, 'stack_kg' => 20]), 8),
    )
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/machine_id');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, exerciseOn(['kind' => 'counterweight', 'machine_id' => $cable, 'stack_kg' => 20]), 8),
    )->assertStatus(422);
});

it('still knows gear it stored after that was changed', function (): void {
    $box = ['id' => uuid(), 'name' => 'Box', 'figures' => ['kind' => 'box', 'height_m' => 0.4]];
    $this->postJson('/api/v1/gear', $box)->assertCreated();
    $this->putJson("/api/v1/gear/{$box['id']}", ['name' => 'Red box', 'figures' => ['kind' => 'box', 'height_m' => 0.45]])->assertOk();

    $this->postJson('/api/v1/gear', $box)->assertOk()->assertJsonPath('name', 'Red box');
});

it('takes a queue of sets of several athletes in order, refuses single ones with the reason, and stores each once', function (): void {
    $other = addAthlete($this, name: 'Bea');
    $of = fn (string $athlete, int $clean, mixed ...$changes): array => [
        'athlete_id' => $athlete,
        'set' => [...$changes] + set($this, $this->exercise, $clean),
    ];
    $queue = [
        $of($this->athlete, 8),
        $of($other, 6),
        $of($this->athlete, 7),
        $of($other, 1, clean_reps: -1),
        $of(uuid(), 5),
        $of($other, 5, exercise: exercise($this->bar, uuid())),
    ];
    $first = $this->postJson('/api/v1/commands', ['commands' => $queue])->assertOk()->json('outcomes');

    expect(array_column($first, 'id'))->toBe(array_column(array_column($queue, 'set'), 'id'))
        ->and(array_map(
            fn (array $o): ?string => $o['problem']['code'] ?? null,
            $first,
        ))->toBe([null, null, null, 'invalid', 'not-found', 'invalid'])
        ->and($first[3]['problem']['errors'][0]['pointer'])->toBe('/commands/3/set/clean_reps')
        ->and($this->postJson('/api/v1/commands', ['commands' => $queue])->json('outcomes'))->toEqual($first)
        ->and(LoggedSet::query()->count())->toBe(3)
        ->and($this->getJson("/api/v1/athletes/$this->athlete")->json('capacity.on'))->toBe('2026-03-02');
    $this->postJson('/api/v1/commands', ['commands' => array_fill(0, 201, $of($other, 1))])->assertStatus(422);
});

it('takes the queue of a device that runs the program before, under the name it had there', function (): void {
    $command = ['athlete_id' => $this->athlete, 'set' => set($this, $this->exercise, 8)];
    $this->postJson('/api/v1/deeds', ['deeds' => [$command]])->assertOk()->assertJsonPath('outcomes.0.problem', null);
    $this->postJson('/api/v1/commands', ['commands' => [$command]])->assertOk()->assertJsonPath('outcomes.0.stored.clean_reps', 8);

    expect(LoggedSet::query()->count())->toBe(1);
    $this->postJson('/api/v1/commands', ['commands' => [$command], 'deeds' => []])->assertStatus(422);
});

it('knows a row again by the fingerprint that the program before gave it', function (): void {
    $told = new SetTakenBack('01900000-0000-7000-8000-000000000009', '01900000-0000-7000-8000-000000000008');
    $canonical = '{"deed":{"id":"01900000-0000-7000-8000-000000000009","set_id":"01900000-0000-7000-8000-000000000008"},'
        .'"kind":"withdrawals","of":{"athlete":"ada"}}';

    expect(Fingerprint::of('withdrawals', ['athlete' => 'ada'], $told))->toBe(hash('sha256', $canonical));
});

it('lets pain in a queue pause what comes days after it', function (): void {
    $queue = [
        [
            'athlete_id' => $this->athlete,
            'set' => [
                'performed_at' => '2026-02-26T18:00:00Z',
                'pain' => ['place' => 'elbow', 'level' => 3],
            ] + set($this, $this->exercise, 5),
        ],
        ['athlete_id' => $this->athlete, 'set' => ['performed_at' => '2026-03-01T18:00:00Z'] + set($this, $this->exercise, 8)],
    ];
    $outcomes = $this->postJson('/api/v1/commands', ['commands' => $queue])->json('outcomes');

    expect($outcomes[0]['stored']['pain']['place'])->toBe('elbow')->and($outcomes[1]['problem']['code'])->toBe('pulling-paused');
});

it('refuses days and times that are none', function (string $at): void {
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        ['performed_at' => $at] + set($this, $this->exercise, 8),
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/performed_at');
})->with([
    '2026-02-30T10:00:00Z',
    '2026-00-10T10:00:00Z',
    '2026-01-00T10:00:00Z',
    '2026-01-10T24:00:00Z',
    '2026-01-10T10:60:00Z',
    '2026-01-10T10:00:60Z',
    '2025-02-29T10:00:00Z',
]);
