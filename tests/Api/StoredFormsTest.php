<?php

declare(strict_types=1);

use App\Formats\Stored\Damaged;
use App\Formats\Stored\StoredCall;
use App\Formats\Stored\StoredCapacity;
use App\Formats\Stored\StoredExercise;
use App\Formats\Stored\StoredPain;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Support\Facades\DB;
use SteadyRung\Safety\PainPlace;

beforeEach(function (): void {
    [$this->athlete, $this->bar, $this->band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->exercise = exercise($this->bar, $this->band);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
    logSession($this, $this->athlete, $this->exercise, [8, 8]);
    $this->other = addAthlete($this, name: 'Bea');
});

it('passes over keys that a newer program kept', function (): void {
    DB::table('athletes')->where('id', $this->athlete)->update([
        'chosen' => json_encode($this->exercise['setup'] + ['v' => 9, 'wind_m_per_s' => 3]),
    ]);
    DB::statement(
        "UPDATE logged_sets SET exercise = exercise || '{\"wind\": 3}', pain = '{\"place\": \"fingers\", \"level\": 2, \"side\": \"left\"}', pain_told_at = logged_at",
    );
    DB::statement("UPDATE calls SET call = call || '{\"tide\": 1}'");

    $this->getJson('/api/v1/athletes')->assertOk()->assertJsonPath('items.0.damaged', false)->assertJsonPath(
        'items.0.setup_share',
        fn (float $share): bool => $share > 0.3,
    );
    $this->getJson("/api/v1/athletes/$this->athlete")->assertOk()->assertJsonPath('call.call.verdict', 'stay');
    $this->getJson("/api/v1/athletes/$this->athlete/sets")->assertOk()->assertJsonPath('items.0.pain.place', 'wrist');
});

it('marks what cannot be read in lists that still answer, and fails on its own page only', function (): void {
    $reported = [];
    $this->app->make(ExceptionHandler::class)->reportable(function (Damaged $fault) use (&$reported): bool {
        $reported[] = $fault->getMessage();

        return false;
    });
    DB::table('athletes')->where('id', $this->athlete)->update(['chosen' => '{"kind":"levitation"}']);
    DB::statement("UPDATE logged_sets SET exercise = '{\"kind\":\"levitation\"}'");
    DB::statement("UPDATE calls SET call = '{\"verdict\":\"soar\"}'");
    $gear = addGear($this, 'Odd', ['kind' => 'plate', 'thickness_m' => 0.05]);
    DB::table('gear')->where('id', $gear)->update(['figures' => '{"kind":"plate"}']);

    $this->getJson('/api/v1/athletes')
        ->assertOk()
        ->assertJsonCount(2, 'items')
        ->assertJsonPath('items.0.damaged', true)
        ->assertJsonPath('items.1.damaged', false);
    $this->getJson("/api/v1/athletes/$this->athlete/sets")
        ->assertOk()
        ->assertJsonCount(2, 'items')
        ->assertJsonPath('items.0.damaged', true)
        ->assertJsonPath('items.0.clean_reps', 8);
    $this->getJson('/api/v1/calls')->assertOk()->assertJsonPath('damaged.0.id', $this->athlete)->assertJsonPath('items', []);
    $this->getJson('/api/v1/kit')->assertOk()->assertJsonPath('damaged.0.name', 'Odd')->assertJsonCount(1, 'bands');
    $this->getJson("/api/v1/athletes/$this->other")->assertOk();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertStatus(500)->assertJsonPath('code', 'fault');

    expect($reported)->not->toBe([])->and(implode(' ', $reported))->not->toContain('levitation"}');
});

it('reads the calls and pains of the first program', function (): void {
    $first = json_encode([
        'rule' => 'otherwise', 'verdict' => 'stay', 'confidence' => 'fair', 'chance' => 0.9, 'reasons' => ['Last session: 8, 8.'], 'missing' => ['One more.'], 'between' => [], 'mixed' => null, 'cautions' => [],
        'next' => null, 'change_kg' => null, 'change_share' => null,
        'from' => ['key' => 'x', 'name' => 'Unassisted', 'choice' => ['kind' => 'strict'], 'prediction' => null, 'carried' => [
            'fits' => true, 'carried_kg' => ['bottom' => 70, 'mean' => 70, 'top' => 70], 'share' => ['bottom' => 1, 'mean' => 1, 'top' => 1], 'share_sd' => 0, 'ascent_share' => 1, 'rom_m' => 0.58, 'warnings' => [], 'share_range' => null,
        ]],
    ]);
    $call = StoredCall::read((string) $first);

    expect($call->reasons[0]->text)->toBe('Last session: 8, 8.')->and($call->from->key)->toBe('strict')->and($call->nearly)->toBe([])
        ->and(StoredExercise::read('{"kind":"hold","at":"top","seconds":20}')->key())->toBe('strict|hold@top:20.0')
        ->and(StoredPain::read('{"place":"fingers","level":4}')->place)->toBe(PainPlace::Wrist)
        ->and(fn () => StoredExercise::read('[]'))->toThrow(Damaged::class);
});

it('keeps the state of the filter to the last bit, and follows anew what another version or a fault left', function (): void {
    $kept = fn (): object => DB::table('capacity_states')->where('athlete_id', $this->athlete)->sole();
    $before = $kept()->state;
    $state = StoredCapacity::read($before, 20514);
    $share = fn (): float => $this->getJson("/api/v1/athletes/$this->athlete")->assertOk()->json('capacity.share');
    $shown = $share();
    expect(StoredCapacity::write($state))->toBe($before)->and($state->share())->toBe((float) $kept()->share);

    DB::table('capacity_states')->update(['state' => str_replace('"v":1', '"v":9', $before)]);
    expect($share())->toBe($shown);
    DB::table('capacity_states')->update(['state' => null]);
    expect($share())->toBe($shown);
    DB::table('capacity_states')->update(['state' => '{"v":1,"figures":"???"}']);
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, $this->exercise, 9, performed_at: '2026-03-01T17:00:00Z'),
    )->assertCreated();
    followLog();
    expect(DB::table('capacity_states')->where('athlete_id', $this->athlete)->whereNotNull('state')->count())->toBe(2);
});
