<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this, 2.3);
    $this->band = addBand($this);
    $this->rings = addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.5, 1.2]]);
    $this->box = addGear($this, 'Box', ['kind' => 'box', 'height_m' => 0.3]);
    $this->plate = addGear($this, 'Plate', ['kind' => 'plate', 'thickness_m' => 0.05]);
    $this->weight = addGear($this, 'Five', ['kind' => 'weight', 'mass_kg' => 5]);
    $this->lift = addGear($this, 'Lift', ['kind' => 'machine', 'use' => 'counterweight', 'step_kg' => 5, 'most_kg' => 50, 'leverage' => 0.8]);
    $this->cable = addGear($this, 'Cable', ['kind' => 'machine', 'use' => 'pulldown', 'step_kg' => 5, 'most_kg' => 50]);
    $this->ask = fn (array $choice) => $this->getJson("/api/athletes/$this->athlete/setup?choice=".urlencode((string) json_encode($choice)));
});

/** @return array<string, array<string, mixed>> a choice of every kind */
function everyChoice(Tests\ApiTestCase $test): array
{
    return [
        'strict' => ['kind' => 'strict'],
        'band' => choice($test->bar, $test->band),
        'row' => ['kind' => 'row', 'ring_id' => $test->rings, 'strap_m' => 1.5, 'heel_mark_m' => 0.2, 'box_id' => $test->box],
        'foot' => ['kind' => 'foot', 'bar_id' => $test->bar, 'box_id' => $test->box, 'grade' => 'toes'],
        'hop' => ['kind' => 'hop', 'bar_id' => $test->bar, 'plate_ids' => [$test->plate], 'hop_m' => 0.25],
        'counterweight' => ['kind' => 'counterweight', 'machine_id' => $test->lift, 'stack_kg' => 20],
        'added' => ['kind' => 'added', 'weight_ids' => [$test->weight]],
        'pulldown' => ['kind' => 'pulldown', 'machine_id' => $test->cable, 'stack_kg' => 30],
        'lowering' => ['kind' => 'lowering', 'seconds' => 5],
        'hold' => ['kind' => 'hold', 'at' => 'top', 'seconds' => 20],
    ];
}

it('shows every kind: load, drawing and why; puts athletes on it and takes their sets', function (): void {
    foreach (everyChoice($this) as $kind => $choice) {
        $setup = ($this->ask)($choice)->assertOk()->assertJsonPath('choice.kind', $kind)->assertJsonPath('reason', null);
        expect($setup->json('view.start.grip.y_m'))->toBeGreaterThan(0.5)
            ->and($setup->json('why.steps'))->not->toBe([])
            ->and($setup->json('rung.carried.carried_kg.mean') / 70)->toEqualWithDelta($setup->json('rung.carried.share.mean'), 1e-9);
        if ($kind === 'hold') {
            $this->putJson("/api/athletes/$this->athlete/setup", $choice)->assertStatus(422)->assertJsonPath('code', 'does-not-fit');
            $this->postJson("/api/athletes/$this->athlete/sets", ['id' => uuid(), 'performed_at' => '2026-03-02T17:00:00Z', 'purpose' => 'work', 'choice' => $choice, 'hang_s' => 21])->assertCreated()->assertJsonPath('setup_name', 'Top hold, 20 s');

            continue;
        }
        $this->putJson("/api/athletes/$this->athlete/setup", $choice)->assertOk()->assertJsonPath('rung.choice.kind', $kind);
        $this->postJson("/api/athletes/$this->athlete/sets", set($this, $choice, 6))->assertCreated()->assertJsonPath('clean_reps', 6);
        $this->getJson("/api/athletes/$this->athlete")->assertJsonPath('call.call.from.choice.kind', $kind);
    }
    expect($this->getJson("/api/athletes/$this->athlete")->json('best_hang_s'))->toBeNull();
});

it('keeps the capacities of pulls, rows and pull-downs apart', function (): void {
    $all = everyChoice($this);
    $this->postJson("/api/athletes/$this->athlete/sets", set($this, $all['row'], 9))->assertCreated();
    $athlete = $this->getJson("/api/athletes/$this->athlete");
    expect($athlete->json('capacity'))->toBeNull()->and($athlete->json('row_capacity.share'))->toBeGreaterThan(0.5);

    $this->postJson("/api/athletes/$this->athlete/sets", set($this, $all['band'], 5))->assertCreated();
    expect($this->getJson("/api/athletes/$this->athlete")->json('row_capacity'))->toBe($athlete->json('row_capacity'))
        ->and(($this->ask)($all['pulldown'])->json('rung.prediction'))->toBeNull()
        ->and(($this->ask)($all['strict'])->json('rung.prediction.reps'))->toBeGreaterThanOrEqual(0.0);
});

it('says why a set-up does not fit, and refuses gear that clashes or is not there', function (): void {
    ($this->ask)(['kind' => 'row', 'ring_id' => $this->rings, 'strap_m' => 1.5, 'heel_mark_m' => 1.3])->assertOk()->assertJsonPath('rung', null);
    $low = addBar($this, 0.7, 'Low');
    ($this->ask)(['kind' => 'foot', 'bar_id' => $low, 'box_id' => $this->box])->assertStatus(422)->assertJsonPath('errors.0.detail', 'A box of 30 cm under a bar at 70 cm leaves no room to hang: take one at least 50 cm lower than the bar.');
    ($this->ask)(['kind' => 'added', 'weight_ids' => [uuid()]])->assertStatus(422);
    ($this->ask)(['kind' => 'row', 'heel_mark_m' => 0])->assertStatus(422);
    ($this->ask)(['kind' => 'strict', 'bar_id' => $this->bar])->assertStatus(422);
});

it('refuses a hold logged by reps, reps logged by seconds', function (): void {
    $all = everyChoice($this);
    $this->postJson("/api/athletes/$this->athlete/sets", set($this, $all['hold'], 6))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/choice');
    $this->postJson("/api/athletes/$this->athlete/sets", ['id' => uuid(), 'performed_at' => '2026-03-02T17:00:00Z', 'purpose' => 'work', 'choice' => $all['band'], 'hang_s' => 20])->assertStatus(422);
});

it('answers which heel mark, which box and which band, and its answers give what was asked', function (): void {
    $row = everyChoice($this)['row'];
    $mark = $this->getJson("/api/athletes/$this->athlete/heel-mark?share=0.55&choice=".urlencode((string) json_encode($row)))->assertOk();
    expect($mark->json('items.0.carried.share.mean'))->toEqualWithDelta(0.55, 1e-6)->and($mark->json('items.0.choice.box_id'))->toBe($this->box);
    expect($this->getJson("/api/athletes/$this->athlete/heel-mark?share=0.99&choice=".urlencode((string) json_encode($row)))->json('reason'))->toContain('No heel mark gives 99 %');

    $box = $this->getJson("/api/athletes/$this->athlete/standing-height?leg_part=0.25&bar_id=$this->bar")->assertOk();
    expect($box->json('items.0.choice.box_id') ?? $box->json('items.0.choice.plate_ids.0'))->toBeIn([$this->box, $this->plate]);

    $this->getJson("/api/athletes/$this->athlete/for-reps?reps=6")->assertJsonPath('items', [])->assertJsonPath('reason', 'Log a baseline first: reps are predicted from it.');
    $this->postJson("/api/athletes/$this->athlete/sets", set($this, choice($this->bar, $this->band), 6, reserve: 0))->assertCreated();
    expect($this->getJson("/api/athletes/$this->athlete/for-reps?reps=6")->json('items.0.choice.band_ids'))->toBe([$this->band]);
});

it('refuses questions out of range', function (string $query): void {
    $this->getJson("/api/athletes/$this->athlete/$query")->assertStatus(422);
})->with(['for-reps?reps=0', 'for-reps?reps=x', 'for-reps', 'standing-height?leg_part=2&bar_id=01900000-0000-7000-8000-000000000001', 'heel-mark?share=0.5&choice=%7B%22kind%22%3A%22strict%22%7D', 'setup', 'scale?lane=pull', 'scale?lane=sideways']);

it('keeps gear of every kind, refuses what cannot be, and never turns one kind into another', function (): void {
    $gear = $this->getJson('/api/kit')->json('gear');
    expect(array_column(array_column($gear, 'figures'), 'kind'))->toEqualCanonicalizing(['bar', 'rings', 'box', 'plate', 'weight', 'machine', 'machine'])
        ->and(array_column($gear, 'figures', 'name')['Rings']['straps_m'])->toEqual([1.2, 1.5]);
    $add = fn (array $figures) => $this->postJson('/api/gear', ['id' => uuid(), 'name' => 'New', 'figures' => $figures]);
    $add(['kind' => 'box', 'height_m' => 0])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/height_m');
    $add(['kind' => 'rings', 'anchor_height_m' => 2.0, 'straps_m' => [1.0, 1.95]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/straps_m/1');
    $add(['kind' => 'rings', 'anchor_height_m' => 2.0, 'straps_m' => []])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/straps_m');
    $add(['kind' => 'bar', 'height_m' => 2.0, 'mass_kg' => 5])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/mass_kg');
    $add(['kind' => 'sofa'])->assertStatus(422);
    $this->putJson("/api/gear/$this->box", ['name' => 'Box', 'figures' => ['kind' => 'bar', 'height_m' => 2.0]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/kind');
});
