<?php

declare(strict_types=1);

use App\Models\Kit\Band;

beforeEach(function (): void {
    [$this->bar, $this->band] = [addBar($this), addBand($this)];
    $this->exercise = exercise($this->bar, $this->band);
    /** Sets of one day at 18:10, asked eight each, so many clean. */
    $this->logs = function (string $athlete, string $day, array $counts, mixed ...$changes): array {
        $ids = [];
        foreach ($counts as $i => $clean) {
            $set = [
                ...set($this, $this->exercise, $clean),
                'performed_at' => sprintf('%sT18:%02d:00Z', $day, 10 + 4 * $i), 'asked_reps' => 8, ...$changes,
            ];
            $this->postJson("/api/v1/athletes/$athlete/sets", $set)->assertCreated();
            $ids[] = $set['id'];
        }

        return $ids;
    };
    /** The cells of a table by its heads, up to the first empty line. */
    $this->table = function (string $path): array {
        $text = $this->get($path)->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->streamedContent();
        $lines = array_map(fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", explode("\r\n\r\n", trim($text))[0]));
        $heads = array_shift($lines);

        return array_map(fn (array $line): array => array_combine($heads, $line), $lines);
    };
});

it('counts an athlete’s season as by hand: days, sets, reps, failed, not counted, work, bests and what was decided', function (): void {
    $ada = addAthlete($this);
    $this->putJson("/api/v1/athletes/$ada/setup", $this->exercise)->assertOk();
    ($this->logs)($ada, '2025-10-01', [8, 8]); // before the season
    ($this->logs)($ada, '2026-02-02', [8, 4, 5], no_counts: ['swing' => 2, 'short-at-top' => 1]);
    [$wrong] = ($this->logs)($ada, '2026-02-23', [9]);
    $this->postJson("/api/v1/athletes/$ada/sets/$wrong/withdrawal", ['id' => uuid()])->assertNoContent();
    ($this->logs)($ada, '2026-02-27', [10]);
    ($this->logs)($ada, '2026-02-28', [2], exercise: exerciseOn(['kind' => 'strict']), asked_reps: null);
    followLog();
    $call = $this->getJson('/api/v1/calls')->json('items.0');
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted'])->assertOk();

    $report = $this->getJson("/api/v1/athletes/$ada/report")->assertOk()->json();
    expect($report)->toMatchArray(['name' => 'Ada', 'range' => 'season', 'from' => '2025-11-02', 'to' => '2026-03-02'])
        ->and($report['days'])->toBe(3)->and($report['sets'])->toBe(5)->and($report['reps'])->toBe(8 + 4 + 5 + 10 + 2)
        ->and([$report['failed']['some'], $report['failed']['all']])->toBe([1, 4]) // 4 of 8 asked; 5 is 62 %
        ->and($report['no_counts'])->toBe([['reason' => 'swing', 'reps' => 6], ['reason' => 'short-at-top', 'reps' => 3]])
        ->and($report['strict_reps'])->toBe(2)->and($report['first_strict_on'])->toBe('2026-02-28')
        ->and($report['mass_first_kg'])->toEqual(70)->and($report['breaks'][0]['to'])->toBe('2026-02-27')
        ->and($report['capacity_first']['low80'])->toBeLessThan($report['capacity_first']['share'])
        ->and($report['calls'])->toBe([['verdict' => $call['call']['verdict'], 'accepted' => 1, 'overridden' => 0]])
        ->and(collect($report['bests'])->pluck('clean_reps')->all())->toBe([2, 10]);
    // Work up: reps × load × travel × g, of what the log holds.
    $kj = collect($this->getJson("/api/v1/athletes/$ada/sets")->json('items'))->where('trained_on', '>=', '2025-11-02')
        ->sum(fn (array $s): float => $s['clean_reps'] * $s['carried_kg'] * Illuminate\Support\Facades\DB::table('logged_sets')->find($s['id'])->travel_m);
    expect($report['work_kj'])->toEqualWithDelta($kj * 9.80665 / 1000, 1e-6);
    $cells = array_column(($this->table)("/api/v1/athletes/$ada/report.csv"), 'value', 'figure');
    expect($cells['clean_reps'])->toBe('29')->and($cells['failed_sets'])->toBe('1')->and($cells['most_strict_reps'])->toBe('2');
    $this->getJson("/api/v1/athletes/$ada/report?range=all")->assertJsonPath('sets', 7)->assertJsonPath('from', '2025-10-01');
    $this->getJson("/api/v1/athletes/$ada/report?range=month")->assertJsonPath('sets', 5);
    $this->getJson("/api/v1/athletes/$ada/report?range=ever")->assertStatus(422);
});

it('reports an athlete nothing is known of', function (): void {
    $ada = addAthlete($this);
    $this->getJson("/api/v1/athletes/$ada/report")->assertOk()->assertJsonPath('sets', 0)->assertJsonPath('failed.part', null)
        ->assertJsonPath('capacity_last', null)->assertJsonPath('first_strict_on', null);
});

it('says nothing of pain in a season that is printed', function (): void {
    $ada = addAthlete($this);
    $this->putJson("/api/v1/athletes/$ada/setup", $this->exercise)->assertOk();
    ($this->logs)($ada, '2026-03-01', [5], pain: ['place' => 'elbow', 'level' => 6]);
    followLog();
    $call = $this->getJson('/api/v1/calls')->json('items.0');
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted'])->assertOk();

    expect($call['call']['verdict'])->toBe('refer')
        ->and($this->getJson("/api/v1/athletes/$ada/report")->assertOk()->assertJsonPath('calls', [])->content())->not->toContain('elbow');
});

it('counts who came to a class and what they did there, of its hours alone', function (): void {
    $class = addClass($this, first_on: '2026-02-09'); // Mondays, 18:00
    [$ada, $bea] = [addAthlete($this), addAthlete($this, name: 'Bea')];
    ($this->logs)($ada, '2026-02-09', [8, 8]);
    ($this->logs)($ada, '2026-02-16', [8, 4]);
    ($this->logs)($bea, '2026-02-16', [3]);
    ($this->logs)($bea, '2026-02-17', [8]); // a Tuesday
    ($this->logs)($bea, '2026-02-23', [8], performed_at: '2026-02-23T17:29:00Z'); // too early
    ($this->logs)($ada, '2026-02-23', [8], performed_at: '2026-02-23T19:45:00Z'); // just within

    $report = $this->getJson("/api/v1/classes/$class/report")->assertOk()->json();
    expect($report['from'])->toBe('2026-02-09')
        ->and(array_map(fn (array $d): array => array_values($d), $report['days']))->toBe([
            ['2026-03-02', 0, 0, 0], ['2026-02-23', 1, 1, 8], ['2026-02-16', 2, 3, 15], ['2026-02-09', 1, 2, 16],
        ])
        ->and(array_map(fn (array $c): array => [$c['name'], $c['days'], $c['sets'], $c['reps'], $c['failed']['some']], $report['comers']))
        ->toBe([['Ada', 3, 5, 36, 1], ['Bea', 1, 1, 3, 1]])
        ->and([$report['failed']['some'], $report['failed']['all']])->toBe([2, 6])
        ->and($report['warning'])->toContain('2 people');
    $table = ($this->table)("/api/v1/classes/$class/report.csv");
    expect($table[0]['athlete'])->toBe('Ada')->and($table[0]['days_held'])->toBe('4')->and($table[1]['clean_reps'])->toBe('3');
});

it('puts the most used band first, says which are due, and how long bands here live', function (): void {
    $ada = addAthlete($this);
    $worn = array_map(fn (int $i): string => addBand($this, 30 + $i, "Old $i"), range(1, 3));
    foreach ($worn as $i => $band) {
        $exercise = exercise($this->bar, $band);
        ($this->logs)($ada, '2026-01-0'.($i + 1), array_fill(0, 2 + 2 * $i, 8), exercise: $exercise); // 2, 4, 6 sets
        $finding = $i === 2 ? 'sound' : 'nick';
        $this->postJson("/api/v1/bands/$band/inspections", ['id' => uuid(), 'inspected_on' => '2026-01-10', 'finding' => $finding])->assertCreated();
        $this->putJson("/api/v1/bands/$band/retirement", ['retired' => true])->assertOk();
    }
    [$counted] = ($this->logs)($ada, '2026-02-28', [8, 8, 8]);
    $correction = set($this, $this->exercise, 7, replaces_id: $counted, performed_at: '2026-02-28T18:10:00Z');
    $this->postJson("/api/v1/athletes/$ada/sets", $correction)->assertCreated(); // the same set, once
    expect(Band::query()->whereNotNull('retired_at')->count())->toBe(3);

    $report = $this->getJson('/api/v1/reports/bands')->assertOk()->json();
    $lines = collect($report['bands']);
    expect($lines->pluck('sets', 'name')->all())->toEqual(['Band' => 3, 'Old 3' => 6, 'Old 2' => 4, 'Old 1' => 2])
        ->and($lines[0])->toMatchArray(['name' => 'Band', 'sets_a_week' => 0.375, 'due' => true, 'first_on' => '2026-02-28', 'retired' => false])
        // Worn out after 2 and 4 sets; 3 and 6 sets are lives that had not ended: every other one by 4 (three quarters left, then three eighths).
        ->and($report['worn_out'])->toBe(2)->and($report['life'])->toBe(4)->and($lines[0]['sets_left'])->toBe(1)
        ->and($lines[1]['sets_left'])->toBeNull();
    expect(($this->table)('/api/v1/reports/bands.csv')[0])->toMatchArray(['band' => 'Band', 'sets' => '3', 'inspection_due' => 'yes', 'sets_left' => '1']);
});

it('tells of each method who got there, in how many weeks, and how many sets failed on the way', function (): void {
    $strict = exerciseOn(['kind' => 'strict']);
    [$ada, $bo, $cy, $dan] = array_map(fn (string $name): string => addAthlete($this, name: $name), ['Ada', 'Bo', 'Cy', 'Dan']);
    ($this->logs)($ada, '2026-01-05', [8, 4]);
    ($this->logs)($ada, '2026-02-02', [1], exercise: $strict, asked_reps: 1); // four weeks
    ($this->logs)($bo, '2026-01-05', [8]);
    ($this->logs)($bo, '2026-02-16', [8, 8]); // six weeks, not yet
    ($this->logs)($cy, '2026-01-05', [1], exercise: $strict, asked_reps: 1); // there from the first day
    ($this->logs)($dan, '2026-01-05', [8]);
    $this->clock->set('2026-01-19T19:00:00Z');
    $this->postJson("/api/v1/athletes/$dan/place", ['id' => uuid(), 'method' => 'rows-first', 'stage' => 'upright', 'reason' => 'Wants it'])->assertCreated();
    $this->clock->set('2026-03-02T18:00:00Z');
    ($this->logs)($dan, '2026-02-16', [2, 8]); // four weeks on rows

    $report = $this->getJson('/api/v1/reports/methods')->assertOk()->json();
    $by = collect($report['methods'])->keyBy('key');
    $usual = $by->first(fn (array $m): bool => $m['key'] !== 'rows-first');
    expect($report['athletes'])->toBe(4)
        // Ada and Bo from their first day, Dan for two weeks until he moved; Cy had it on the day he began.
        ->and([$usual['got_there']['some'], $usual['got_there']['all']])->toBe([2, 4])
        ->and([$usual['failed']['some'], $usual['failed']['all']])->toBe([1, 8])
        ->and($usual['weeks'])->toEqual(4.0)
        ->and([$by['rows-first']['got_there']['some'], $by['rows-first']['got_there']['all']])->toBe([0, 1])
        ->and([$by['rows-first']['failed']['some'], $by['rows-first']['failed']['all']])->toBe([1, 2])
        ->and($by['rows-first']['weeks'])->toBeNull()->and($by['rows-first']['warning'])->toContain('One person');
    expect(array_column(($this->table)('/api/v1/reports/methods.csv'), 'got_there_of', 'method'))->toBe([
        $by['rows-first']['name'] => '1', $usual['name'] => '4',
    ]);
});

it('tells of each verdict what was decided and what the next call was', function (): void {
    $ada = addAthlete($this);
    $this->putJson("/api/v1/athletes/$ada/setup", $this->exercise)->assertOk();
    $made = [];
    foreach ([[12, 12, 12], [2, 1, 1], [8, 8, 8]] as $week => $counts) {
        $this->clock->set(date(DATE_RFC3339, strtotime('2026-02-02T18:00:00Z') + $week * 7 * 86400));
        foreach ($counts as $clean) {
            $this->clock->passSeconds(240);
            $this->postJson("/api/v1/athletes/$ada/sets", set($this, $this->exercise, $clean, asked_reps: 8))->assertCreated();
        }
        followLog();
        $call = $this->getJson('/api/v1/calls')->json('items.0');
        $made[] = $call['call']['verdict'];
        if ($week < 2) {
            $body = ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => 'stay', 'reason' => 'One more week'];
            $isStay = $call['call']['verdict'] === 'stay';
            $body = $isStay ? ['version' => $call['version'], 'decision' => 'accepted'] : $body;
            $this->putJson("/api/v1/calls/{$call['id']}/decision", $body)->assertOk();
        }
        $this->clock->passSeconds(60);
    }
    $lines = collect($this->getJson('/api/v1/reports/methods')->assertOk()->json('calls'))->keyBy('verdict');
    $decided = $lines->sum(fn (array $l): int => $l['accepted'] + $l['overridden']);
    $down = $lines->sum(fn (array $l): int => $l['accepted_then_down']['some'] + $l['overridden_then_down']['some']);
    $followed = $lines->sum(fn (array $l): int => $l['accepted_then_down']['all'] + $l['overridden_then_down']['all']);

    expect($lines->sum('open'))->toBe(1)->and($decided)->toBe(2)->and($followed)->toBe(2)
        ->and($down)->toBe(count(array_filter(array_slice($made, 1), fn (string $v): bool => $v === 'step-down')));
});
