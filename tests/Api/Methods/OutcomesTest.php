<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->exercise = exercise(addBar($this), addBand($this));
    $this->ada = addAthlete($this);
    $this->bo = addAthlete($this, name: 'Bo');
    $this->outcomes = fn (): array => $this->getJson('/api/v1/methods/outcomes')->assertOk()->json();
});

/** Six weeks of sessions, two sets each asked eight, the second of so many. */
function sixWeeks($test, string $athlete, int $second, ?int $soreness = null): void
{
    $test->clock->set('2026-02-01T18:00:00Z');
    for ($week = 0; $week <= 6; $week++) {
        foreach ([8 + $week, $second] as $clean) {
            $test->clock->passSeconds(240);
            $test->postJson("/api/v1/athletes/$athlete/sets", set($test, $test->exercise, $clean, asked_reps: 8))->assertCreated();
        }
        if ($soreness !== null) {
            $test->postJson("/api/v1/athletes/$athlete/signals", ['id' => uuid(), 'on' => $test->clock->now()->format('Y-m-d'), 'soreness' => $soreness])->assertCreated();
        }
        $test->clock->passSeconds(7 * 86400 - 480);
    }
    followLog();
}

it('tells of each method what followed, drawn towards what is usual, and that it is not yet known', function (): void {
    sixWeeks($this, $this->ada, 4, 4);
    $method = ($this->outcomes)()['methods'][0];

    expect(($this->outcomes)()['methods'])->toHaveCount(1)
        ->and([$method['key'], $method['athletes'], $method['known']])->toBe(['steady-ladder', 1, false])
        ->and($method['weeks'])->toEqualWithDelta(6.0, 0.05)
        ->and($method['words'])->toStartWith('Not yet known: it takes ')->toEndWith('; there is one.')
        ->and($method['gain'])->toBeGreaterThan(0.6)
        ->and($method['failed'])->toEqualWithDelta((1.0 + 7) / (50 + 14), 1e-9)
        ->and($method['sore'])->toEqualWithDelta((2.0 + 7) / (20 + 7), 1e-9)
        ->and(($this->outcomes)()['rules'])->toBe([]);
});

it('follows a method from the day it was begun, and tells the rules apart that not all keep to alike', function (): void {
    sixWeeks($this, $this->ada, 8);
    sixWeeks($this, $this->bo, 8);
    $this->clock->set('2026-03-20T18:00:00Z');
    $this->postJson("/api/v1/athletes/$this->bo/place", [
        'id' => uuid(), 'method' => 'rows-first', 'stage' => 'upright', 'reason' => 'New',
    ]);
    $methods = array_column(($this->outcomes)()['methods'], 'athletes', 'key');
    $rules = array_column(($this->outcomes)()['rules'], 'positions', 'rule');

    expect($methods)->toBe(['rows-first' => 0, 'steady-ladder' => 1])
        ->and(array_column($rules['lowering'], 'athletes', 'key'))->toBe(['now-and-then' => 1, 'never' => 0])
        ->and($rules)->not->toHaveKey('legs');
});

it('has nothing to tell of a gym where nobody trained', function (): void {
    expect(($this->outcomes)())->toBe(['weeks' => 12, 'methods' => [], 'rules' => []]);
});
