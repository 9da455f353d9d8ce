<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    [$this->bar, $this->band] = [addBar($this), addBand($this)];
    $this->exercise = exercise($this->bar, $this->band);
    $this->sets = "/api/v1/athletes/$this->athlete/sets";
    $this->trend = fn (string $query = ''): array => $this->getJson("/api/v1/athletes/$this->athlete/trend?$query")->assertOk()->json();
    $this->on = fn (string $day) => $this->clock->set("{$day}T18:00:00Z");
});

it('shows capacity after each session with what each set said, weeks away, and what will be', function (): void {
    ($this->on)('2026-03-02');
    $this->postJson($this->sets, set($this, $this->exercise, 7, purpose: 'baseline'))->assertCreated();
    ($this->on)('2026-03-05');
    $this->postJson($this->sets, set($this, $this->exercise, 8, reserve: null))->assertCreated();
    ($this->on)('2026-04-02');
    $this->postJson($this->sets, set($this, $this->exercise, 0, purpose: 'try'))->assertCreated();
    $this->postJson($this->sets, set($this, $this->exercise, 7))->assertCreated();
    ($this->on)('2026-04-04');
    $trend = ($this->trend)();

    expect(array_column($trend['points'], 'on'))->toBe(['2026-03-02', '2026-03-05', '2026-04-02', '2026-04-04'])
        ->and($trend['points'][3]['share'])->toEqual($this->getJson("/api/v1/athletes/$this->athlete")->json('capacity.share'))
        ->and(array_column($trend['marks'], 'kind'))->toBe(['baseline', 'at-least', 'test', 'set'])
        ->and($trend['marks'][0]['text'])->toMatch('/^7 clean at \d+ %, 1 left$/')
        ->and($trend['breaks'])->toBe([['from' => '2026-03-05', 'to' => '2026-04-02']])
        ->and($trend['ahead'][0]['share'])->toEqual($trend['points'][3]['share'])
        ->and(array_column($trend['forecasts'], 'reps'))->toBe([1, 3, 5, 8, 10])
        ->and($trend['taught'])->toContain('capacity')
        ->and($trend['patterns'])->toBe(['pull']);
});

it('adds up the work of each week in kilojoules, and the seconds held or let down', function (): void {
    ($this->on)('2026-03-02');
    $carried = $this->postJson($this->sets, set($this, $this->exercise, 10))->assertCreated()->json('carried_kg');
    $this->postJson(
        $this->sets,
        set($this, exerciseOn(['kind' => 'strict'], movement: 'lowering', seconds: 5, up_by: 'step'), 4, reserve: null),
    )->assertCreated();
    $this->postJson($this->sets, set($this, null, 0, clean_reps: null, reserve: null, purpose: 'baseline', hang_s: 30))->assertCreated();
    $trend = ($this->trend)();
    $pullM = $this->getJson("/api/v1/athletes/$this->athlete")->json('pull_distance_m');

    expect($trend['work'])->toHaveCount(1)->and($trend['work'][0]['from'])->toBe('2026-03-02')
        ->and($trend['work'][0]['kj'])->toEqualWithDelta(10 * $carried * 9.80665 * $pullM / 1000, 1e-6)
        ->and($trend['work'][0]['controlled_s'])->toEqual(20)
        ->and($trend['seconds'])->toEqual([
            'hang' => [['on' => '2026-03-02', 'figure' => 30]],
            'hold' => [],
            'lowering' => [['on' => '2026-03-02', 'figure' => 5]],
        ]);
});

it('keeps what was foretold once a week, never says it anew, and holds it against what came', function (): void {
    $strict = exerciseOn(['kind' => 'strict']);
    foreach (['2026-03-02', '2026-03-04', '2026-03-10'] as $day) {
        ($this->on)($day);
        $this->postJson($this->sets, set($this, $this->exercise, 9, reserve: 0))->assertCreated();
        followLog();
    }
    $kept = DB::table('forecasts')->where('reps', 1)->orderBy('made_on')->get(['made_on', 'within_8'])->toArray();
    expect(array_column($kept, 'made_on'))->toBe(['2026-03-02', '2026-03-10'])->and(DB::table('forecasts')->count())->toBe(10);

    ($this->on)('2026-03-20');
    $this->postJson($this->sets, set($this, $strict, 1, purpose: 'test', reserve: 0))->assertCreated();
    expect(($this->trend)()['first_rep_on'])->toBe('2026-03-20')
        ->and(($this->trend)()['forecasts'][0]['verdict'])->toBe('reached')
        ->and(($this->trend)()['scores'])->toBe([]);
    $this->artisan('steady:replay')->assertSuccessful();
    $this->signInAs($this->coach);
    expect(DB::table('forecasts')->where('reps', 1)->orderBy('made_on')->get(['made_on', 'within_8'])->toArray())->toEqual($kept);

    ($this->on)('2026-05-20');
    $scores = ($this->trend)()['scores'];
    expect(array_sum(array_column($scores, 'said')))->toBe(2)
        ->and(array_sum(array_column($scores, 'came')))->toBe(2)
        ->and($scores[0]['weeks'])->toBe(8);
});

it('looks back as far as is asked, and thins what lies years back', function (): void {
    foreach (range(0, 40) as $i) {
        ($this->on)((new DateTimeImmutable('2022-01-05'))->modify(sprintf('+%d days', 35 * $i))->format('Y-m-d'));
        $this->postJson($this->sets, set($this, $this->exercise, 8, purpose: $i === 20 ? 'test' : 'work'))->assertCreated();
    }

    expect(count(($this->trend)('range=month')['points']))->toBe(1)
        ->and(count(($this->trend)('range=year')['points']))->toBe(11)
        ->and(count(($this->trend)('range=all')['points']))->toBeGreaterThan(38)
        ->and(array_column(($this->trend)('range=all')['marks'], 'kind'))->toBe(['test'])
        ->and(($this->trend)('range=all')['from'])->toBe('2022-01-05');
});

it('is empty before the first set, and refuses ranges and movements it does not know', function (): void {
    expect(($this->trend)())->toMatchArray([
        'points' => [],
        'marks' => [],
        'ahead' => [],
        'forecasts' => [],
        'patterns' => [],
        'taught' => null,
        'first_rep_on' => null,
    ]);
    $this->getJson("/api/v1/athletes/$this->athlete/trend?range=week")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/range');
    $this->getJson("/api/v1/athletes/$this->athlete/trend?pattern=press")->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/pattern');
});

it('tells the best on each set-up with the first day it was done, whatever the range', function (): void {
    $exercise = exerciseOn(['kind' => 'strict']);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $exercise);
    foreach (['2026-01-05' => 2, '2026-01-12' => 4, '2026-02-23' => 4, '2026-03-02' => 3] as $day => $reps) {
        $this->clock->set("{$day}T18:00:00Z");
        $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $exercise, $reps))->assertCreated();
    }
    $bests = $this->getJson("/api/v1/athletes/$this->athlete/trend?range=month")->assertOk()->json('bests');
    $strict = array_values(array_filter($bests, fn (array $best): bool => $best['clean_reps'] === 4));
    expect($strict)->toHaveCount(1)->and($strict[0])->toMatchArray(['on' => '2026-01-12', 'hang_s' => null]);
});
