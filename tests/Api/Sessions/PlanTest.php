<?php

declare(strict_types=1);

use App\Models\Sessions\LineChangeRecord;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this);
    foreach ([13, 22, 32, 44] as $width) {
        $this->bands[$width] = addBand($this, $width, "Width $width");
    }
    $this->exercise = exercise($this->bar, $this->bands[32]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
    logSession($this, $this->athlete, $this->exercise, [8, 8, 8], 2);
    $this->clock->set('2026-03-05T18:00:00Z');
    $this->main = linesOf($this)['main'];
    $this->change = fn (array $change): array => $change + ['id' => uuid(), 'line' => $this->main, 'lasts' => true];
});

/** @return array<string, string> the last line of each part */
function linesOf($test): array
{
    $lines = [];
    foreach ($test->getJson("/api/v1/athletes/$test->athlete/session")->assertOk()->json('blocks') as $block) {
        $lines[$block['part']] = $block['line'];
    }

    return $lines;
}

it('tries a change without keeping it, keeps it once, and puts it back', function (): void {
    $change = ($this->change)(['sets' => 2, 'low' => 6]);
    $url = "/api/v1/athletes/$this->athlete/session";
    $of = fn ($response): array => array_values(array_filter(
        $response->json('blocks'),
        fn (array $b): bool => $b['line'] === $this->main,
    ))[0];

    $tried = $of($this->postJson("$url/tried", $change)->assertOk());
    expect($tried['sets'])->toBe(2)
        ->and($tried['note'])->toContain('the gate cannot be met')
        ->and(LineChangeRecord::query()->count())->toBe(0);
    expect($of($this->postJson("$url/changes", $change)->assertCreated())['by_hand'])->toBe(['lasts' => true]);
    $this->postJson("$url/changes", $change)->assertOk();
    $this->postJson("$url/changes", ['sets' => 4] + $change)->assertStatus(409);
    $this->postJson("$url/changes", ($this->change)(['sets' => 4]))->assertCreated();
    expect($of($this->getJson($url))['sets'])->toBe(4)->and(LineChangeRecord::query()->whereNull('put_back_at')->count())->toBe(1);
    expect($of($this->deleteJson("$url/changes?line=".urlencode($this->main))->assertOk())['by_hand'])->toBeNull();
});

it('keeps the session of the day whole once a set of it is logged, and says how far it is', function (): void {
    $url = "/api/v1/athletes/$this->athlete/session";
    $lines = fn (): array => array_map(fn (array $b): array => [$b['line'], $b['sets']], $this->getJson($url)->assertOk()->json('blocks'));
    $before = $lines();
    logSession($this, $this->athlete, $this->exercise, [7], 2);

    expect($lines())->toBe($before)->and($this->getJson($url)->json('notes'))->toContain('Begun: one set logged today.');
});

it('lets a change for the next session end with the work of that day', function (): void {
    $url = "/api/v1/athletes/$this->athlete/session";
    $sets = fn (): int => array_values(array_filter(
        $this->getJson($url)->json('blocks'),
        fn (array $b): bool => $b['part'] === 'main',
    ))[0]['sets'];
    $this->postJson("$url/changes", ($this->change)(['lasts' => false, 'sets' => 5]))->assertCreated();
    expect($sets())->toBe(5);
    logSession($this, $this->athlete, $this->exercise, [7, 7, 7], 2);
    $this->clock->set('2026-03-09T18:00:00Z');
    expect($sets())->toBe(3);
});

it('leaves a line out, adds one, and offers what could be done instead', function (): void {
    $url = "/api/v1/athletes/$this->athlete/session";
    $trunk = linesOf($this)['trunk'];
    $this->postJson(
        "$url/changes",
        ($this->change)(['line' => $trunk, 'left_out' => true]),
    )->assertCreated()->assertJsonPath('left_out.0.line', $trunk);
    $added = $this->postJson(
        "$url/changes",
        ($this->change)(['line' => 'accessory:carry', 'accessory' => 'carry', 'low' => 40]),
    )->assertCreated()->json('blocks');
    expect(array_column($added, 'name'))->toContain('Loaded carry');
    $others = $this->getJson("$url/others?line=".urlencode($this->main))
        ->assertOk()
        ->assertJsonPath('accessories.0.name', 'Curl')
        ->json('rungs');
    expect($others)->not->toBe([]);
    $this->postJson(
        "$url/changes",
        ($this->change)(['exercise' => $others[0]['exercise']]),
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/lasts');
    $main = array_values(array_filter(
        $this->postJson(
            "$url/changes",
            ['lasts' => false] + ($this->change)(['exercise' => $others[0]['exercise']]),
        )->assertCreated()->json('blocks'),
        fn (array $b): bool => $b['part'] === 'main',
    ))[0];
    expect($main['rung']['key'])->toBe($others[0]['key']);
});

it('refuses a change that cannot be', function (array $change, string $pointer): void {
    $this->postJson(
        "/api/v1/athletes/$this->athlete/session/changes",
        $change + ($this->change)([]),
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(LineChangeRecord::query()->count())->toBe(0);
})->with([
    'no such line' => [['line' => 'main:juggling', 'sets' => 3], '/line'],
    'too many sets' => [['sets' => 13], '/sets'],
    'upside down' => [['low' => 8, 'high' => 5], '/high'],
]);

it('keeps lower caps at will and higher ones only where a coach answers for them', function (): void {
    $caps = ['lowerings_a_session' => 10, 'lowerings_a_week' => 20, 'hard_sets_first_month' => 8, 'hard_sets_later' => 16];
    $this->putJson('/api/v1/caps', $caps)
        ->assertOk()
        ->assertJsonPath('lowerings_a_session', 10)
        ->assertJsonPath('usual.lowerings_a_session', 15)
        ->assertJsonPath('raised_by', null);
    $raised = ['lowerings_a_session' => 20, 'lowerings_a_week' => 40] + $caps;
    $this->putJson('/api/v1/caps', $raised)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/acknowledged');
    $this->putJson('/api/v1/caps', $raised + ['acknowledged' => true])->assertOk()->assertJsonPath('lowerings_a_week', 40);
    expect($this->putJson('/api/v1/caps', ['hard_sets_later' => 12] + $raised)->assertOk()->json('raised_by'))->not->toBeNull();
    $this->putJson(
        '/api/v1/caps',
        ['lowerings_a_week' => 5] + $raised,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/lowerings_a_week');
});

it('plans around days off of the gym and of one athlete, and takes them back', function (): void {
    $url = "/api/v1/athletes/$this->athlete";
    $sessions = fn ($response): array => array_filter(
        $response->json('calendar.sessions'),
        fn (string $on): bool => $on >= '2026-03-09' && $on <= '2026-03-29',
    );
    expect($this->getJson("$url/weeks")->assertOk()->assertJsonPath('today', '2026-03-05')->json('trained'))->not->toBe([]);
    $off = ['id' => uuid(), 'from' => '2026-03-09', 'to' => '2026-03-29', 'why' => 'Building works', 'of_gym' => true];
    expect($sessions($this->postJson("$url/time-off", $off)->assertCreated()->assertJsonPath('time_off.0.of_gym', true)))->toBe([]);
    $this->postJson("$url/time-off", $off)->assertOk()->assertJsonPath('calendar.comebacks.0.needs_baselines', false);
    $other = addAthlete($this, name: 'Another');
    $this->getJson("/api/v1/athletes/$other/weeks")->assertJsonPath('time_off.0.why', 'Building works');
    $own = ['id' => uuid(), 'from' => '2026-04-01', 'to' => '2026-04-02', 'why' => 'Wedding'];
    $this->postJson("$url/time-off", $own)->assertCreated()->assertJsonCount(2, 'time_off');
    $this->getJson("/api/v1/athletes/$other/weeks")->assertJsonCount(1, 'time_off');
    expect($sessions($this->deleteJson("$url/time-off/{$off['id']}")->assertOk()))->not->toBe([]);
    $this->deleteJson("/api/v1/athletes/$other/time-off/{$own['id']}")->assertNotFound();
    $this->postJson(
        "$url/time-off",
        ['to' => '2026-03-01', 'id' => uuid()] + $own,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/to');
});

it('puts a builder in the place of strict work for whoever is there, and says who is not', function (): void {
    $url = "/api/v1/athletes/$this->athlete";
    $this->getJson('/api/v1/library')->assertOk()->assertJsonPath('builders.0.key', 'chin-ups-ahead')->assertJsonPath('grip.1.from_s', 30);
    $place = fn (string $stage, string $builder): array => [
        'id' => uuid(),
        'method' => 'band-taper',
        'stage' => $stage,
        'builder' => $builder,
        'reason' => 'Strong',
    ];
    $this->postJson("$url/place", $place('strict', 'one-more'))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/builder');
    $this->postJson(
        "$url/sets",
        [
            'id' => uuid(),
            'performed_at' => '2026-03-05T17:50:00Z',
            'purpose' => 'work',
            'exercise' => ['setup' => ['kind' => 'strict']],
            'clean_reps' => 6,
            'reserve' => 1,
        ],
    )->assertCreated();
    $this->postJson("$url/place", $place('bands', 'one-more'))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/builder');
    $this->postJson("$url/place", $place('strict', 'pre-tired'))->assertStatus(422)->assertJsonPath(
        'errors.0.detail',
        'Work that tires the arms first changes form and raises risk. Not for newcomers.',
    );
    $this->postJson("$url/place", $place('strict', 'one-more'))->assertCreated()->assertJsonPath('builder.key', 'one-more');
    expect($this->getJson("$url/session")->json('notes'))->toContain('The same sets, one rep more in one of them each week.');
});

it('answers what suits a class by the reps a set wants', function (): void {
    $items = $this->getJson("/api/v1/athletes/$this->athlete/class-work?reps=6")->assertOk()->json('items');
    expect(array_column($items, 'key'))->toContain('band-reps')->toContain('heavy-row')
        ->and(
            array_values(array_filter($items, fn (array $i): bool => $i['key'] === 'band-reps'))[0]['rung']['prediction']['reps'],
        )->toBeGreaterThan(5);
    $this->getJson("/api/v1/athletes/$this->athlete/class-work?reps=31")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/reps');
});

it('tells climbers with each session that wall days add up', function (): void {
    $notes = fn (string $athlete): string => implode(' ', $this->getJson("/api/v1/athletes/$athlete/session")->json('notes'));
    expect($notes($this->athlete))->not->toContain('wall days')
        ->and($notes(addAthlete($this, name: 'Rope', kind: 'climbing')))->toContain('wall days');
});
