<?php

declare(strict_types=1);

use SteadyRung\Kit\Band\RubberLaw;

const NEW_BAND = ['name' => 'Elm', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5];

it('keeps bars and bands, and shows a band without points as estimated with its uncertainty', function (): void {
    addBar($this, 2.4, 'Beam');
    $this->postJson('/api/v1/bands', ['id' => uuid(), ...NEW_BAND])->assertCreated()
        ->assertJsonPath('curve.status', 'estimated')->assertJsonPath('curve.relative_sd', 0.3);

    $this->getJson('/api/v1/kit')->assertOk()->assertJsonPath('gear.0.name', 'Beam')->assertJsonPath('bands.0.retired', false);
});

it('takes readings in kg and in N alike', function (): void {
    $band = fn (array $points): array => $this->postJson(
        '/api/v1/bands',
        ['id' => $id = uuid(), ...NEW_BAND, 'name' => "Band {$id}", 'points' => $points],
    )->assertCreated()->json('curve');

    expect($band([['length_m' => 1.4, 'force_kg' => 10], ['length_m' => 2.0, 'force_kg' => 16]])['a1_n'])
        ->toEqualWithDelta($band([['length_m' => 1.4, 'force_n' => 98.0665], ['length_m' => 2.0, 'force_n' => 156.9064]])['a1_n'], 1e-9);
});

it('refuses a reading without force, or with two', function (array $point): void {
    $this->postJson(
        '/api/v1/bands',
        ['id' => uuid(), ...NEW_BAND, 'points' => [$point]],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/points/0/force_n');
})->with([[['length_m' => 1.5]], [['length_m' => 1.5, 'force_n' => 100, 'force_kg' => 10]]]);

it('refuses a fit that cannot be right, names the point and stores nothing', function (): void {
    $points = [['length_m' => 1.3, 'force_n' => 60], ['length_m' => 1.8, 'force_n' => 13], ['length_m' => 2.4, 'force_n' => 180]];
    $this->postJson(
        '/api/v1/bands',
        ['id' => uuid(), ...NEW_BAND, 'points' => $points],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/points/1');
    $this->getJson('/api/v1/kit')->assertJsonCount(0, 'bands');
});

it('changes and retires gear; retired gear builds no set-up and can come back', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $rungs = fn (): int => count($this->getJson("/api/v1/athletes/$athlete/scale")->json('rungs'));
    $this->putJson(
        "/api/v1/gear/$bar",
        ['name' => 'Renamed', 'figures' => ['kind' => 'bar', 'height_m' => 2.7]],
    )->assertOk()->assertJsonPath('figures.height_m', 2.7);
    expect($rungs())->toBe(3);

    $this->putJson("/api/v1/bands/$band/retirement", ['retired' => true])->assertOk()->assertJsonPath('retired', true);
    $this->putJson("/api/v1/bands/$band/retirement", ['retired' => true])->assertOk();
    expect($rungs())->toBe(1);

    $this->putJson("/api/v1/bands/$band/retirement", ['retired' => false])->assertOk();
    expect($rungs())->toBe(3);
});

it('says when the set-up in use was lost with its gear, and keeps the log', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    logSession($this, $athlete, exercise($bar, $band), [8]);
    $this->putJson("/api/v1/gear/$bar/retirement", ['retired' => true])->assertOk();

    $this->getJson("/api/v1/athletes/$athlete")->assertJsonPath('rung', null)->assertJsonPath('call', null)
        ->assertJsonPath('rung_lost', 'This bar is not in the kit, or is retired.');
    $this->getJson("/api/v1/athletes/$athlete/sets")->assertJsonCount(1, 'items');
    $this->getJson('/api/v1/athletes')->assertJsonPath('items.0.setup_name', null);
});

it('makes open calls anew when the kit changes', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    logSession($this, $athlete, exercise($bar, $band), [8, 8, 8]);
    $before = $this->getJson('/api/v1/calls')->json('items.0.version');
    addBand($this, 22, 'Thinner');

    expect($this->getJson('/api/v1/calls')->json('items.0.version'))->toBe($before + 1);
});

it('brings the call back when the gear it stood on comes back', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    logSession($this, $athlete, exercise($bar, $band), [8, 8, 8]);
    $this->putJson("/api/v1/gear/$bar/retirement", ['retired' => true])->assertOk();
    $this->getJson('/api/v1/calls')->assertJsonCount(0, 'items');
    $this->putJson("/api/v1/gear/$bar/retirement", ['retired' => false])->assertOk();

    $this->getJson('/api/v1/calls')->assertJsonCount(1, 'items')->assertJsonPath('items.0.call.verdict', 'stay');
});

it('never loses a referral with the gear', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    $this->postJson(
        "/api/v1/athletes/$athlete/sets",
        set($this, exercise($bar, $band), 5, pain: ['place' => 'elbow', 'level' => 4]),
    )->assertCreated();
    $this->putJson("/api/v1/bands/$band/retirement", ['retired' => true])->assertOk();

    $this->getJson('/api/v1/calls')->assertJsonCount(1, 'items')->assertJsonPath('items.0.call.verdict', 'refer');
    $this->getJson("/api/v1/athletes/$athlete")->assertJsonPath('rung', null)->assertJsonPath('call.call.verdict', 'refer');
});

it('keeps what the floor is of, and rows need no more grip than it has from then on', function (): void {
    $athlete = addAthlete($this);
    $rings = addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.5]]);
    $flat = exerciseOn(['kind' => 'row', 'ring_id' => $rings, 'strap_m' => 1.5, 'heel_mark_m' => 0.6]);
    $codes = fn (): array => array_column(
        (array) $this->getJson(
            "/api/v1/athletes/$athlete/setup?exercise=".urlencode((string) json_encode($flat)),
        )->json('rung.carried.warnings'),
        'code',
    );

    $this->putJson('/api/v1/kit/floor', ['floor' => 'ice'])->assertStatus(422);
    $this->putJson('/api/v1/kit/floor', ['floor' => 'rubber'])->assertOk()->assertJsonPath('floor', 'rubber');
    expect($this->getJson('/api/v1/kit')->json('floor'))->toBe('rubber');
    $onRubber = $codes();
    $this->putJson('/api/v1/kit/floor', ['floor' => 'vinyl'])->assertOk();
    expect(array_diff($codes(), $onRubber))->not->toBe([]);
});

it('asks to be sure of readings that look like pounds, and keeps them once somebody is', function (): void {
    $band = ['id' => uuid(), 'name' => 'Pounds', 'hung_length_m' => 1.0, 'width_mm' => 22, 'thickness_mm' => 4.5];
    $pounds = array_map(
        fn (float $m): array => ['length_m' => $m, 'force_kg' => 2.2046 * RubberLaw::fromSize(1.0, 22, 4.5)->forceN($m) / 9.80665],
        [1.4, 1.8, 2.1],
    );

    $this->postJson('/api/v1/bands', $band + ['points' => $pounds])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/sure');
    expect($this->getJson('/api/v1/kit')->json('bands'))->toBe([]);
    $kept = $this->postJson('/api/v1/bands', $band + ['points' => $pounds, 'sure' => true])->assertCreated();
    expect(array_column($kept->json('curve.doubts'), 'code'))->toContain('pounds')->and($kept->json('measured_on'))->not->toBeNull();
});

it('says when the sets of several athletes agree that a band helps less than it is taken for, and keeps silent otherwise', function (): void {
    [$bar, $band] = [addBar($this), addBand($this)];
    $onBand = exercise($bar, $band);
    $learned = fn (): array => $this->getJson("/api/v1/bands/$band/learned")->assertOk()->json();
    expect($learned())->toBe(['advice' => null, 'part' => null, 'athletes' => 0]);

    foreach (range(1, 4) as $i) {
        $athlete = addAthlete($this, name: "Athlete $i");
        foreach (range(0, 13) as $session) {
            $this->clock->set(
                (new DateTimeImmutable('2026-03-02T18:00:00Z'))->modify(sprintf('+%d days', 3 * $session))->format(DATE_RFC3339),
            );
            $strict = $session % 2 === 1;
            $this->postJson(
                "/api/v1/athletes/$athlete/sets",
                set(
                    $this,
                    $strict ? exerciseOn(['kind' => 'strict']) : $onBand,
                    $strict ? 4 + $i % 2 : 7 + ($session + $i) % 2,
                    reserve: 0,
                ),
            )->assertCreated();
        }
    }
    expect($learned()['advice'])->toStartWith('The sets of 4 athletes agree: this band helps about')->toContain('less')
        ->and($learned()['part'])->toBeLessThan(-0.04);

    $this->putJson(
        "/api/v1/bands/$band",
        [
            'name' => 'Otter',
            'hung_length_m' => 1.0,
            'width_mm' => 29,
            'thickness_mm' => 4.5,
            'points' => [['length_m' => 2.0, 'force_n' => 160]],
        ],
    )->assertOk();
    expect($learned())->toBe(['advice' => null, 'part' => null, 'athletes' => 0]);
});
