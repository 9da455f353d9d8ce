<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this);
    $this->band = addBand($this);
    $this->inspect = fn (string $finding, string $on = '2026-03-02', ?string $id = null) => $this->postJson(
        "/api/v1/bands/$this->band/inspections",
        ['id' => $id ?? uuid(), 'inspected_on' => $on, 'finding' => $finding],
    );
});

it('is due until somebody looks, counts the sets since, and is due again', function (): void {
    expect($this->getJson('/api/v1/kit')->json('bands.0.wear'))->toMatchArray(['inspected_on' => null, 'due' => true]);
    ($this->inspect)('sound', '2026-02-23')->assertCreated()->assertJsonPath('wear.due', false);
    logSession($this, $this->athlete, exercise($this->bar, $this->band), [5, 5]);
    expect($this->getJson('/api/v1/kit')->json('bands.0.wear'))->toMatchArray(['uses_since' => 2, 'due' => true])
        ->and($this->getJson('/api/v1/kit')->json('bands.0.wear.text'))->toContain('7 days ago');
});

it('counts a set that was taken back as no use, and a pair as one use of each', function (): void {
    ($this->inspect)('sound', '2026-03-01');
    $other = addBand($this, 13, 'Other');
    $pair = exerciseOn([
        'kind' => 'band',
        'bar_id' => $this->bar,
        'attach' => 'foot',
        'band_ids' => [$this->band, $other],
        'knee_band_id' => $other,
    ]);
    $set = set($this, $pair, 4);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertCreated();
    $uses = fn (): array => array_column(array_column($this->getJson('/api/v1/kit')->json('bands'), 'wear'), 'uses_since');
    expect($uses())->toBe([1, 1]);
    $this->postJson("/api/v1/athletes/$this->athlete/sets/{$set['id']}/withdrawal", ['id' => uuid()])->assertNoContent();
    expect($uses())->toBe([0, 0]);
});

it('takes a band with a fault out of use at once, and stores the same look once', function (): void {
    $id = uuid();
    ($this->inspect)('nick', id: $id)->assertCreated()->assertJsonPath('retired', true);
    ($this->inspect)('nick', id: $id)->assertOk();
    ($this->inspect)('sound', id: $id)->assertStatus(409);
    $this->getJson("/api/v1/bands/$this->band/inspections")->assertJsonCount(1, 'items')->assertJsonPath('items.0.finding', 'nick');
    expect($this->getJson("/api/v1/athletes/$this->athlete/scale")->json('rungs'))->toHaveCount(1);
});

it('refuses a finding there is not, and a day that has not come', function (): void {
    ($this->inspect)('lovely')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/finding');
    ($this->inspect)('sound', '2026-03-03')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/inspected_on');
});

it('counts from the latest look by its day, whatever order they are noted in', function (): void {
    ($this->inspect)('sound', '2026-03-01')->assertCreated();
    ($this->inspect)('sound', '2026-02-01')->assertCreated();

    expect($this->getJson('/api/v1/kit')->json('bands.0.wear'))->toMatchArray(['inspected_on' => '2026-03-01', 'due' => false])
        ->and($this->getJson("/api/v1/bands/$this->band/inspections")->json('items.*.inspected_on'))->toBe(['2026-03-01', '2026-02-01']);
});

it('turns the pages of what was seen over years, the newest first', function (): void {
    for ($n = 0; $n < 53; $n++) {
        ($this->inspect)('sound', gmdate('Y-m-d', strtotime('2026-03-02') - 7 * 86400 * $n))->assertCreated();
    }
    $seen = [];
    for ($page = 1; $page !== null; $page = $answer['next_page']) {
        $answer = $this->getJson("/api/v1/bands/$this->band/inspections?page=$page")->assertOk()->json();
        $seen = [...$seen, ...array_column($answer['items'], 'inspected_on')];
    }
    $sorted = $seen;
    rsort($sorted);

    expect($seen)->toHaveCount(53)->and($seen)->toBe($sorted)->and($seen[0])->toBe('2026-03-02');
});

it('brings a band with a fault back only by a coach’s own word', function (): void {
    ($this->inspect)('nick')->assertCreated();
    ($this->inspect)('sound')->assertCreated();
    expect($this->getJson('/api/v1/kit')->json('bands.0.retired'))->toBeTrue();
    $this->putJson("/api/v1/bands/$this->band/retirement", ['retired' => false])->assertOk()->assertJsonPath('retired', false);
});
