<?php

declare(strict_types=1);

use App\Models\Audit\AuditEntry;
use App\Models\Calls\CallRecord;
use App\Models\Gym\User;
use Illuminate\Auth\AuthManager;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Facades\DB;

require_once __DIR__.'/../Support/everyRoute.php';

/** A body each route would take, so that only the ids are wrong. */
function bodyFor(string $path, string $bar, string $band): array
{
    $exercise = exercise($bar, $band);

    return match (true) {
        str_ends_with($path, '/setup') => $exercise,
        str_ends_with($path, '/sets') => [
            'id' => uuid(),
            'performed_at' => '2026-03-02T17:00:00Z',
            'purpose' => 'work',
            'exercise' => $exercise,
            'clean_reps' => 8,
        ],
        str_ends_with($path, '/webhooks') => ['id' => uuid(), 'address' => 'https://example.org/', 'events' => ['set.logged']],
        str_ends_with($path, '/notes') => ['id' => uuid(), 'text' => 'Mine now'],
        str_ends_with($path, '/withdrawal') => ['id' => uuid()],
        str_ends_with($path, '/archive') => ['archived' => true],
        str_ends_with($path, '/screenings') => ['id' => uuid(), 'overhead' => 'level'],
        str_ends_with($path, '/consent') => ['id' => uuid(), 'born_on' => '1990-02-03', 'by' => 'athlete', 'words' => 'Any'],
        str_ends_with($path, '/pain') => ['id' => uuid(), 'pain' => ['place' => 'knee', 'level' => 2]],
        str_ends_with($path, '/clearances') => ['id' => uuid(), 'note' => 'Seen'],
        str_ends_with($path, '/decision') => ['version' => 1, 'decision' => 'accepted'],
        str_ends_with($path, '/role') => ['role' => 'assistant'],
        str_ends_with($path, '/retirement') => ['retired' => true],
        str_contains($path, '/classes') => [
            'id' => uuid(),
            'name' => 'Mine now',
            'first_on' => '2026-03-02',
            'at' => '18:00',
            'minutes' => 60,
        ],
        str_contains($path, '/gear') => ['name' => 'Mine now', 'figures' => ['kind' => 'bar', 'height_m' => 2.0]],
        str_ends_with($path, '/weighings') => ['id' => uuid(), 'weighed_on' => '2026-03-01', 'mass_kg' => 60],
        str_ends_with($path, '/inspections') => ['id' => uuid(), 'inspected_on' => '2026-03-01', 'finding' => 'nick'],
        str_contains($path, '/bands') => ['name' => 'Mine now', 'hung_length_m' => 1.0, 'width_mm' => 20, 'thickness_mm' => 4],
        default => ['name' => 'Mine now', 'kind' => 'gym', 'mass_kg' => 60, 'stature_m' => 1.7],
    };
}

it('needs a sign-in for every route but the sign-in and the health check', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $asked = 0;
    foreach (everyRoute() as [$method, $path]) {
        if (in_array($path, PUBLIC_ROUTES, true)) {
            continue;
        }
        $asked++;
        [$status, $code] = isOpenedByHolder($path) ? [410, 'link-ended'] : [401, 'signed-out'];
        $this->json($method, (string) preg_replace('/\{\w+\}/', uuid(), $path))->assertStatus($status)->assertJsonPath('code', $code);
    }

    expect($asked)->toBeGreaterThan(20);
});

it('answers 404 to another gym’s ids on every route, and changes nothing there', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    $set = set($this, exercise($bar, $band), 8);
    $this->postJson("/api/v1/athletes/$athlete/sets", $set)->assertCreated();
    $screening = uuid();
    $this->postJson("/api/v1/athletes/$athlete/screenings", ['id' => $screening, 'overhead' => 'level'])->assertCreated();
    $class = addClass($this);
    DB::table('sessions')->insert(['id' => 'theirs', 'user_id' => $this->coach->id, 'payload' => '', 'last_activity' => 1, 'began_at' => 1]);
    $this->postJson("/api/v1/athletes/$athlete/link", ['id' => uuid(), 'days' => 30])->assertCreated();
    $import = addPeopleFile($this);
    followLog();
    $ids = [
        'ticket' => 'x',
        'entry' => AuditEntry::query()->firstOrFail()->id,
        'note' => addNote($this, $athlete),
        'token' => addToken($this, ['read'])[1],
        'webhook' => addWebhook($this, ['set.logged']),
        'class' => $class,
        'on' => '2026-03-02',
        'athlete' => $athlete,
        'screening' => $screening,
        'gear' => $bar,
        'band' => $band,
        'set' => $set['id'],
        'weighing' => $athlete,
        'recomputation' => $this->postJson('/api/v1/recomputations', ['id' => uuid(), 'athlete_id' => $athlete])->json('id'),
        'off' => $athlete,
        'import' => $import,
        'member' => $this->coach->id,
        'session' => hash('sha256', 'theirs'),
        'method' => 'not-theirs',
        'call' => CallRecord::query()->firstOrFail()->id,
    ];
    $answers = fn (): array => array_map(
        fn (string $path) => $this->getJson($path)->json(),
        ["/api/v1/athletes/$athlete", '/api/v1/kit', '/api/v1/calls'],
    );
    $before = $answers();

    $this->signInAs($this->makeCoach('coach@two.example'));
    [$ownBar, $ownBand] = [addBar($this), addBand($this)];
    $linked = addAthlete($this);
    $link = $this->postJson("/api/v1/athletes/$linked/link", ['id' => uuid(), 'days' => 30])->assertCreated()->json('path');
    $this->putJson('/api/v1/settings/athletes-tell', ['tells' => ['sets', 'pain', 'soreness', 'coming']])->assertOk();
    $this->withHeader('Athlete-Link', substr((string) $link, strlen('/my#')));
    $asked = 0;
    foreach (everyRoute() as [$method, $path]) {
        if (! str_contains($path, '{') || str_starts_with($path, '/api/v1/calendars')) {
            continue;
        }
        $asked++;
        $address = (string) preg_replace_callback('/\{(\w+)\}/', fn (array $m): string => $ids[$m[1]], $path);
        $this->json($method, $address, $method === 'GET' ? [] : bodyFor($path, $ownBar, $ownBand))
            ->assertStatus(404);
    }
    expect($asked)->toBeGreaterThan(22);
    foreach (['/pain/undoing' => ['told_id' => $set['id']], '/coming' => ['class_id' => $class, 'on' => '2026-03-02', 'coming' => true, 'told_at' => '2026-03-02T17:00:00Z']] as $path => $body) {
        $this->postJson("/api/v1/my$path", ['id' => uuid(), ...$body])->assertNotFound();
    }

    // Another gym's gear cannot be used either, and its set ids say nothing.
    $own = addAthlete($this);
    $this->putJson("/api/v1/athletes/$own/setup", exercise($bar, $band))->assertStatus(422);
    $this->getJson("/api/v1/athletes/$own/scale?band=$band")->assertNotFound();
    $this->postJson(
        '/api/v1/bench/curve',
        ['band' => ['name' => 'B', 'hung_length_m' => 1, 'width_mm' => 29, 'thickness_mm' => 4.5], 'athlete_id' => $athlete],
    )->assertNotFound();
    $this->postJson("/api/v1/athletes/$own/sets", set($this, exercise($ownBar, $ownBand), 5, replaces_id: $set['id']))->assertNotFound();
    $this->postJson("/api/v1/athletes/$own/sets", ['id' => $set['id']] + set($this, exercise($ownBar, $ownBand), 5))->assertCreated();
    $this->getJson('/api/v1/athletes')->assertJsonCount(2, 'items');

    $this->signInAs($this->coach);
    expect($answers())->toBe($before);
});

it('answers 404 to ids that are none', function (string $id): void {
    $this->getJson("/api/v1/athletes/$id")->assertNotFound();
})->with(['1', 'abc', '01900000-0000-7000-8000-00000000000g', '..%2f', '%00', '01900000-0000-7000-8000-000000000001%0a']);

it('signs in with the right password only, and keeps the password to itself', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->postJson(
        '/api/v1/sign-in',
        ['email' => 'coach@one.example', 'password' => 'wrong'],
    )->assertStatus(422)->assertJsonPath('code', 'wrong-sign-in');
    $this->postJson('/api/v1/sign-in', ['email' => 'COACH@one.example', 'password' => 'right-password'])->assertOk()
        ->assertJsonPath('email', 'coach@one.example')->assertJsonMissingPath('password');
    $this->getJson('/api/v1/me')->assertOk();
    $this->postJson('/api/v1/sign-out')->assertNoContent();

    expect(User::query()->firstOrFail()->password)->not->toContain('right-password');
});

it('slows down wrong passwords for an account, longer each time, and tells how long', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $try = fn (string $password, string $email = 'coach@one.example') => $this->postJson(
        '/api/v1/sign-in',
        ['email' => $email, 'password' => $password],
    );
    foreach (range(1, 5) as $ignored) {
        $try('wrong')->assertStatus(422);
    }
    $waits = [];
    foreach (range(1, 4) as $ignored) {
        $waits[] = $wait = (int) $try('right-password')->assertStatus(429)->assertJsonPath(
            'code',
            'too-many-tries',
        )->headers->get('Retry-After');
        $this->clock->passSeconds($wait + 1);
        $try('wrong')->assertStatus(422);
    }
    expect($waits)->toBe([8, 16, 32, 64]);

    $this->clock->passSeconds(130);
    $try('right-password')->assertOk();
});

it('does not lock an account out on a device that knows it, nor by an address as its name', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $try = fn (string $password, string $email = 'coach@one.example') => $this->postJson(
        '/api/v1/sign-in',
        ['email' => $email, 'password' => $password],
    );
    $device = $try('right-password')->assertOk()->getCookie('steady-rung-device', false)?->getValue();
    foreach (range(1, 5) as $ignored) {
        $try('wrong', '127.0.0.1')->assertStatus(422);
        $try('wrong')->assertStatus(422);
    }
    $try('right-password')->assertStatus(429);

    $this->withCredentials()->withUnencryptedCookie('steady-rung-device', (string) $device);
    $try('right-password')->assertOk();
});

it('slows an address down that tries many accounts, and forgets it after a day', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $try = fn (string $email) => $this->postJson('/api/v1/sign-in', ['email' => $email, 'password' => 'wrong']);
    foreach (range(1, 21) as $i) {
        $try("somebody$i@else.example")->assertStatus(422);
    }
    $try('one-more@else.example')->assertStatus(429);
    $this->clock->passSeconds(2 * 86400);
    $try('again@else.example')->assertStatus(422);

    expect(DB::table('sign_in_delays')->count())->toBe(2);
});

it('locks nobody out where they are known, whatever their address is slowed down for, and slows guesses on a known device too', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $try = fn (string $password, string $email = 'coach@one.example') => $this->postJson(
        '/api/v1/sign-in',
        ['email' => $email, 'password' => $password],
    );
    $device = $try('right-password')->assertOk()->getCookie('steady-rung-device', false)?->getValue();
    foreach (range(1, 21) as $i) {
        $try('wrong', "somebody$i@else.example")->assertStatus(422);
    }
    $try('right-password')->assertStatus(429);
    $this->withCredentials()->withUnencryptedCookie('steady-rung-device', (string) $device);
    $try('right-password')->assertOk();
    foreach (range(1, 5) as $ignored) {
        $try('wrong')->assertStatus(422);
    }
    $try('right-password')->assertStatus(429);
});

it('makes nobody wait for a clock that was set back', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->clock->passSeconds(30 * 86400);
    foreach (range(1, 6) as $ignored) {
        $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'wrong']);
    }
    $this->clock->passSeconds(-30 * 86400);
    $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'right-password'])->assertOk();
});

it('counts no right password against a gym whose coaches all sign in from one address', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    foreach (range(1, 25) as $ignored) {
        $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'right-password'])->assertOk();
    }
});

it('takes as long for an account that is not there, and takes any text as one', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $seen = [];
    $this->app->instance(Hasher::class, new class($seen) implements Hasher
    {
        /** @param  list<string>  $seen */
        public function __construct(private array &$seen)
        {
        }

        public function info($hashedValue): array
        {
            return [];
        }

        public function make($value, array $options = []): string
        {
            return $this->seen[] = password_hash($value, PASSWORD_BCRYPT, ['cost' => config('hashing.bcrypt.rounds')]);
        }

        public function check($value, $hashedValue, array $options = []): bool
        {
            $this->seen[] = $hashedValue;

            return false;
        }

        public function needsRehash($hashedValue, array $options = []): bool
        {
            return false;
        }
    });
    $this->postJson('/api/v1/sign-in', ['email' => 'nobody@else.example', 'password' => 'wrong'])->assertStatus(422);
    $this->postJson('/api/v1/sign-in', ['email' => str_repeat("'", 200), 'password' => 'wrong'])->assertStatus(422);

    $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'wrong'])->assertStatus(422);

    expect($seen)->toHaveCount(3)
        ->and(array_map(fn (string $hash): int => password_get_info($hash)['options']['cost'], $seen))->toBe([4, 4, 4]);
});

it('answers 401 to a token of any kind, and keeps every answer out of caches', function (): void {
    $this->getJson('/api/v1/athletes')->assertOk()->assertHeader('Cache-Control', 'no-store, private');
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->withHeaders(['Authorization' => 'Bearer 1|abc'])
        ->getJson('/api/v1/me')
        ->assertStatus(401)
        ->assertHeader('Cache-Control', 'no-store, private');
});

it('signs nobody in from a foreign page', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->withHeaders(['Origin' => 'https://elsewhere.example'])->postJson(
        '/api/v1/sign-in',
        ['email' => 'coach@one.example', 'password' => 'right-password'],
    )
        ->assertStatus(403)->assertJsonPath('code', 'foreign-origin');
});

it('tells its health without a sign-in, and its cautions with one', function (): void {
    $this->getJson('/api/v1/cautions')->assertOk()->assertJsonFragment(['code' => 'band-recoil']);
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->getJson('/api/v1/health')->assertOk()->assertJson(['application' => 'steady-rung', 'database' => true]);
});
