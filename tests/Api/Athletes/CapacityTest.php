<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->exercise = exercise(addBar($this), addBand($this));
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
    $this->why = fn (string $pattern = 'pull') => $this->getJson(
        "/api/v1/athletes/$this->athlete/capacity?pattern=$pattern",
    )->assertOk()->json();
});

it('explains the very capacity that is shown, from the latest session and the belief before it', function (): void {
    logSession($this, $this->athlete, $this->exercise, [8, 9]);
    $this->clock->set('2026-03-05T18:00:00Z');
    logSession($this, $this->athlete, $this->exercise, [10, 7]);

    $shown = $this->getJson("/api/v1/athletes/$this->athlete")->json('capacity.share');
    $figures = array_column(($this->why)()['steps'], 'value', 'label');
    expect($figures['Capacity'])->toEqualWithDelta(100 * $shown, 1e-9)
        ->and(($this->why)()['steps'][1]['how'])->toBe('10 clean + 2 left + half a rep begun')
        ->and(array_column(($this->why)()['sets'], 'on'))->toBe(['2026-03-05', '2026-03-02'])
        ->and(($this->why)()['sets'][0]['words'])->toEndWith(': 10 clean, 2 in reserve')
        ->and($this->getJson("/api/v1/athletes/$this->athlete/setup?".http_build_query(['exercise' => json_encode($this->exercise)]))->json('why.sets'))
        ->toBe(($this->why)()['sets'])
        ->and($figures['Estimate before'])->toBeLessThan($figures['Capacity']);
});

it('follows a set that is taken back', function (): void {
    $set = set($this, $this->exercise, 10);
    logSession($this, $this->athlete, $this->exercise, [6]);
    $this->clock->set('2026-03-05T18:00:00Z');
    $before = ($this->why)();
    $this->postJson("/api/v1/athletes/$this->athlete/sets", $set)->assertCreated();
    expect(($this->why)())->not->toBe($before);
    $this->postJson("/api/v1/athletes/$this->athlete/sets/{$set['id']}/withdrawal", ['id' => uuid()])->assertNoContent();
    expect(($this->why)())->toBe($before);
});

it('says what to log where nothing speaks of a capacity yet, and refuses a movement it does not know', function (): void {
    expect(($this->why)('row'))->toMatchArray(['steps' => [], 'remedies' => ['Log a baseline.']]);
    $this->getJson(
        "/api/v1/athletes/$this->athlete/capacity?pattern=press",
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/pattern');
    $this->getJson("/api/v1/athletes/$this->athlete/capacity")->assertStatus(422);
});
