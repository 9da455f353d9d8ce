<?php

declare(strict_types=1);

it('adds an athlete and shows the body as computed', function (): void {
    $id = addAthlete($this, reach_m: null);

    $this->getJson("/api/v1/athletes/$id")->assertOk()
        ->assertJson([
            'name' => 'Ada',
            'reach_source' => 'estimated',
            'rung' => null,
            'capacity' => null,
            'call' => null,
            'paused_on' => null,
        ])
        ->assertJsonPath('reach_m', 1.204 * 1.75);
});

it('refuses wrong values next to the field, all of them, with the allowed range', function (): void {
    $this->postJson('/api/v1/athletes', ['id' => uuid(), 'name' => 'Ada', 'kind' => 'gym', 'mass_kg' => 12, 'stature_m' => 17.5])
        ->assertStatus(422)
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('code', 'invalid')
        ->assertJsonPath(
            'errors.0',
            [
                'pointer' => '/mass_kg',
                'detail' => spaced('It must be from 20 kg to 300 kg; it was 12 kg.'),
                'value' => 12,
                'low' => 20,
                'high' => 300,
                'unit' => 'kg',
                'allowed' => null,
            ],
        )
        ->assertJsonPath('errors.1.pointer', '/stature_m');
    $this->getJson('/api/v1/athletes')->assertJsonCount(0, 'items');
});

it('stores the same athlete once, and refuses another under the same id', function (): void {
    $athlete = ['id' => uuid(), 'name' => 'Ada', 'kind' => 'both', 'mass_kg' => 70, 'stature_m' => 1.75];
    $this->postJson('/api/v1/athletes', $athlete)->assertCreated();
    $this->postJson('/api/v1/athletes', $athlete)->assertOk();
    $this->postJson('/api/v1/athletes', ['name' => 'Bea'] + $athlete)->assertStatus(409)->assertJsonPath('code', 'id-taken');
    $this->getJson('/api/v1/athletes')->assertJsonCount(1, 'items')->assertJsonPath('items.0.name', 'Ada');
});

it('changes an athlete, and the set-ups follow the new body at once', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $share = fn (): float => $this->getJson("/api/v1/athletes/$athlete/scale")->json('rungs.0.rung.carried.share.mean');
    $before = $share();
    $this->putJson(
        "/api/v1/athletes/$athlete",
        ['name' => 'Ada', 'kind' => 'gym', 'mass_kg' => 90, 'stature_m' => 1.75, 'reach_m' => 2.1],
    )->assertOk();

    expect((1 - $share()) * 90)->toEqualWithDelta((1 - $before) * 70, 1e-9);
});

it('pages and searches the roster', function (): void {
    foreach (range(1, 52) as $i) {
        addAthlete($this, name: sprintf('Name %02d', $i));
    }
    addAthlete($this, name: '100% Odd_Name');

    $this->getJson('/api/v1/athletes')->assertJsonCount(50, 'items')->assertJsonPath('next_page', 2);
    $this->getJson('/api/v1/athletes?page=2')->assertJsonCount(3, 'items')->assertJsonPath('next_page', null);
    $this->getJson('/api/v1/athletes?search=name+07')->assertJsonCount(1, 'items');
    $this->getJson('/api/v1/athletes?search='.urlencode('%'))->assertJsonCount(1, 'items');
    $this->getJson('/api/v1/athletes?search=_')->assertJsonCount(1, 'items');
});

it('shows every set-up of one band and the unassisted pull-up, with what does not fit', function (): void {
    $athlete = addAthlete($this);
    addBar($this, 2.5, 'High');
    addBar($this, 3.0, 'Higher');
    addBar($this, 1.2, 'Low');
    $band = addBand($this);
    addBand($this, 44, 'Other');

    $scale = $this->getJson("/api/v1/athletes/$athlete/scale?band=$band")->assertOk();

    expect(array_map(
        fn (array $r) => $r['rung']['exercise']['setup']['attach'] ?? null,
        $scale->json('rungs'),
    ))->toBe(['foot', 'knee', null])
        ->and($scale->json('rungs.0.bars'))->toBe(['High', 'Higher'])
        ->and($scale->json('misfits'))->toHaveCount(2)
        ->and($scale->json('misfits.0.reason'))->toContain('too low');
    $this->getJson("/api/v1/athletes/$athlete/scale?band=".uuid())->assertNotFound();
});

it('tells why, and the why ends in the figure that is shown', function (): void {
    [$athlete, $exercise] = [addAthlete($this), exercise(addBar($this), addBand($this))];
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    $shown = $this->getJson("/api/v1/athletes/$athlete")->json('rung.carried');
    $why = $this->getJson(
        "/api/v1/athletes/$athlete/setup?exercise=".urlencode((string) json_encode($exercise)),
    )->assertOk()->json('why.steps');
    $steps = array_column($why, 'value', 'label');

    expect($steps['Carried, mean'])->toEqual($shown['carried_kg']['mean'])
        ->and($steps['Carried share'])->toEqualWithDelta(100 * $shown['share']['mean'], 1e-9);
});
