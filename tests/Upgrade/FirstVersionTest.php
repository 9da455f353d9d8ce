<?php

declare(strict_types=1);

use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use Illuminate\Support\Facades\DB;

const ALDITH = '/api/athletes/01900000-0000-7000-8000-000000000100';
const FENWICK = '/api/athletes/01900000-0000-7000-8000-000000000105';
const GWENDRA = '/api/athletes/01900000-0000-7000-8000-000000000106';

beforeEach(function (): void {
    $coach = User::query()->where('email', 'coach@hollowbrook.example')->firstOrFail();
    app(CurrentGym::class)->enter($coach->gym_id);
    $this->actingAs($coach)->withHeaders(['Accept' => 'application/json', 'Origin' => 'http://127.0.0.1:8080']);
});

it('keeps every row, and fills what the new columns ask', function (): void {
    $dump = (string) gzdecode((string) file_get_contents(__DIR__.'/first-version.sql.gz'));
    preg_match_all("/INSERT INTO public\\.logged_sets VALUES(.*?);\n/s", $dump, $inserts);
    $rows = array_sum(array_map(fn (string $values): int => preg_match_all('/^\\s*\\(\'/m', $values), $inserts[1]));

    expect(DB::table('logged_sets')->count())->toBe($rows)->toBeGreaterThan(60)
        ->and(DB::table('logged_sets')->whereNotNull('exercise')->whereNull('setup_key')->count())->toBe(0)
        ->and(DB::table('set_bands')->count())->toBeGreaterThan(20)
        ->and(DB::table('logged_sets')->where('held_at', 'hang')->count())->toBe(3)
        ->and(Gym::query()->sole()->is_demo)->toBeTrue();
});

it('shows athletes, logs, calls and the kit as before', function (): void {
    $this->getJson('/api/athletes')->assertOk()->assertJsonCount(3, 'items')->assertJsonPath('items.0.damaged', false);
    $this->getJson('/api/kit')->assertOk()->assertJsonCount(8, 'bands')->assertJsonPath('damaged', []);
    foreach ([ALDITH, FENWICK, GWENDRA] as $athlete) {
        $this->getJson($athlete)->assertOk();
        $this->getJson("$athlete/sets")->assertOk()->assertJsonPath('items.0.damaged', false);
        $this->getJson("$athlete/calls")->assertOk();
    }
    $this->getJson(ALDITH)->assertJsonPath('call.call.verdict', 'climb')->assertJsonPath('call.call.nearly', []);
    $this->getJson(FENWICK)->assertJsonPath('pain.place', 'elbow');
    expect(DB::table('athletes')->pluck('pain')->implode(''))->not->toBe('')->not->toContain('elbow');
    $this->getJson('/api/calls')->assertOk()->assertJsonPath('damaged', []);
});

it('answers a set that is sent again as stored, and refuses another one under its id', function (): void {
    foreach (DB::table('logged_sets')->where('athlete_id', basename(ALDITH))->orderBy('id')->limit(12)->get() as $row) {
        $body = array_filter([
            'id' => $row->id,
            'performed_at' => (new DateTimeImmutable(
                $row->performed_at,
            ))->setTimezone(new DateTimeZone('Europe/Paris'))->format(DATE_RFC3339),
            'purpose' => $row->purpose,
            'exercise' => $row->exercise === null ? null : ['setup' => json_decode((string) $row->exercise, true)],
            'clean_reps' => $row->clean_reps,
            'no_counts' => json_decode((string) $row->no_counts, true) ?: null,
            'reserve' => $row->reserve,
            'hang_s' => $row->hang_s === null ? null : (float) $row->hang_s,
        ], fn (mixed $v): bool => $v !== null);

        $this->postJson(ALDITH.'/sets', $body)->assertOk();
        $this->postJson(GWENDRA.'/sets', $body)->assertStatus(409);
        $this->postJson(ALDITH.'/sets', ['purpose' => $row->purpose === 'work' ? 'baseline' : 'work'] + $body)->assertStatus(409);
    }
});

it('logs on: a set, its capacity, its call', function (): void {
    $athlete = $this->getJson(GWENDRA)->json();
    $set = [
        'id' => '01900000-0000-7000-8000-00000000ffff',
        'performed_at' => gmdate(DATE_RFC3339),
        'purpose' => 'work',
        'exercise' => $athlete['rung']['exercise'],
        'clean_reps' => 7,
        'reserve' => 1,
    ];

    $this->postJson(GWENDRA.'/sets', $set)->assertCreated();
    $this->getJson(GWENDRA)->assertJsonPath('row_capacity.on', gmdate('Y-m-d'))->assertJsonPath(
        'call.version',
        fn (int $v): bool => $v >= 1,
    );
    $this->getJson(ALDITH.'/ladder?lane=pull')->assertOk()->assertJsonPath('now.key', fn (string $key): bool => $key !== '');
});
