<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->reminders = fn (): array => array_map(
        fn (array $one): string => "{$one['kind']} {$one['name']}",
        $this->getJson('/api/v1/reminders')->assertOk()->json('items'),
    );
    $this->screened = fn (string $id) => $this->postJson(
        "/api/v1/athletes/$id/screenings",
        ['id' => uuid(), 'overhead' => 'level'],
    )->assertCreated();
    $this->ask = fn (string $rule) => $this->putJson('/api/v1/settings/health', ['consent' => $rule])->assertOk();
    ($this->ask)('not-asked');
});

it('reminds of a consent that is missing where answers are kept, until it is there', function (): void {
    $ada = addAthlete($this, name: 'Ada');
    ($this->ask)('asked');
    expect(($this->reminders)())->toBe(['screen Ada']);
    ($this->screened)($ada);
    expect(($this->reminders)())->toBe(['consent Ada']);
    ($this->ask)('not-asked');
    expect(($this->reminders)())->toBe([]);
    ($this->ask)('required');
    $words = $this->getJson('/api/v1/me')->json('consent_words');
    $this->postJson("/api/v1/athletes/$ada/consent", ['id' => uuid(), 'born_on' => '1990-02-03', 'by' => 'athlete', 'words' => $words]);
    expect(($this->reminders)())->toBe([]);
});

it('reminds of a screen until there is one, and again after pain', function (): void {
    $ada = addAthlete($this, name: 'Ada');
    expect(($this->reminders)())->toBe(['screen Ada']);
    ($this->screened)($ada);
    expect(($this->reminders)())->toBe([]);
    $this->clock->passSeconds(60);
    $this->postJson("/api/v1/athletes/$ada/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertSuccessful();
    expect(($this->reminders)())->toBe(['screen Ada']);
    $this->putJson("/api/v1/athletes/$ada/archive", ['archived' => true])->assertOk();
    expect(($this->reminders)())->toBe([]);
});

it('reminds of a band until it is looked at, and no more once it is retired', function (): void {
    $band = addBand($this, 29, 'Rook');
    expect(($this->reminders)())->toBe(['inspection Rook']);
    $looked = ['id' => uuid(), 'inspected_on' => '2026-03-02', 'finding' => 'sound'];
    $this->postJson("/api/v1/bands/$band/inspections", $looked)->assertSuccessful();
    expect(($this->reminders)())->toBe([]);
    $other = addBand($this, 44, 'Heron');
    $this->putJson("/api/v1/bands/$other/retirement", ['retired' => true])->assertOk();
    expect(($this->reminders)())->toBe([]);
});

it('reminds of who stays away and of an old weighing, until they come and are weighed', function (): void {
    $ada = addAthlete($this, name: 'Ada');
    ($this->screened)($ada);
    $exercise = exerciseOn(['kind' => 'strict']);
    $this->putJson("/api/v1/athletes/$ada/setup", $exercise);
    $this->postJson("/api/v1/athletes/$ada/sets", set($this, $exercise, 0))->assertCreated();
    followLog();
    $this->clock->set('2026-03-16T18:00:00Z');
    expect(($this->reminders)())->toBe(['away Ada']);
    $this->postJson("/api/v1/athletes/$ada/sets", set($this, $exercise, 0))->assertCreated();
    followLog();
    expect(($this->reminders)())->toBe([]);
    $this->clock->set('2026-03-29T18:00:00Z');
    $this->postJson("/api/v1/athletes/$ada/sets", set($this, $exercise, 0))->assertCreated();
    followLog();
    $this->clock->set('2026-03-30T18:00:00Z');
    expect(($this->reminders)())->toBe(['weighing Ada']);
    $this->postJson("/api/v1/athletes/$ada/weighings", ['id' => uuid(), 'weighed_on' => '2026-03-30', 'mass_kg' => 71])->assertSuccessful();
    expect(($this->reminders)())->toBe([]);
});

it('tells of a first strict rep for two weeks, and of no later one', function (): void {
    $ada = addAthlete($this, name: 'Ada');
    ($this->screened)($ada);
    $strict = exerciseOn(['kind' => 'strict']);
    $log = function (int $clean) use ($ada, $strict): void {
        $this->postJson("/api/v1/athletes/$ada/sets", set($this, $strict, $clean))->assertCreated();
        followLog();
    };
    $log(1);
    expect(($this->reminders)())->toBe(['goal Ada']);
    $this->clock->set('2026-03-15T18:00:00Z');
    $log(2);
    expect(($this->reminders)())->toBe(['goal Ada']);
    $this->clock->set('2026-03-16T18:00:00Z');
    $log(2);
    expect(($this->reminders)())->toBe([]);
});
