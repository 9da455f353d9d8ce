<?php

declare(strict_types=1);

use App\Models\Gym\User;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\ApiTestCase;

/** A gym with three athletes, a bar, a band and a class, all under the same ids wherever it stands. */
function gymOfThree(ApiTestCase $test, User $coach, array $ids): void
{
    $test->signInAs($coach);
    $test->postJson(
        '/api/v1/gear',
        ['id' => $ids['bar'], 'name' => 'Bar', 'figures' => ['kind' => 'bar', 'height_m' => 2.5]],
    )->assertCreated();
    $test->postJson(
        '/api/v1/bands',
        ['id' => $ids['band'], 'name' => 'Band', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5],
    )->assertCreated();
    foreach ($ids['athletes'] as $n => $id) {
        $test->postJson(
            '/api/v1/athletes',
            ['id' => $id, 'name' => "Athlete $n", 'kind' => 'gym', 'mass_kg' => 60 + 5 * $n, 'stature_m' => 1.7, 'tags' => ['evening']],
        )->assertCreated();
        $test->putJson("/api/v1/athletes/$id/setup", exercise($ids['bar'], $ids['band']))->assertOk();
    }
    $test->postJson(
        '/api/v1/classes',
        ['id' => $ids['class'], 'name' => 'Evening', 'first_on' => '2026-03-02', 'at' => '18:00', 'minutes' => 75, 'tags' => ['evening']],
    )->assertCreated();
}

/**
 * An evening's commands, drawn: sets, corrections, sets taken back, work beside, signals, who comes, gear out, and pain at the end.
 *
 * @return list<array<string, mixed>>
 */
function evening(ApiTestCase $test, Randomizer $random, array $ids): array
{
    $commands = $sets = [];
    $exercise = exercise($ids['bar'], $ids['band']);
    for ($n = 0; $n < 40; $n++) {
        $at = gmdate(DATE_RFC3339, $test->clock->now()->getTimestamp() - 3600 + 60 * $n);
        $who = $ids['athletes'][$random->getInt(0, 2)];
        $mine = $sets[$who] ?? [];
        $command = match ($random->getInt(0, 9)) {
            0 => $mine === []
                ? null
                : ['set' => set($test, $exercise, $random->getInt(3, 9), replaces_id: array_pop($mine), performed_at: $at)],
            1 => $mine === [] ? null : ['taken_back' => ['id' => uuid(), 'set_id' => array_pop($mine)]],
            2 => ['beside' => ['id' => uuid(), 'performed_at' => $at, 'accessory' => 'plank', 'seconds' => $random->getInt(20, 60)]],
            3 => ['signal' => ['id' => uuid(), 'on' => '2026-03-02', 'effort' => $random->getInt(1, 10)]],
            4 => [
                'coming' => [
                    'id' => uuid(),
                    'class_id' => $ids['class'],
                    'on' => '2026-03-02',
                    'coming' => $random->getInt(0, 1) === 1,
                    'told_at' => $at,
                ],
            ],
            5 => ['gear' => ['id' => uuid(), 'gear_id' => $ids['band'], 'out' => $random->getInt(0, 1) === 1, 'told_at' => $at]],
            default => ['set' => set($test, $exercise, $random->getInt(3, 9), performed_at: $at)],
        };
        if ($command === null) {
            continue;
        }
        $sets[$who] = isset($command['set']) ? [...$mine, $command['set']['id']] : $mine;
        $commands[] = isset($command['gear']) ? $command : ['athlete_id' => $who, ...$command];
    }
    $commands[] = ['athlete_id' => $ids['athletes'][0], 'pain' => ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 2]]];

    return $commands;
}

/** What stands of the evening, whoever wrote it down and in how many parts. */
function standing(ApiTestCase $test, array $ids): array
{
    $day = $test->getJson("/api/v1/classes/{$ids['class']}/days/2026-03-02")->assertOk()->json();
    $sets = fn (array $sets): array => array_map(fn (array $s): array => array_diff_key($s, ['by' => 0, 'taught' => 0]), $sets);

    return [
        array_map(fn (array $a): array => ['sets' => $sets($a['sets']), 'beside' => $sets($a['beside'])] + array_diff_key($a, ['sheet' => 0, 'pain_source' => 0]), $day['athletes']),
        array_column($day['gear'], 'out', 'id'),
        array_map(fn (string $id): array => $test->getJson("/api/v1/athletes/$id")->json('capacity'), $ids['athletes']),
    ];
}

it('ends the same whether a queue comes whole, or in pieces, with answers lost and pieces sent again', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $ids = ['bar' => uuid(), 'band' => uuid(), 'class' => uuid(), 'athletes' => [uuid(), uuid(), uuid()]];
    $elsewhere = $this->makeCoach('coach@two.example');
    gymOfThree($this, $this->coach, $ids);
    gymOfThree($this, $elsewhere, $ids);
    $commands = evening($this, $random, $ids);
    $send = fn (array $some): array => $this->postJson('/api/v1/commands', ['commands' => $some])->assertOk()->json('outcomes');
    $codes = fn (array $outcomes): array => array_map(fn (array $o): ?string => $o['problem']['code'] ?? null, $outcomes);

    $this->signInAs($this->coach);
    $whole = $codes($send($commands));
    $one = standing($this, $ids);

    $this->signInAs($elsewhere);
    $pieces = [];
    for ($from = 0; $from < count($commands); $from += $length) {
        $length = $random->getInt(1, 7);
        $piece = array_slice($commands, $from, $length);
        for ($times = $random->getInt(1, 3); $times > 0; $times--) {
            $answer = $codes($send($piece)); // the last answer is the one that arrives
        }
        $pieces = [...$pieces, ...$answer];
    }

    expect($pieces)->toBe($whole)->and(array_filter($whole))->toBe([])->and(standing($this, $ids))->toEqual($one);
    expect($codes($send($commands)))->toBe($whole)->and(standing($this, $ids))->toEqual($one);
})->with([1, 2, 3]);
