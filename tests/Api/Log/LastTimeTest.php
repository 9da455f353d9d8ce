<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->exercise = exercise(addBar($this), addBand($this));
    $this->ada = addAthlete($this);
    $this->logs = function (string $day, array $counts, mixed ...$changes): array {
        return array_map(function (int $clean) use ($day, $changes): string {
            $this->clock->passSeconds(1);
            $set = [...set($this, $this->exercise, $clean), 'performed_at' => $day.$this->clock->now()->format('\TH:i:s\Z'), ...$changes];
            $this->postJson("/api/v1/athletes/$this->ada/sets", $set)->assertCreated();

            return $set['id'];
        }, $counts);
    };
    $this->last = fn (?array $exercise = null) => $this->getJson(
        "/api/v1/athletes/$this->ada/last-time?exercise=".urlencode((string) json_encode($exercise ?? $this->exercise)),
    )->assertOk();
});

it('tells what was done the last day on a set-up before today, in order, of that set-up alone', function (): void {
    ($this->last)()->assertExactJson(['on' => null, 'reps' => [], 'seconds' => [], 'reserve' => null]);
    ($this->logs)('2026-02-20', [5, 5]);
    [$mistaken] = ($this->logs)('2026-02-27', [15, 8, 7, 6], reserve: 0);
    $this->postJson("/api/v1/athletes/$this->ada/sets/$mistaken/withdrawal", ['id' => uuid()])->assertNoContent();
    ($this->logs)('2026-02-28', [3], exercise: exerciseOn(['kind' => 'strict']));
    ($this->logs)('2026-03-01', [4], purpose: 'test');
    ($this->logs)('2026-03-02', [9]); // today

    ($this->last)()->assertExactJson(['on' => '2026-02-27', 'reps' => [8, 7, 6], 'seconds' => [], 'reserve' => 0]);
    ($this->last)(exerciseOn(['kind' => 'strict']))->assertJsonPath('reps', [3]);
});

it('tells seconds of a hold, and nothing of longer ago than a year', function (): void {
    $hold = ['setup' => ['kind' => 'strict'], 'movement' => 'hold', 'at' => 'top', 'seconds' => 10];
    $held = ['exercise' => $hold, 'clean_reps' => null, 'reserve' => null, 'purpose' => 'work'];
    foreach ([12, 9.5] as $seconds) {
        $this->clock->passSeconds(60);
        $set = array_filter([...set($this, null, 0), ...$held, 'hang_s' => $seconds, 'performed_at' => '2026-02-27T'.$this->clock->now()->format('H:i:s\Z')], fn ($v) => $v !== null);
        $this->postJson("/api/v1/athletes/$this->ada/sets", $set)->assertCreated();
    }
    ($this->last)($hold)->assertJsonPath('seconds', [12, 9.5])->assertJsonPath('reps', []);
    ($this->logs)('2025-02-20', [5]);
    ($this->last)()->assertJsonPath('on', null);
    $this->getJson("/api/v1/athletes/$this->ada/last-time")->assertStatus(422);
});
