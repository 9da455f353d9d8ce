<?php

declare(strict_types=1);

use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Choices\Pattern;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->exercise = exercise(addBar($this), addBand($this));
    $this->sets = "/api/v1/athletes/$this->athlete/sets";
});

it('logs a baseline with a band and a dead hang, and predicts reps from then on', function (): void {
    $this->postJson($this->sets, set($this, $this->exercise, 7, purpose: 'baseline'))->assertCreated()->assertJsonPath('clean_reps', 7);
    $this->postJson(
        $this->sets,
        ['id' => uuid(), 'performed_at' => '2026-03-02T17:50:00Z', 'purpose' => 'baseline', 'hang_s' => 31.5],
    )->assertCreated()->assertJsonPath('hang_s', 31.5);

    $page = $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('best_hang_s', 31.5)->assertJsonPath('call', null);
    $rung = collect($this->getJson("/api/v1/athletes/$this->athlete/scale")->json('rungs'))
        ->firstWhere('rung.exercise.setup.attach', 'foot');
    expect($page->json('capacity.share'))->toBeGreaterThan(0.5)
        ->and($rung['rung']['prediction']['reps'])->toEqualWithDelta(8.0, 0.5);
});

it('keeps what was carried then, whatever happens to the band later', function (): void {
    $carried = $this->postJson($this->sets, set($this, $this->exercise, 8))->json('carried_kg');
    $this->putJson(
        '/api/v1/bands/'.$this->exercise['setup']['band_ids'][0],
        ['name' => 'Now thick', 'hung_length_m' => 1.0, 'width_mm' => 60, 'thickness_mm' => 4.5],
    )->assertOk();

    $this->getJson($this->sets)->assertJsonPath('items.0.carried_kg', $carried)->assertJsonPath('items.0.setup_name', 'Band, foot, Bar');
});

it('stores the same set once and answers 409 to another body under its id', function (): void {
    $set = set($this, $this->exercise, 8, no_counts: ['swing' => 2], note: ' steady ');
    $this->postJson($this->sets, $set)->assertCreated();
    $this->postJson($this->sets, $set)->assertOk()->assertJsonPath('no_counts', ['swing' => 2])->assertJsonPath('note', 'steady');
    $this->postJson($this->sets, ['clean_reps' => 9] + $set)->assertStatus(409)->assertJsonPath('code', 'id-taken');
    $this->postJson($this->sets, ['reserve' => null] + $set)->assertStatus(409);

    expect(LoggedSet::query()->count())->toBe(1);
});

it('takes a set back by a new row, keeps both, and undoes what followed', function (): void {
    $set = set($this, $this->exercise, 8);
    $this->postJson($this->sets, $set)->assertCreated();
    $undo = ['id' => uuid()];
    $this->postJson("$this->sets/{$set['id']}/withdrawal", $undo)->assertNoContent();
    $this->postJson("$this->sets/{$set['id']}/withdrawal", $undo)->assertNoContent();
    $this->postJson("$this->sets/{$set['id']}/withdrawal", ['id' => uuid()])->assertNoContent(); // so does another coach

    $this->getJson($this->sets)->assertJsonCount(0, 'items');
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('capacity', null)->assertJsonPath('call', null);
    expect(LoggedSet::query()->count())->toBe(2);
});

it('corrects a set by a new row that names it, once', function (): void {
    $set = set($this, $this->exercise, 8);
    $this->postJson($this->sets, $set)->assertCreated();
    $this->postJson(
        $this->sets,
        set($this, $this->exercise, 6, replaces_id: $set['id']),
    )->assertCreated()->assertJsonPath('corrected', true);
    $this->postJson($this->sets, set($this, $this->exercise, 5, replaces_id: $set['id']))->assertStatus(409);

    $this->getJson($this->sets)->assertJsonCount(1, 'items')->assertJsonPath('items.0.clean_reps', 6);
});

it('corrects the seconds of a hang, and the longest follows', function (): void {
    $hang = fn (float $seconds, mixed ...$more): array => set(
        $this,
        null,
        0,
        ...['clean_reps' => null, 'reserve' => null, 'purpose' => 'baseline', 'hang_s' => $seconds, ...$more],
    );
    $long = $hang(62.0);
    $this->postJson($this->sets, $hang(31.0, performed_at: '2026-03-02T17:50:00Z'))->assertCreated();
    $this->postJson($this->sets, $long)->assertCreated();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('best_hang_s', 62);
    $this->postJson($this->sets, $hang(26.0, replaces_id: $long['id']))->assertCreated()->assertJsonPath('hang_s', 26);
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('best_hang_s', 31);
    $this->getJson($this->sets)->assertJsonCount(2, 'items');
});

it('gives sets that come in any order, corrected and withdrawn, exactly the states of a full replay', function (int $seed): void {
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $days = array_map(
        fn (int $i): string => (new DateTimeImmutable('2026-01-05'))->modify(sprintf('+%d days', 4 * $i))->format('Y-m-d'),
        range(0, 13),
    );
    $this->clock->set('2026-03-10T18:00:00Z');
    $sent = [];
    foreach ($random->shuffleArray($days) as $day) {
        $sent[] = $set = set(
            $this,
            $this->exercise,
            $random->getInt(4, 10),
            performed_at: "{$day}T17:00:00Z",
            reserve: $random->getInt(0, 4),
            purpose: $random->getInt(0, 4) === 0 ? 'test' : 'work',
            asked_reps: 8,
        );
        $this->postJson($this->sets, $set)->assertCreated();
    }
    $this->postJson(
        $this->sets,
        set(
            $this,
            $this->exercise,
            2,
            replaces_id: $sent[3]['id'],
            performed_at: $sent[3]['performed_at'],
            reserve: null,
            to_failure: true,
        ),
    )->assertCreated();
    foreach ([$sent[5], collect($sent)->sortBy('performed_at')->last()] as $gone) {
        $this->postJson("$this->sets/{$gone['id']}/withdrawal", ['id' => uuid()])->assertNoContent();
    }
    $stored = fn () => CapacityRecord::of($this->athlete, Pattern::Pull)->orderBy('trained_on')->get()->toArray();
    $call = $this->getJson('/api/v1/calls')->json('items.0.call');
    $before = $stored();
    $this->artisan('steady:replay')->assertSuccessful();
    $this->signInAs($this->coach);

    expect(count($before))->toBe(12)
        ->and($stored())->toEqual($before)
        ->and($this->getJson('/api/v1/calls')->json('items.0.call'))->toBe($call);
})->with([1, 2, 3]);

it('says what each telling set taught, and keeps what was asked and whether it went to failure', function (): void {
    $this->postJson(
        $this->sets,
        set($this, $this->exercise, 6, purpose: 'baseline', reserve: null, to_failure: true),
    )->assertCreated()->assertJsonPath('to_failure', true);
    $this->clock->set('2026-03-05T18:00:00Z');
    $this->postJson(
        $this->sets,
        set($this, $this->exercise, 12, asked_reps: 8, reserve: 0),
    )->assertCreated()->assertJsonPath('asked_reps', 8);
    $this->postJson($this->sets, set($this, $this->exercise, 5, reserve: 0))->assertCreated()->assertJsonPath('taught', null);

    expect($this->getJson($this->sets)->json('items.1.taught'))->toStartWith('More than expected: capacity ');
});

it('refuses what cannot be a set, field by field', function (array $changes, string $pointer): void {
    $set = set($this, $this->exercise, 8);
    $this->postJson(
        $this->sets,
        array_filter([...$set, ...$changes], fn ($v) => $v !== 'gone'),
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(LoggedSet::query()->count())->toBe(0);
})->with([
    'reps and hang' => [['hang_s' => 10], '/clean_reps'],
    'neither' => [['clean_reps' => 'gone'], '/clean_reps'],
    'reps on nothing' => [['exercise' => 'gone'], '/exercise'],
    'too many reps' => [['clean_reps' => 101], '/clean_reps'],
    'half reps' => [['clean_reps' => 7.5], '/clean_reps'],
    'a reserve after failure' => [['to_failure' => true, 'reserve' => 1], '/reserve'],
    'too much asked' => [['asked_reps' => 101], '/asked_reps'],
    'too much reserve' => [['reserve' => 6], '/reserve'],
    'unknown reason' => [['no_counts' => ['lazy' => 1]], '/no_counts/lazy'],
    'no such pain' => [['pain' => ['place' => 'elbow', 'level' => 11]], '/pain/level'],
    'the future' => [['performed_at' => '2026-03-03T18:00:00Z'], '/performed_at'],
    'unknown gear' => [
        [
            'exercise' => [
                'setup' => [
                    'kind' => 'band',
                    'bar_id' => '01900000-0000-7000-8000-000000000099',
                    'attach' => 'foot',
                    'band_ids' => ['01900000-0000-7000-8000-000000000098'],
                ],
            ],
        ],
        '/bar_id',
    ],
    'strange id' => [['id' => 'one'], '/id'],
]);

it('refuses a set-up that does not fit, with the reason', function (): void {
    $low = addBar($this, 1.3, 'Low');
    $this->postJson(
        $this->sets,
        set($this, exercise($low, $this->exercise['setup']['band_ids'][0]), 8),
    )->assertStatus(422)->assertJsonPath('code', 'does-not-fit');
    $this->putJson(
        "/api/v1/athletes/$this->athlete/setup",
        exercise($low, $this->exercise['setup']['band_ids'][0]),
    )->assertStatus(422)->assertJsonPath('code', 'does-not-fit');
});

it('counts the day of a set in the gym’s time zone', function (): void {
    $this->clock->set('2026-07-01T23:59:00Z');
    $this->postJson(
        $this->sets,
        set($this, $this->exercise, 8, performed_at: '2026-07-01T23:30:00Z'),
    )->assertJsonPath('trained_on', '2026-07-02');
});

it('pages the log, newest first', function (): void {
    foreach (range(1, 51) as $i) {
        $this->clock->passSeconds(60);
        $this->postJson($this->sets, set($this, $this->exercise, $i % 10))->assertCreated();
    }
    $this->getJson($this->sets)->assertJsonCount(50, 'items')->assertJsonPath('items.0.clean_reps', 1)->assertJsonPath('next_page', 2);
    $this->getJson("$this->sets?page=2")->assertJsonCount(1, 'items')->assertJsonPath('next_page', null);
});

it('takes a mixed set: its end counts for no gate and no capacity, stays with its day, and survives a correction', function (): void {
    [$athlete, $on] = [$this->athlete, $this->exercise];
    $lighter = exercise($on['setup']['bar_id'], addBand($this, 22, 'Lighter'));
    $this->putJson("/api/v1/athletes/$athlete/setup", $on)->assertOk();
    $this->postJson("/api/v1/athletes/$athlete/sets", $first = set($this, $lighter, 2))->assertCreated()->assertJsonPath('part_of', null);
    $before = $this->getJson("/api/v1/athletes/$athlete")->json('capacity');
    $this->postJson(
        "/api/v1/athletes/$athlete/sets",
        $end = [...set($this, $on, 6), 'part_of' => $first['id']],
    )->assertCreated()->assertJsonPath('part_of', $first['id']);

    expect($this->getJson("/api/v1/athletes/$athlete")->json('capacity'))->toBe($before)
        ->and(json_encode($this->getJson("/api/v1/athletes/$athlete")->json('call.call.reasons')))->not->toContain('6 clean');
    $this->postJson(
        "/api/v1/athletes/$athlete/sets",
        [...set($this, $on, 7), 'replaces_id' => $end['id']],
    )->assertCreated()->assertJsonPath('part_of', $first['id']);
    $this->postJson("/api/v1/athletes/$athlete/sets", [...set($this, $on, 6), 'part_of' => uuid()])->assertNotFound();
    $this->postJson(
        '/api/v1/athletes/'.addAthlete($this, name: 'Another').'/sets',
        [...set($this, $on, 6), 'part_of' => $first['id']],
    )->assertNotFound();
});

it('lets a session of mixed sets alone neither add to the row of sessions nor break it', function (): void {
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
    $lighter = exercise($this->exercise['setup']['bar_id'], addBand($this, 22, 'Lighter'));
    $missing = fn (): array => $this->getJson("/api/v1/athletes/$this->athlete")->json('call.call.missing');
    foreach ([8, 8, 8] as $i => $clean) {
        $this->postJson($this->sets, set($this, $this->exercise, $clean, performed_at: "2026-02-24T17:0$i:00Z"))->assertCreated();
    }
    expect($missing())->toContain('One more session at 3 × 8 clean.');
    $this->postJson($this->sets, $first = set($this, $lighter, 2, performed_at: '2026-02-26T17:00:00Z'))->assertCreated();
    $this->postJson(
        $this->sets,
        [...set($this, $this->exercise, 6, performed_at: '2026-02-26T17:01:00Z'), 'part_of' => $first['id']],
    )->assertCreated();
    expect($missing())->toContain('One more session at 3 × 8 clean.');
});

it('keeps the seconds of each lowering, and takes a set that went down too fast for what it was', function (): void {
    $lowering = ['setup' => ['kind' => 'strict'], 'movement' => 'lowering', 'seconds' => 3];
    $set = fn (array $more): array => $more + [
        'id' => uuid(),
        'performed_at' => '2026-03-02T18:00:00Z',
        'purpose' => 'work',
        'exercise' => $lowering,
        'clean_reps' => 3,
    ];
    $this->postJson($this->sets, $set(['splits_s' => [4.2, 3.6, 3.0]]))->assertCreated()->assertJsonPath('splits_s', [4.2, 3.6, 3]);
    $this->postJson($this->sets, $set(['performed_at' => '2026-03-02T18:03:00Z', 'splits_s' => [2.2, 1.6, 1.0]]))->assertCreated();
    expect(
        LoggedSet::query()->orderBy('performed_at')->pluck('down_s')->map(fn (float $s): float => round($s, 6))->all(),
    )->toBe([3.6, 1.6]);
    expect($this->getJson("/api/v1/athletes/$this->athlete/trend?range=year")->json('seconds.lowering.0.figure'))->toBe(3.6);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $lowering)->assertOk()->assertJsonPath('lowerings_left.today', 12);
    $this->postJson($this->sets, $set(['performed_at' => '2026-02-27T18:03:00Z', 'splits_s' => [4, 4, 3], 'halves_s' => [2, 0.5, 0]]))
        ->assertCreated()
        ->assertJsonPath('halves_s', [2, 0.5, 0])->assertJsonPath('uneven', 1);
    $this->postJson($this->sets, $set(['splits_s' => [4], 'halves_s' => [5]]))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/halves_s/0');
    $this->postJson($this->sets, $set(['splits_s' => [4, 4, 4, 4]]))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/splits_s');
    $this->postJson(
        $this->sets,
        $set(['splits_s' => [4], 'exercise' => ['setup' => ['kind' => 'strict']]]),
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/splits_s');
    $this->postJson($this->sets, $set(['splits_s' => [700]]))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/splits_s/0');
});
