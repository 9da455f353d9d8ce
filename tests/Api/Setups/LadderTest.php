<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Lane;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this, 2.5);
    $this->bands = [addBand($this, 13, 'Thin'), addBand($this, 29, 'Mid'), addBand($this, 44, 'Thick')];
    $this->ladder = fn (string $query = 'lane=pull') => $this->getJson("/api/v1/athletes/$this->athlete/ladder?$query")->assertOk()->json();
});

it('leads from the set-up in use to the unassisted pull-up, in even steps', function (): void {
    $this->putJson("/api/v1/athletes/$this->athlete/setup", exercise($this->bar, $this->bands[2]))->assertOk();
    $ladder = ($this->ladder)();
    $steps = array_column($ladder['rungs'], 'step');

    expect($ladder['now']['share'] ?? $ladder['now']['carried']['share']['mean'])->toBe($ladder['from_share'])
        ->and(array_sum($steps))->toEqualWithDelta(1.0 - $ladder['from_share'], 1e-9)
        ->and(max($steps))->toBe($ladder['largest_step'])
        ->and(end($ladder['rungs'])['rung']['exercise']['setup']['kind'])->toBe('strict')
        ->and($ladder['reaches_goal'])->toBeTrue();
});

it('changes at once when the gear does: a band retired, a band bought', function (): void {
    $before = ($this->ladder)('lane=pull&most_rungs=5');
    $this->putJson("/api/v1/bands/{$this->bands[0]}/retirement", ['retired' => true])->assertOk();
    $without = ($this->ladder)('lane=pull&most_rungs=5');
    $this->putJson("/api/v1/bands/{$this->bands[0]}/retirement", ['retired' => false])->assertOk();

    expect($without['candidates'])->toBeLessThan($before['candidates'])
        ->and($without['largest_step'])->toBeGreaterThan($before['largest_step'])
        ->and(($this->ladder)('lane=pull&most_rungs=5'))->toBe($before);
});

it('climbs rows on rings, with heels on marks, and takes no more rungs than asked', function (): void {
    addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.2, 1.5]]);
    $ladder = ($this->ladder)('lane=row&most_rungs=4&goal_share=0.6');

    expect(count($ladder['rungs']))->toBeLessThanOrEqual(4)
        ->and(array_unique(array_map(fn (array $r) => $r['rung']['exercise']['setup']['kind'], $ladder['rungs'])))->toBe(['row'])
        ->and(end($ladder['rungs'])['rung']['carried']['share']['mean'])->toBeGreaterThanOrEqual(0.6);
});

it('names the one purchase or measurement that helps most, when asked', function (): void {
    expect(($this->ladder)()['advice'])->toBeNull()
        ->and(($this->ladder)('lane=pull&advice=yes&most_rungs=20')['advice'])->toMatch('/^(A |Measure )/');
});

it('refuses a ladder in a lane without one, or of no rungs', function (string $query): void {
    $this->getJson("/api/v1/athletes/$this->athlete/ladder?$query")->assertStatus(422);
})->with([
    'lane=seconds',
    'lane=apart',
    '',
    'lane=pull&most_rungs=0',
    'lane=pull&goal_share=9',
    'lane=pull&goal_share=x',
    'lane=pull&depth=2',
]);

it('lists what is measured in seconds whole', function (): void {
    $lower = $this->getJson("/api/v1/athletes/$this->athlete/scale?lane=".Lane::Seconds->value)->assertOk()->json('rungs');

    expect(count($lower))->toBeGreaterThan(8)
        ->and(array_unique(array_map(fn (array $r) => $r['rung']['carried']['share']['mean'], $lower)))->toEqual([1]);
});
