<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    addBar($this);
    foreach ([22, 32, 44, 64] as $mm) {
        addBand($this, $mm, "Band $mm");
    }
    $this->guide = fn (string $query = ''): array => $this->getJson("/api/v1/athletes/$this->athlete/baseline?$query")->assertOk()->json();
    $this->next = fn (string $query = ''): ?array => collect(($this->guide)($query)['steps'])->firstWhere('state', 'next');
    $this->log = fn (array $set) => $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        [
            'id' => uuid(),
            'performed_at' => $this->clock->passSeconds(180) ?? $this->clock->now()->format(DATE_RFC3339),
            'purpose' => 'baseline',
            ...$set,
        ],
    )->assertCreated();
});

it('follows the log from the hang to where to begin, and can be left for days', function (): void {
    expect(($this->next)()['step'])->toBe('hang')->and(($this->guide)()['start'])->toBeNull();
    ($this->log)(['hang_s' => 30]);
    expect(($this->next)())->toMatchArray(['step' => 'active-hang', 'timed' => true, 'rest_s' => 60]);
    $this->clock->passSeconds(3 * 86400);
    ($this->log)(['hang_s' => 12, 'exercise' => ($this->next)()['rung']['exercise']]);
    ($this->log)(['hang_s' => 9, 'exercise' => ($this->next)()['rung']['exercise']]);
    $passed = 'passed=lowering,row';
    foreach ([7, 4] as $reps) {
        ($this->log)(['clean_reps' => $reps, 'to_failure' => true, 'exercise' => ($this->next)($passed)['rung']['exercise']]);
    }
    $done = ($this->guide)("$passed,chin-up,pull-up");

    expect($done['finished'])->toBeTrue()
        ->and(array_count_values(array_column($done['steps'], 'state')))->toBe(['done' => 5, 'passed-over' => 4])
        ->and($done['start']['prediction']['low80'])->toBeGreaterThan(2)
        ->and($done['start']['prediction']['reps'])->toEqualWithDelta(8, 3);
});

it('begins anew after a week, and refuses a step it does not know', function (): void {
    ($this->log)(['hang_s' => 30]);
    $this->clock->passSeconds(8 * 86400);
    expect(($this->next)()['step'])->toBe('hang');
    $this->getJson("/api/v1/athletes/$this->athlete/baseline?passed=swing")->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/passed');
});
