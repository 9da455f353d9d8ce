<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->bar = addBar($this);
    foreach ([22, 29, 32, 44] as $mm) {
        $this->bands[$mm] = addBand($this, $mm, "Width $mm");
    }
    $this->class = addClass($this);
    $this->comes = function (string $name, int $reps): string {
        $id = addAthlete($this, name: $name, tags: ['evening']);
        $exercise = exercise($this->bar, $this->bands[44]);
        $this->postJson("/api/v1/athletes/$id/screenings", ['id' => uuid(), 'overhead' => 'level'])->assertCreated();
        $this->putJson("/api/v1/athletes/$id/setup", $exercise)->assertOk();
        foreach (['2026-02-20', '2026-02-24', '2026-02-27'] as $on) {
            $this->postJson("/api/v1/athletes/$id/sets", set($this, $exercise, $reps, performed_at: "{$on}T18:00:00Z"))->assertCreated();
        }

        return $id;
    };
    $this->ask = fn (string $query) => $this->getJson("/api/v1/classes/$this->class/days/2026-03-02/workout?$query");
    $this->partOf = fn (string $id, string $query): array => collect(
        ($this->ask)($query)->assertOk()->json('parts'),
    )->firstWhere('athlete_id', $id);
});

it('splits the pulls for all who come, on gear of this gym, and counts the sets of it that were done', function (): void {
    [$ada, $bea, $cid] = [($this->comes)('Ada', 12), ($this->comes)('Bea', 12), addAthlete($this, name: 'Cid', tags: ['evening'])];
    $query = 'task='.rawurlencode('21-15-9 pull-ups');
    $workout = ($this->ask)($query)->assertOk()->json();
    $part = ($this->partOf)($ada, $query);

    expect($workout['task'])->toBe('21-15-9 pulls')->and($workout['rounds'])->toBe([21, 15, 9])->and($workout['set'])->toBe(10)
        ->and(array_column($workout['parts'], 'name'))->toBe(['Ada', 'Bea', 'Cid'])
        ->and(array_map(array_sum(...), $part['rounds']))->toBe([21, 15, 9])
        ->and(max(array_merge(...$part['rounds'])))->toBeLessThanOrEqual(10)
        ->and($part['lasts_s'])->toBeGreaterThan(180)
        ->and($part['partners'])->toBe(['Bea'])->and(($this->partOf)($bea, $query)['partners'])->toBe(['Ada'])
        ->and($workout['parts'][2]['note'])->toBe('Nothing is logged yet: take the baselines first.')
        ->and($part['sets_done'])->toBe(0);
    foreach ([null, 'workout'] as $line) {
        $done = set($this, $part['exercise'], 7, performed_at: '2026-03-02T18:00:00Z', line: $line);
        $this->postJson("/api/v1/athletes/$ada/sets", $done)->assertCreated();
    }

    expect(($this->partOf)($ada, $query)['sets_done'])->toBe(1)
        ->and(($this->partOf)($ada, $query)['setup_name'])->toBe($part['setup_name']);
});

it('refuses with words what is no task of pulls', function (string $query, string $pointer, string $says): void {
    $refused = ($this->ask)($query)->assertStatus(422)->json('errors.0');
    expect($refused['pointer'])->toBe($pointer)->and($refused['detail'])->toStartWith($says);
})->with([
    ['task=21-15-9%20thrusters', '/task', 'Type the pulls of the workout'],
    ['task=0%20pulls', '/task', 'A round has 1 to 100 pulls.'],
    ['set=10', '/task', 'This must be given'],
    ['task=10%20pulls&set=31', '/set', 'It must be from 1 to 30'],
]);
