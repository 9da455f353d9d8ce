<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->url = "/api/v1/athletes/$this->athlete";
    $this->putJson("$this->url/setup", exercise(addBar($this), addBand($this)))->assertOk();
    $this->off = fn (string $from, string $to, mixed ...$more) => $this->postJson(
        "$this->url/time-off",
        ['id' => uuid(), 'from' => $from, 'to' => $to, 'why' => 'Travel', ...$more],
    );
    $this->told = fn (?string $athlete = null): array => array_map(
        fn (array $t): array => [$t['from'], $t['to'], $t['of_gym']],
        $this->getJson('/api/v1/athletes/'.($athlete ?? $this->athlete).'/weeks')->assertOk()->json('time_off'),
    );
    $this->heldOn = fn (): array => array_column($this->getJson('/api/v1/classes')->json('held'), 'on');
});

it('takes a single day, and refuses one that ends before it begins or says no reason', function (): void {
    ($this->off)('2026-03-10', '2026-03-10')->assertCreated();
    ($this->off)('2026-03-10', '2026-03-09')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/to');
    ($this->off)('2026-03-10', '2026-03-12', why: ' ')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/why');
    ($this->off)('2026-02-30', '2026-03-12')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/from');

    expect(($this->told)())->toBe([['2026-03-10', '2026-03-10', false]]);
});

it('stores the same days once, and others under their id never', function (): void {
    $id = uuid();
    ($this->off)('2026-03-10', '2026-03-12', id: $id)->assertCreated();
    ($this->off)('2026-03-10', '2026-03-12', id: $id)->assertOk();
    ($this->off)('2026-03-10', '2026-03-13', id: $id)->assertStatus(409)->assertJsonPath('code', 'id-taken');
    expect(($this->told)())->toHaveCount(1);
});

it('holds no class while the gym is closed, the first and the last day among them, and all of them for one athlete’s travel', function (): void {
    addClass($this, first_on: '2026-03-02', tags: []);
    addClass($this, name: 'Thursday', first_on: '2026-03-05', tags: []);
    expect(($this->heldOn)())->toBe(['2026-03-02', '2026-03-05', '2026-03-09']);
    ($this->off)('2026-03-01', '2026-03-20')->assertCreated();
    expect(($this->heldOn)())->toBe(['2026-03-02', '2026-03-05', '2026-03-09']);
    ($this->off)('2026-03-05', '2026-03-09', of_gym: true)->assertCreated();
    expect(($this->heldOn)())->toBe(['2026-03-02']);
});

it('is of whom it was told, or of everybody', function (): void {
    $other = addAthlete($this, name: 'Bea');
    ($this->off)('2026-03-10', '2026-03-12')->assertCreated();
    ($this->off)('2026-03-20', '2026-03-22', of_gym: true)->assertCreated();

    expect(($this->told)())->toBe([['2026-03-10', '2026-03-12', false], ['2026-03-20', '2026-03-22', true]])
        ->and(($this->told)($other))->toBe([['2026-03-20', '2026-03-22', true]]);
    $this->signInAs($this->makeCoach('coach@two.example'));
    expect(($this->told)(addAthlete($this)))->toBe([]);
});

it('is taken back once, and by nobody whose it is not', function (): void {
    $id = uuid();
    $other = addAthlete($this, name: 'Bea');
    ($this->off)('2026-03-10', '2026-03-12', id: $id)->assertCreated();
    $this->deleteJson("/api/v1/athletes/$other/time-off/$id")->assertNotFound();
    $this->deleteJson("$this->url/time-off/$id")->assertOk()->assertJsonCount(0, 'time_off');
    $this->deleteJson("$this->url/time-off/$id")->assertNotFound();
});

it('plans no session on days off, and goes on after them', function (): void {
    $sessions = fn (): array => $this->getJson("$this->url/weeks")->json('calendar.sessions');
    $before = $sessions();
    ($this->off)('2026-03-09', '2026-03-22')->assertCreated();
    $after = $sessions();

    expect(array_filter($before, fn (string $on): bool => $on >= '2026-03-09' && $on <= '2026-03-22'))->not->toBe([])
        ->and(array_filter($after, fn (string $on): bool => $on >= '2026-03-09' && $on <= '2026-03-22'))->toBe([])
        ->and(array_filter($after, fn (string $on): bool => $on > '2026-03-22'))->not->toBe([]);
});

it('forgets what is over, and shows what comes in its order', function (): void {
    ($this->off)('2026-04-10', '2026-04-12')->assertCreated();
    ($this->off)('2026-03-04', '2026-03-06')->assertCreated();
    expect(array_column(($this->told)(), 0))->toBe(['2026-03-04', '2026-04-10']);
    $this->clock->set('2026-03-30T12:00:00Z');
    expect(array_column(($this->told)(), 0))->toBe(['2026-04-10']);
});
