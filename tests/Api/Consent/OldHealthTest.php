<?php

declare(strict_types=1);

use App\Actions\Records\EraseOldHealth;
use App\Actions\Records\EraseOldHealthJob;
use App\Models\Athletes\Athlete;
use App\Models\Screening\PainReport;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->url = "/api/v1/athletes/$this->athlete";
    $this->exercise = exercise(addBar($this), addBand($this));
    $this->putJson("$this->url/setup", $this->exercise)->assertOk();
    $this->keep = fn (?int $years) => $this->putJson(
        '/api/v1/settings/health',
        ['consent' => 'asked', 'keep_health_years' => $years],
    )->assertOk();
    $this->told = fn (): array => array_map(
        fn (string $table): int => DB::table($table)->count(),
        ['screens' => 'screenings', 'pain' => 'pain_reports', 'undoings' => 'pain_undoings', 'clearances' => 'clearances'],
    ) + [
        'on sets' => DB::table('logged_sets')->whereNotNull('pain')->count(),
        'symptoms' => DB::table('signals')->where('symptoms', '<>', '[]')->count(),
        'referrals' => DB::table('calls')->where('verdict', 'refer')->count(),
    ];
});

/** A year in which everything was told, and cleared at its end. */
function tellAndClear(Tests\ApiTestCase $test, string $day): void
{
    $test->clock->set("{$day}T18:00:00Z");
    $test->postJson("$test->url/screenings", ['id' => $screen = uuid(), 'overhead' => 'level'])->assertCreated();
    $test->getJson("$test->url/screenings/$screen")->assertOk();
    $painful = set($test, $test->exercise, 8, pain: ['place' => 'ribs', 'level' => 2], performed_at: "{$day}T17:30:00Z");
    $test->postJson("$test->url/sets", $painful)->assertCreated();
    $test->postJson("$test->url/pain", ['id' => $mistaken = uuid(), 'pain' => ['place' => 'neck', 'level' => 2]])->assertCreated();
    $test->clock->passSeconds(60);
    $undone = ['athlete_id' => $test->athlete, 'pain_undone' => ['id' => uuid(), 'told_id' => $mistaken]];
    $test->postJson('/api/v1/commands', ['commands' => [$undone]])->assertOk();
    $test->postJson("$test->url/signals", ['id' => uuid(), 'on' => $day, 'symptoms' => ['dizziness']])->assertSuccessful();
    $call = $test->getJson($test->url)->assertOk()->json('call');
    $test->putJson("/api/v1/calls/{$call['id']}/decision", ['decision' => 'accepted', 'version' => $call['version']])->assertOk();
    $test->clock->passSeconds(60);
    $test->postJson("$test->url/clearances", ['id' => uuid(), 'note' => 'Seen by the clinic.'])->assertCreated();
}

it('erases what is older than the gym keeps it, but for what still holds', function (): void {
    tellAndClear($this, '2023-03-02');
    tellAndClear($this, '2025-06-02');
    $this->clock->set('2026-03-02T18:00:00Z');
    $before = ($this->told)();
    ($this->keep)(null);
    expect(app(EraseOldHealth::class)->everywhere())->toBe(0)->and(($this->told)())->toBe($before);

    ($this->keep)(2);
    expect(app(EraseOldHealth::class)->everywhere())->toBeGreaterThan(5)
        ->and(($this->told)())->toBe(array_map(fn (int $two): int => intdiv($two, 2), $before))
        ->and(array_filter(($this->told)()))->toHaveKeys(['screens', 'pain', 'clearances', 'on sets', 'symptoms', 'referrals'])
        ->and(app(EraseOldHealth::class)->everywhere())->toBe(0)
        ->and(DB::table('logged_sets')->count())->toBe(2);

    ($this->keep)(1);
    $this->clock->set('2026-08-02T18:00:00Z');
    app(EraseOldHealth::class)->everywhere();
    expect(($this->told)())->toMatchArray(['screens' => 1, 'clearances' => 1, 'pain' => 0, 'on sets' => 0, 'symptoms' => 0]);
    $this->getJson($this->url)->assertOk()->assertJsonPath('pain', null)->assertJsonPath('screen.outcome', 'cleared');
});

it('ends no pause: what nobody cleared stays however old it is', function (): void {
    ($this->keep)(1);
    $this->postJson("$this->url/sets", set($this, $this->exercise, 8, pain: ['place' => 'ribs', 'level' => 2]))->assertCreated();
    $this->postJson("$this->url/pain", ['id' => uuid(), 'pain' => ['place' => 'neck', 'level' => 2]])->assertCreated();
    $this->clock->set('2029-03-02T18:00:00Z');

    app(EraseOldHealth::class)->everywhere();
    expect(PainReport::query()->count())->toBe(1)->and(DB::table('logged_sets')->whereNotNull('pain')->count())->toBe(1)
        ->and(Athlete::query()->findOrFail($this->athlete)->paused_at)->not->toBeNull();
    $this->getJson("$this->url/session")->assertJsonPath('refused.code', 'paused');
});

it('leaves other gyms as they settled it', function (): void {
    tellAndClear($this, '2023-03-02');
    tellAndClear($this, '2023-06-02');
    $before = ($this->told)();
    $this->signInAs($this->makeCoach('other@two.example'));
    $this->clock->set('2026-03-02T18:00:00Z');
    ($this->keep)(1);
    expect(app(EraseOldHealth::class)->everywhere())->toBe(0);
    $this->signInAs($this->coach);
    expect(($this->told)())->toBe($before);
});

it('is done by the clock', function (): void {
    Artisan::call('schedule:list');

    expect(Artisan::output())->toMatch('/0 \* +\* +\* +\* +'.preg_quote(EraseOldHealthJob::class, '/').'/');
});
