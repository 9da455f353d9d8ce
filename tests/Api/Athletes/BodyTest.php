<?php

declare(strict_types=1);

use App\Models\Athletes\Weighing;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->weigh = fn (string $on, float $kg, ?string $id = null) => $this->postJson(
        "/api/v1/athletes/$this->athlete/weighings",
        ['id' => $id ?? uuid(), 'weighed_on' => $on, 'mass_kg' => $kg],
    );
});

it('shows the proportions with their source, and takes a measured reach everywhere at once', function (): void {
    $estimated = addAthlete($this, reach_m: null);
    $body = fn (string $id): array => $this->getJson("/api/v1/athletes/$id/body")->assertOk()->json();
    $lengths = fn (array $body): array => array_column($body['proportions'], 'length_m', 'name');
    $before = $lengths($body($estimated));
    expect($body($estimated)['reach_source'])->toBe('estimated')
        ->and(array_column($body($estimated)['proportions'], 'source'))->toContain('Drillis & Contini 1966, in Winter (memory)');

    $this->putJson(
        "/api/v1/athletes/$estimated",
        ['name' => 'Ada', 'kind' => 'gym', 'mass_kg' => 70, 'stature_m' => 1.75, 'reach_m' => 2.2],
    )->assertOk();
    $after = $lengths($body($estimated));
    foreach (['Grip reach, fist overhead', 'Arm, shoulder to grip', 'Pull distance, chin to bar'] as $name) {
        expect($after[$name] - $before[$name])->toEqualWithDelta(2.2 - 1.204 * 1.75, 1e-9);
    }
    expect($after['Knee height'])->toBe($before['Knee height']);
});

it('keeps the mass over time; the latest weighing is the mass in use, however late it is noted', function (): void {
    ($this->weigh)('2026-02-20', 72)->assertCreated()->assertJsonPath('mass_kg', 70);
    ($this->weigh)('2026-03-02', 69)->assertCreated()->assertJsonPath('mass_kg', 69);
    expect($this->getJson("/api/v1/athletes/$this->athlete")->json('mass_kg'))->toEqual(69)
        ->and($this->getJson("/api/v1/athletes/$this->athlete/body")->json('weighings.*.mass_kg'))->toEqual([69, 70, 72]);
});

it('notes the same weighing once, another under its id never, and none of tomorrow', function (): void {
    $id = uuid();
    ($this->weigh)('2026-03-01', 71, $id)->assertCreated();
    ($this->weigh)('2026-03-01', 71, $id)->assertOk();
    ($this->weigh)('2026-03-01', 73, $id)->assertStatus(409);
    ($this->weigh)('2026-03-03', 71)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/weighed_on');
    ($this->weigh)('2026-02-30', 71)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/weighed_on');
    ($this->weigh)('2026-03-01', 7)->assertStatus(422)->assertJsonPath('errors.0.high', 300);
    expect(Weighing::query()->count())->toBe(2);
});

it('weighs anew when the mass is changed with the athlete, and not when it stays', function (): void {
    $change = fn (float $kg) => $this->putJson(
        "/api/v1/athletes/$this->athlete",
        ['name' => 'Ada', 'kind' => 'gym', 'mass_kg' => $kg, 'stature_m' => 1.75, 'reach_m' => 2.1],
    )->assertOk();
    $change(70);
    $change(68);
    $change(68);

    expect(Weighing::query()->count())->toBe(2);
});

it('computes a late set with the mass of its day', function (): void {
    ($this->weigh)('2026-02-20', 80)->assertCreated();
    ($this->weigh)('2026-03-01', 70)->assertCreated();
    $exercise = exercise(addBar($this), addBand($this));
    $late = set($this, $exercise, 6, performed_at: '2026-02-22T18:00:00Z');
    $now = set($this, $exercise, 6);
    $kg = fn (array $set): float => $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertCreated()->json('carried_kg');

    expect($kg($late) - $kg($now))->toEqualWithDelta(10.0, 1e-9);
});
