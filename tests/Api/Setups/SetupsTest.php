<?php

declare(strict_types=1);

use Tests\ApiTestCase;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this, 2.3);
    $this->band = addBand($this);
    $this->low = addBar($this, 1.4, 'Low');
    $this->short = $this->postJson(
        '/api/v1/bands',
        ['id' => $id = uuid(), 'name' => 'Short', 'hung_length_m' => 0.5, 'width_mm' => 13, 'thickness_mm' => 4.5],
    )->json('id');
    $this->rings = addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.5, 1.2]]);
    $this->box = addGear($this, 'Box', ['kind' => 'box', 'height_m' => 0.3]);
    $this->plate = addGear($this, 'Plate', ['kind' => 'plate', 'thickness_m' => 0.05]);
    $this->weight = addGear($this, 'Five', ['kind' => 'weight', 'mass_kg' => 5]);
    $this->lift = addGear(
        $this,
        'Lift',
        ['kind' => 'machine', 'use' => 'counterweight', 'step_kg' => 5, 'most_kg' => 50, 'leverage' => 0.8],
    );
    $this->cable = addGear($this, 'Cable', ['kind' => 'machine', 'use' => 'pulldown', 'step_kg' => 5, 'most_kg' => 50]);
    $this->ask = fn (array $exercise) => $this->getJson(
        "/api/v1/athletes/$this->athlete/setup?exercise=".urlencode((string) json_encode($exercise)),
    );
});

/** @return array<string, array<string, mixed>> an exercise on every kind of set-up, and timed ones */
function everyExercise(ApiTestCase $test): array
{
    $kinds = [
        'strict' => ['kind' => 'strict'],
        'band' => exercise($test->bar, $test->band)['setup'],
        'row' => ['kind' => 'row', 'ring_id' => $test->rings, 'strap_m' => 1.5, 'heel_mark_m' => 0.2, 'box_id' => $test->box],
        'foot' => ['kind' => 'foot', 'bar_id' => $test->bar, 'box_id' => $test->box, 'grade' => 'toes'],
        'hop' => ['kind' => 'hop', 'bar_id' => $test->bar, 'plate_ids' => [$test->plate], 'hop_m' => 0.25],
        'counterweight' => ['kind' => 'counterweight', 'machine_id' => $test->lift, 'stack_kg' => 20],
        'added' => ['kind' => 'added', 'weight_ids' => [$test->weight]],
        'low-bar' => ['kind' => 'low-bar', 'bar_id' => $test->low, 'grade' => 'none'],
        'pulldown' => ['kind' => 'pulldown', 'machine_id' => $test->cable, 'stack_kg' => 30],
        'band-pulldown' => ['kind' => 'band-pulldown', 'bar_id' => $test->bar, 'band_ids' => [$test->short]],
    ];

    return [
        ...array_map(exerciseOn(...), $kinds),
        'lowering' => exerciseOn($kinds['band'], movement: 'lowering', seconds: 5),
        'hold' => exerciseOn($kinds['strict'], movement: 'hold', at: 'top', seconds: 20),
    ];
}

it('shows every kind: load, drawing and why; puts athletes on it and takes their sets', function (): void {
    foreach (everyExercise($this) as $kind => $exercise) {
        $setup = ($this->ask)($exercise)->assertOk()->assertJsonPath(
            'exercise.setup.kind',
            $exercise['setup']['kind'],
        )->assertJsonPath('reason', null);
        expect($setup->json('view.start.grip.y_m'))->toBeGreaterThan(0.5)
            ->and($setup->json('why.steps'))->not->toBe([])
            ->and($setup->json('rung.carried.carried_kg.mean') / 70)->toEqualWithDelta($setup->json('rung.carried.share.mean'), 1e-9);
        if ($kind === 'hold') {
            $this->putJson("/api/v1/athletes/$this->athlete/setup", $exercise)->assertStatus(422)->assertJsonPath('code', 'does-not-fit');
            $this->postJson(
                "/api/v1/athletes/$this->athlete/sets",
                ['id' => uuid(), 'performed_at' => '2026-03-02T17:00:00Z', 'purpose' => 'work', 'exercise' => $exercise, 'hang_s' => 21],
            )->assertCreated()->assertJsonPath('setup_name', 'Top hold, 20 s');

            continue;
        }
        $this->putJson("/api/v1/athletes/$this->athlete/setup", $exercise)->assertOk()->assertJsonPath(
            'rung.exercise.setup.kind',
            $exercise['setup']['kind'],
        );
        $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $exercise, 6))->assertCreated()->assertJsonPath('clean_reps', 6);
        $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('call.call.from.exercise.setup.kind', $exercise['setup']['kind']);
    }
    expect($this->getJson("/api/v1/athletes/$this->athlete")->json('best_hang_s'))->toBeNull();
});

it('keeps the capacities of pulls, rows and pull-downs apart', function (): void {
    $all = everyExercise($this);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $all['row'], 9))->assertCreated();
    $athlete = $this->getJson("/api/v1/athletes/$this->athlete");
    expect($athlete->json('capacity'))->toBeNull()->and($athlete->json('row_capacity.share'))->toBeGreaterThan(0.5);

    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $all['band'], 5))->assertCreated();
    expect($this->getJson("/api/v1/athletes/$this->athlete")->json('row_capacity'))->toBe($athlete->json('row_capacity'))
        ->and(($this->ask)($all['pulldown'])->json('rung.prediction'))->toBeNull()
        ->and(($this->ask)($all['strict'])->json('rung.prediction.reps'))->toBeGreaterThanOrEqual(0.0);
});

it('says why a set-up does not fit, and refuses gear that clashes or is not there', function (): void {
    ($this->ask)(exerciseOn([
        'kind' => 'row',
        'ring_id' => $this->rings,
        'strap_m' => 1.5,
        'heel_mark_m' => 1.3,
    ]))->assertOk()->assertJsonPath('rung', null);
    $low = addBar($this, 0.7, 'Lowest');
    ($this->ask)(exerciseOn(['kind' => 'foot', 'bar_id' => $low, 'box_id' => $this->box]))->assertStatus(422)->assertJsonPath(
        'errors.0.detail',
        spaced('A box of 30 cm under a bar at 70 cm leaves no room to hang: take one at least 50 cm lower than the bar.'),
    );
    ($this->ask)(exerciseOn(['kind' => 'added', 'weight_ids' => [uuid()]]))->assertStatus(422);
    ($this->ask)(exerciseOn(['kind' => 'row', 'heel_mark_m' => 0]))->assertStatus(422);
    ($this->ask)(exerciseOn(['kind' => 'strict', 'bar_id' => $this->bar]))->assertStatus(422);
});

it('refuses a hold logged by reps, reps logged by seconds', function (): void {
    $all = everyExercise($this);
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $all['hold'], 6),
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/exercise');
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        ['id' => uuid(), 'performed_at' => '2026-03-02T17:00:00Z', 'purpose' => 'work', 'exercise' => $all['band'], 'hang_s' => 20],
    )->assertStatus(422);
});

it('answers which heel mark, which box and which band, and its answers give what was asked', function (): void {
    $row = everyExercise($this)['row'];
    $mark = $this->getJson("/api/v1/athletes/$this->athlete/heel-mark?share=0.55&exercise=".urlencode((string) json_encode($row)))
        ->assertOk();
    expect($mark->json('items.0.carried.share.mean'))->toEqualWithDelta(0.55, 1e-6)
        ->and($mark->json('items.0.exercise.setup.box_id'))->toBe($this->box);
    expect(
        $this->getJson("/api/v1/athletes/$this->athlete/heel-mark?share=0.99&exercise=".urlencode((string) json_encode($row)))
            ->json('reason'),
    )->toContain('No heel mark gives 99 %');

    $box = $this->getJson("/api/v1/athletes/$this->athlete/standing-height?leg_part=0.25&bar_id=$this->bar")->assertOk();
    expect(
        $box->json('items.0.exercise.setup.box_id') ?? $box->json('items.0.exercise.setup.plate_ids.0'),
    )->toBeIn([$this->box, $this->plate]);

    $this->getJson("/api/v1/athletes/$this->athlete/for-reps?reps=6")->assertJsonPath('items', [])->assertJsonPath(
        'reason',
        'Log a baseline first: reps are predicted from it.',
    );
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, exercise($this->bar, $this->band), 6, reserve: 0))->assertCreated();
    expect($this->getJson("/api/v1/athletes/$this->athlete/for-reps?reps=6")->json('items.0.exercise.setup.band_ids'))->toBe([$this->band]);
});

it('refuses questions out of range', function (string $query): void {
    $this->getJson("/api/v1/athletes/$this->athlete/$query")->assertStatus(422);
})->with([
    'for-reps?reps=0', 'for-reps?reps=x', 'for-reps', 'standing-height?leg_part=2&bar_id=01900000-0000-7000-8000-000000000001',
    'heel-mark?share=0.5&exercise=%7B%22setup%22%3A%7B%22kind%22%3A%22strict%22%7D%7D', 'setup', 'scale?lane=pull',
    'scale?lane=sideways',
]);

it('keeps gear of every kind, refuses what cannot be, and never turns one kind into another', function (): void {
    $gear = $this->getJson('/api/v1/kit')->json('gear');
    expect(array_column(array_column($gear, 'figures'), 'kind'))->toEqualCanonicalizing([
        'bar', 'bar', 'rings', 'box', 'plate', 'weight', 'machine', 'machine',
    ])
        ->and(array_column($gear, 'figures', 'name')['Rings']['straps_m'])->toEqual([1.2, 1.5]);
    $add = fn (array $figures) => $this->postJson('/api/v1/gear', ['id' => uuid(), 'name' => 'New', 'figures' => $figures]);
    $add(['kind' => 'box', 'height_m' => 0])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/height_m');
    $add([
        'kind' => 'rings',
        'anchor_height_m' => 2.0,
        'straps_m' => [1.0, 1.95],
    ])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/straps_m/1');
    $add([
        'kind' => 'rings',
        'anchor_height_m' => 2.0,
        'straps_m' => [],
    ])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/straps_m');
    $add(['kind' => 'bar', 'height_m' => 2.0, 'mass_kg' => 5])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/mass_kg');
    $add([
        'kind' => 'bar',
        'height_m' => 2.0,
        'rated_kg' => 20,
    ])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/rated_kg');
    $add(['kind' => 'sofa'])->assertStatus(422);
    $this->putJson(
        "/api/v1/gear/$this->box",
        ['name' => 'Box', 'figures' => ['kind' => 'bar', 'height_m' => 2.0]],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/figures/kind');
});

it('says how long a lowering is likely to last, and names a safer one where three seconds are not', function (): void {
    $lowering = exerciseOn(['kind' => 'strict'], movement: 'lowering', seconds: 5);
    expect(($this->ask)($lowering)->json('rung.seconds'))->toBeNull();

    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, exercise($this->bar, $this->band), 1))->assertCreated();
    $weak = ($this->ask)($lowering);
    expect($weak->json('rung.seconds.median_s'))->toBeGreaterThanOrEqual(0)->toBeLessThan($weak->json('rung.seconds.high80'))
        ->and($weak->json('rung.seconds.chance.3'))->toBeLessThan(0.8)
        ->and($weak->json('safer.exercise.setup.kind'))->toBe('band')->and($weak->json('safer.exercise.movement'))->toBe('lowering')
        ->and(
            ($this->ask)($weak->json('safer.exercise'))->json('rung.seconds.chance.3'),
        )->toBeGreaterThan($weak->json('rung.seconds.chance.3'));
});

it('follows chin-ups apart from pull-ups, and tells how each is done', function (): void {
    $under = [...exercise($this->bar, $this->band), 'grip' => 'under'];
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, exercise($this->bar, $this->band), 7))->assertCreated();
    expect(($this->ask)(exercise($this->bar, $this->band))->json('rung.prediction.reps'))->toBeGreaterThan(4)
        ->and(($this->ask)($under)->json('rung.prediction'))->toBeNull()
        ->and(($this->ask)($under)->json('rung.name'))->toContain('under grip')
        ->and(($this->ask)($under)->json('rung.carried.carried_kg'))->toBe(
            ($this->ask)(exercise($this->bar, $this->band))->json('rung.carried.carried_kg'),
        );

    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $under, 9))->assertCreated();
    $chin = ($this->ask)($under);
    expect($chin->json('rung.prediction.reps'))->toBeGreaterThan(6)
        ->and($chin->json('practice.tempo'))->not->toBe('')
        ->and($chin->json('practice.rest_s'))->toHaveCount(2)
        ->and($chin->json('practice.cues'))->not->toBe([]);
});
