<?php

declare(strict_types=1);

use App\Actions\RecalculateDue;
use App\Context\Gym\CurrentGym;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use SteadyRung\Kit\Band\RubberLaw;
use Tests\ApiTestCase;

function uuid(): string
{
    return (string) Str::uuid7();
}

/** Adds an athlete and answers the id. */
function addAthlete(ApiTestCase $test, mixed ...$changes): string
{
    $id = uuid();
    $test->postJson(
        '/api/v1/athletes',
        ['id' => $id, 'name' => 'Ada', 'kind' => 'gym', 'mass_kg' => 70, 'stature_m' => 1.75, 'reach_m' => 2.1, ...$changes],
    )->assertCreated();

    return $id;
}

function addBar(ApiTestCase $test, float $heightM = 2.5, string $name = 'Bar'): string
{
    return addGear($test, $name, ['kind' => 'bar', 'height_m' => $heightM]);
}

/** @param  array<string, mixed>  $figures */
function addGear(ApiTestCase $test, string $name, array $figures): string
{
    $id = uuid();
    $test->postJson('/api/v1/gear', ['id' => $id, 'name' => $name, 'figures' => $figures])->assertCreated();

    return $id;
}

/** Adds a band measured at three lengths. */
function addBand(ApiTestCase $test, float $widthMm = 29, string $name = 'Band'): string
{
    $id = uuid();
    $law = RubberLaw::fromSize(1.0, $widthMm, 4.5);
    $test->postJson('/api/v1/bands', [
        'id' => $id, 'name' => $name, 'hung_length_m' => 1.0, 'width_mm' => $widthMm, 'thickness_mm' => 4.5,
        'points' => array_map(fn (float $l): array => ['length_m' => $l, 'force_n' => $law->forceN($l)], [1.3, 1.8, 2.3]),
    ])->assertCreated();

    return $id;
}

/** @return array<string, mixed> */
function exercise(string $bar, string $band, string $attach = 'foot'): array
{
    return exerciseOn(['kind' => 'band', 'bar_id' => $bar, 'attach' => $attach, 'band_ids' => [$band]]);
}

/** Writes a note on an athlete and answers its id. */
function addNote(ApiTestCase $test, string $athlete, string $text = 'Prefers the rings.'): string
{
    $id = uuid();
    $test->postJson("/api/v1/athletes/$athlete/notes", ['id' => $id, 'text' => $text])->assertCreated();

    return $id;
}

/**
 * @param  array<string, mixed>  $setup
 * @return array<string, mixed>
 */
function exerciseOn(array $setup, mixed ...$done): array
{
    return ['setup' => $setup, ...$done];
}

/**
 * A set as a client sends it.
 *
 * @param  array<string, mixed>|null  $exercise
 * @return array<string, mixed>
 */
function set(ApiTestCase $test, ?array $exercise, int $clean, mixed ...$changes): array
{
    return [
        'id' => uuid(), 'performed_at' => $test->clock->now()->format(DATE_RFC3339), 'purpose' => 'work',
        'exercise' => $exercise, 'clean_reps' => $clean, 'reserve' => 1, ...$changes,
    ];
}

/**
 * Logs sets of one session, a few minutes apart, and looks at each.
 *
 * @param  array<string, mixed>  $exercise
 * @param  list<int>  $counts
 */
function logSession(ApiTestCase $test, string $athlete, array $exercise, array $counts, int $reserve = 2): void
{
    foreach ($counts as $clean) {
        $test->clock->passSeconds(240);
        $test->postJson("/api/v1/athletes/$athlete/sets", set($test, $exercise, $clean, reserve: $reserve))->assertCreated();
        followLog();
    }
}

/** Follows what was logged, as the next look at it does. */
function followLog(): void
{
    app(RecalculateDue::class)->now();
}

/** What waits in the queue is done, as the worker does it. */
function workOff(): void
{
    $gym = app(CurrentGym::class)->id();
    Artisan::call('queue:work', ['--stop-when-empty' => true, '--tries' => 3, '--backoff' => 0, '--sleep' => 0, '--quiet' => true]);
    app(CurrentGym::class)->enter($gym); // a worker forgets it between two jobs
}

/** Makes a weekly class of the day it is and answers the id. */
function addClass(ApiTestCase $test, mixed ...$changes): string
{
    $id = uuid();
    $test->postJson(
        '/api/v1/classes',
        [
            'id' => $id,
            'name' => 'Evening',
            'first_on' => $test->clock->now()->format('Y-m-d'),
            'at' => '18:00',
            'minutes' => 75,
            'weekly' => true,
            'tags' => ['evening'],
            ...$changes,
        ],
    )->assertCreated();

    return $id;
}

/** A table of people that waits to be brought in. */
function addPeopleFile(ApiTestCase $test, string $text = "name\nBea\n"): string
{
    $id = uuid();
    $test->call('POST', "/api/v1/imports?id=$id&kind=people&name=a.csv", server: ['HTTP_ORIGIN' => 'http://127.0.0.1:8080'], content: $text)
        ->assertCreated();

    return $id;
}
