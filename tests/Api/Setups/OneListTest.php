<?php

declare(strict_types=1);

use App\Actions\Calls\RemakeCalls;
use App\Actions\Kit\ChangeGear;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Models\Kit\Band;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->bar = addBar($this, 2.6);
    $this->rings = addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.2, 1.5]]);
    $this->bands = array_map(fn (int $mm): string => addBand($this, $mm, "Band $mm"), [13, 22, 32, 44, 64]);
});

/** @return list<string> the keys that the ladder of a lane shows */
function ladderKeys(object $test, string $athlete, string $lane, string $more = ''): array
{
    $ladder = $test->getJson("/api/v1/athletes/$athlete/ladder?lane=$lane$more")->assertOk()->json();

    return [
        ...array_map(fn (array $r): string => $r['rung']['key'], $ladder['rungs']),
        ...array_column(array_filter([$ladder['now'], $ladder['below']]), 'key'),
    ];
}

it('shows the set-up of every call on the ladder, however many rungs are asked for', function (
    float $mass,
    int $band,
    array $counts,
): void {
    $athlete = addAthlete($this, mass_kg: $mass);
    $exercise = exercise($this->bar, $this->bands[$band]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    foreach ([1, 3] as $day) {
        $this->clock->set("2026-03-0{$day}T18:00:00Z");
        logSession($this, $athlete, $exercise, $counts, 3);
    }
    $next = $this->getJson("/api/v1/athletes/$athlete")->json('call.call.next.key');

    expect(ladderKeys($this, $athlete, 'pull'))->toContain($next)
        ->and(ladderKeys($this, $athlete, 'pull', '&most_rungs=3'))->toContain($next)
        ->and(ladderKeys($this, $athlete, 'pull', '&most_rungs=20&advice=yes'))->toContain($next)
        ->and(array_map(
            fn (array $r): string => $r['rung']['key'],
            $this->getJson("/api/v1/athletes/$athlete/instead")->json('rungs'),
        ))->toContain($next);
})->with([[55, 1], [70, 2], [92, 3], [70, 4]])->with([
    'climbing' => [[10, 10, 10]],
    'staying' => [[6, 6, 5]],
    'falling short' => [[3, 3, 2]],
]);

it('shows the next heel mark of a row on the ladder of rows', function (): void {
    $athlete = addAthlete($this);
    $row = exerciseOn(['kind' => 'row', 'ring_id' => $this->rings, 'strap_m' => 1.5, 'heel_mark_m' => 0.0]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $row)->assertOk();
    foreach ([1, 3] as $day) {
        $this->clock->set("2026-03-0{$day}T18:00:00Z");
        logSession($this, $athlete, $row, [12, 12, 12], 3);
    }

    expect(ladderKeys($this, $athlete, 'row'))->toContain($this->getJson("/api/v1/athletes/$athlete")->json('call.call.next.key'));
});

it('is searched once for a body and a kit, and not again for a set', function (): void {
    $athlete = addAthlete($this);
    $exercise = exercise($this->bar, $this->bands[2]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    logSession($this, $athlete, $exercise, [8]);
    $kept = DB::table('kept_answers')->count();
    logSession($this, $athlete, $exercise, [8, 8]);
    $this->getJson("/api/v1/athletes/$athlete/ladder?lane=pull")->assertOk();

    expect(DB::table('kept_answers')->count())->toBe($kept);
    addBar($this, 2.2, 'Another bar');
    expect(DB::table('kept_answers')->where('kit_version', DB::table('gyms')->value('kit_version'))->count())->toBeGreaterThan(0)
        ->and(DB::table('kept_answers')->distinct()->count('kit_version'))->toBe(1);
});

it('offers where to begin after a first baseline, and keeps the set-up it was done on in sight', function (): void {
    $athlete = addAthlete($this);
    $this->postJson(
        "/api/v1/athletes/$athlete/sets",
        set($this, exercise($this->bar, $this->bands[3]), 9, purpose: 'baseline', reserve: 0),
    )->assertCreated();
    $ladder = $this->getJson("/api/v1/athletes/$athlete/ladder?lane=pull")->json();

    expect($ladder['tried']['exercise']['setup']['band_ids'])->toBe([$this->bands[3]])
        ->and($ladder['tried']['prediction']['reps'])->toBeGreaterThan(3.0)
        ->and($ladder['start']['prediction']['reps'])->toBeGreaterThan(5.0)->toBeLessThan(11.0);
});

it('leaves a call alone that did not change: gear saved as it was, other gear, a replay', function (): void {
    $athlete = addAthlete($this);
    $exercise = exercise($this->bar, $this->bands[2]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    logSession($this, $athlete, $exercise, [8, 8, 8]);
    $before = CallRecord::openOf($athlete)->getAttributes();
    $this->clock->passSeconds(3 * 86400);
    $version = DB::table('gyms')->value('kit_version');
    $this->putJson("/api/v1/gear/$this->bar", ['name' => 'Bar', 'figures' => ['kind' => 'bar', 'height_m' => 2.6]])->assertOk();
    expect(DB::table('gyms')->value('kit_version'))->toBe($version);
    addGear($this, 'Plate', ['kind' => 'plate', 'thickness_m' => 0.03]);
    $this->artisan('steady:replay')->assertSuccessful();

    expect(CallRecord::openOf($athlete)->getAttributes())->toBe($before);
    $this->putJson("/api/v1/calls/{$before['id']}/decision", ['version' => $before['version'], 'decision' => 'accepted'])->assertOk();
});

it('says on the call what changed with the gear', function (): void {
    $athlete = addAthlete($this);
    $exercise = exercise($this->bar, $this->bands[2]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    logSession($this, $athlete, $exercise, [8, 8, 8]);
    $down = collect($this->getJson("/api/v1/athletes/$athlete/ladder?lane=pull")->json('below.exercise.setup.band_ids'))->first();
    $this->putJson("/api/v1/bands/$down/retirement", ['retired' => true])->assertOk();
    $call = $this->getJson("/api/v1/athletes/$athlete")->json('call');

    expect($call['version'])->toBe(4)->and($call['changed'])->toContain('The gear changed')->toContain('rung below was Band 64')
        ->and(Athlete::query()->findOrFail($athlete)->chosen?->key())->toContain($this->bands[2]);
});

it('shows who looks before the calls are made anew the call on the gear there is, and makes it once', function (): void {
    $athlete = addAthlete($this);
    $exercise = exercise($this->bar, $this->bands[2]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    logSession($this, $athlete, $exercise, [8, 8, 8]);
    $band = Band::query()->findOrFail($this->bands[2]);
    app(CurrentGym::class)->enter($band->gym_id);
    app(ChangeGear::class)->change($band, ['retired_at' => now()]); // killed before it came to the calls
    $call = $this->getJson("/api/v1/athletes/$athlete")->json('call');
    app(RemakeCalls::class)->now();

    expect($call['changed'])->toContain('the set-up in use was Band 32')
        ->and($this->getJson("/api/v1/athletes/$athlete")->json('call.version'))->toBe($call['version']);
});

it('makes a new call for a correction after a decision', function (): void {
    $athlete = addAthlete($this);
    $exercise = exercise($this->bar, $this->bands[2]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    $set = set($this, $exercise, 8);
    $this->postJson("/api/v1/athletes/$athlete/sets", $set)->assertCreated();
    $call = $this->getJson("/api/v1/athletes/$athlete")->json('call');
    $this->clock->passSeconds(60);
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted'])->assertOk();
    $this->getJson("/api/v1/athletes/$athlete")->assertJsonPath('call', null)->assertJsonPath('decided.decision', 'accepted');
    $this->getJson('/api/v1/athletes')->assertJsonPath('items.0.decided', 'accepted')->assertJsonPath('items.0.verdict', 'stay');

    $this->clock->passSeconds(60);
    $this->postJson(
        "/api/v1/athletes/$athlete/sets",
        ['replaces_id' => $set['id'], 'id' => uuid(), 'clean_reps' => 5] + $set,
    )->assertCreated();
    $this->getJson("/api/v1/athletes/$athlete")->assertJsonPath('call.call.verdict', 'stay')->assertJsonPath(
        'call.call.reasons.0.text',
        'Last session on this set-up: 5 clean.',
    );
});

it('takes a decision back for a minute, and the set-up with it', function (): void {
    $athlete = addAthlete($this);
    $exercise = exercise($this->bar, $this->bands[2]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    foreach ([1, 3] as $day) {
        $this->clock->set("2026-03-0{$day}T18:00:00Z");
        logSession($this, $athlete, $exercise, [10, 10, 10], 3);
    }
    $call = $this->getJson("/api/v1/athletes/$athlete")->json('call');
    $accept = fn () => $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['version' => $call['version'], 'decision' => 'accepted'],
    )->assertOk();
    $accept();
    $this->getJson("/api/v1/athletes/$athlete")->assertJsonPath('rung.key', $call['call']['next']['key']);
    $this->deleteJson("/api/v1/calls/{$call['id']}/decision")->assertOk()->assertJsonPath('decision', null);
    $this->deleteJson("/api/v1/calls/{$call['id']}/decision")->assertOk();
    $this->getJson("/api/v1/athletes/$athlete")->assertJsonPath(
        'rung.key',
        $call['call']['from']['key'],
    )->assertJsonPath('call.id', $call['id']);

    $accept();
    $this->clock->passSeconds(61);
    $this->deleteJson("/api/v1/calls/{$call['id']}/decision")->assertStatus(409);
});

it('refuses an override that contradicts itself: a climb to nothing, to less, a step down to more, or a hold', function (): void {
    $athlete = addAthlete($this);
    $exercise = exercise($this->bar, $this->bands[2]);
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    logSession($this, $athlete, $exercise, [8]);
    $call = $this->getJson("/api/v1/athletes/$athlete")->json('call');
    $override = fn (string $verdict, ?array $to) => $this->putJson(
        "/api/v1/calls/{$call['id']}/decision",
        ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => $verdict, 'exercise' => $to, 'reason' => 'So'],
    );

    $override('climb', null)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/exercise');
    $override('climb', exercise($this->bar, $this->bands[4]))->assertStatus(422);
    $override('step-down', exercise($this->bar, $this->bands[0]))->assertStatus(422);
    $override('stay', ['kind' => 'hold', 'at' => 'hang', 'seconds' => 30])->assertStatus(422);
    $override('climb', exercise($this->bar, $this->bands[1]))->assertOk();
});
