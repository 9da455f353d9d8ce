<?php

declare(strict_types=1);

use App\Actions\Scripts\GiveToken;
use App\Models\Audit\AuditEntry;
use App\Models\Gym\Role;
use App\Models\Scripts\ApiToken;
use Illuminate\Support\Facades\DB;

require_once __DIR__.'/../Support/everyRoute.php';

/** What of the API's routes a script is refused for want of a scope, and what for want of a person who signed in. */
function refusedToScript(Tests\ApiTestCase $test, string ...$scopes): array
{
    $athlete = addAthlete($test);
    asScript($test, addToken($test, $scopes)[0]);
    $refused = ['not-allowed' => [], 'signed-out' => []];
    foreach (everyRoute() as [$method, $path]) {
        if (in_array($path, PUBLIC_ROUTES, true) || isOpenedByHolder($path)) {
            continue;
        }
        app('auth')->forgetGuards();
        $answer = $test->json($method, (string) preg_replace('/\{\w+\}/', uuid(), str_replace('{athlete}', $athlete, $path)));
        $code = json_decode((string) $answer->getContent())->code ?? '';
        if (isset($refused[$code])) {
            $refused[$code][] = "$method $path";
        }
        DB::table('sign_in_delays')->delete();
    }

    return $refused;
}

it('lets a script log a set and read the call, in the name of who made its token', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    [$token, $id] = addToken($this, ['read', 'log']);
    asScript($this, $token);

    $this->getJson('/api/v1/me')->assertOk()->assertJsonPath('rights', ['log']);
    $this->postJson("/api/v1/athletes/$athlete/sets", set($this, exercise($bar, $band), 5))->assertCreated();
    $this->getJson("/api/v1/athletes/$athlete")->assertOk()->assertJsonPath('id', $athlete);

    $row = DB::table('api_tokens')->where('id', $id)->first();
    expect($row->token)->toBe(hash('sha256', $token))->and(strlen($token))->toBeGreaterThan(40)
        ->and($row->used_at)->not->toBeNull();
    $this->clock->passSeconds(30);
    $this->getJson('/api/v1/me')->assertOk();
    expect(DB::table('api_tokens')->value('used_at'))->toBe($row->used_at);
    $this->clock->passSeconds(31);
    $this->getJson('/api/v1/me')->assertOk();
    expect(DB::table('api_tokens')->value('used_at'))->not->toBe($row->used_at);
});

it('tells a token again where the same command comes again, and nothing under its id otherwise', function (): void {
    $body = ['id' => uuid(), 'name' => 'Door', 'scopes' => ['read'], 'days' => 7];
    $token = $this->postJson('/api/v1/tokens', $body)->assertCreated()->json('token');

    $this->postJson('/api/v1/tokens', $body)->assertOk()->assertJsonPath('token', $token);
    $this->postJson('/api/v1/tokens', ['scopes' => ['log']] + $body)->assertStatus(409);
    $this->postJson('/api/v1/tokens', ['id' => uuid(), 'scopes' => []] + $body)->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/scopes');
    $this->postJson('/api/v1/tokens', ['id' => uuid(), 'scopes' => ['gym']] + $body)->assertStatus(422);
    $this->getJson('/api/v1/tokens')->assertJsonCount(1, 'items')->assertJsonPath('items.0.by', 'Coach')->assertJsonPath('items.0.open', true);
});

it('holds every route to the scope it needs', function (string $scope, array $may): void {
    [$notAllowed, $signedOut] = array_values(refusedToScript($this, $scope));
    $all = array_map(fn (array $r): string => implode(' ', $r), everyRoute());

    foreach ($may as $route) {
        expect($all)->toContain($route)->and($notAllowed)->not->toContain($route)->and($signedOut)->not->toContain($route);
    }
    $others = ['PUT /api/v1/house-rules', 'POST /api/v1/bands', 'POST /api/v1/deeds', 'GET /api/v1/export', 'POST /api/v1/athletes',
        'GET /api/v1/athletes/{athlete}/screenings', 'GET /api/v1/calls'];
    foreach (array_diff($others, $may) as $route) {
        expect($notAllowed)->toContain($route);
    }
})->with([
    ['read', ['GET /api/v1/calls', 'GET /api/v1/athletes', 'GET /api/v1/kit', 'GET /api/v1/log']],
    ['log', ['POST /api/v1/deeds', 'POST /api/v1/athletes/{athlete}/sets', 'POST /api/v1/athletes/{athlete}/weighings']],
    ['coach', ['POST /api/v1/athletes', 'PUT /api/v1/calls/{call}/decision', 'POST /api/v1/classes']],
    ['health', ['POST /api/v1/athletes/{athlete}/screenings', 'POST /api/v1/athletes/{athlete}/clearances']],
    ['kit', ['POST /api/v1/bands', 'PUT /api/v1/gear/{gear}']],
    ['rules', ['PUT /api/v1/house-rules', 'PUT /api/v1/caps']],
    ['records', ['POST /api/v1/imports']],
]);

it('keeps what is a person’s with people, whatever the scopes', function (): void {
    $refused = refusedToScript($this, 'read', 'log', 'coach', 'health', 'kit', 'rules', 'records');
    $peoples = [...OWN_ACCOUNT, 'GET /api/v1/sessions', ...array_filter(
        THE_OWNERS,
        fn (string $route): bool => ! str_contains($route, 'import') && ! str_contains($route, '/export'),
    )];

    expect($refused['signed-out'])->toEqualCanonicalizing($peoples)->and($refused['not-allowed'])->toBe([]);
});

it('is worth no more than who made it: their role of today, and nothing once they left', function (): void {
    $second = colleague($this->coach, Role::Owner);
    $token = addToken($this, ['read', 'coach', 'kit'])[0];
    $this->signInAs($second);
    $this->putJson("/api/v1/staff/{$this->coach->id}/role", ['role' => 'assistant'])->assertOk();
    asScript($this, $token)->postJson('/api/v1/gear', [])->assertForbidden();
    $this->getJson('/api/v1/me')->assertOk()->assertJsonPath('rights', []);

    $this->signInAs($second)->deleteJson("/api/v1/staff/{$this->coach->id}")->assertOk();
    asScript($this, $token)->getJson('/api/v1/me')->assertUnauthorized();
});

it('ends a token, and each by itself with its time', function (): void {
    [$ended, $id] = addToken($this, ['read']);
    $short = addToken($this, ['read'], 1)[0];
    $this->deleteJson("/api/v1/tokens/$id")->assertOk()->assertJsonPath('items.1.open', false);
    asScript($this, $ended)->getJson('/api/v1/me')->assertUnauthorized();
    asScript($this, $short)->getJson('/api/v1/me')->assertOk();
    $this->clock->passSeconds(86400);
    asScript($this, $short)->getJson('/api/v1/me')->assertUnauthorized();
});

it('has no more tokens open than it says', function (): void {
    for ($i = 0; $i < GiveToken::MOST_OPEN; $i++) {
        $last = addToken($this, ['read'])[1];
    }
    $body = ['id' => uuid(), 'name' => 'One more', 'scopes' => ['read'], 'days' => 7];
    $this->postJson('/api/v1/tokens', $body)->assertStatus(422);
    $this->deleteJson("/api/v1/tokens/$last")->assertOk();
    $this->postJson('/api/v1/tokens', $body)->assertCreated();
});

it('tells its limit in headers, and when a script may ask again', function (): void {
    config(['cache.limiter' => 'database']);
    $token = addToken($this, ['read'])[0];
    $this->getJson('/api/v1/me')->assertHeaderMissing('X-RateLimit-Limit'); // whoever signed in is not counted
    asScript($this, $token)->getJson('/api/v1/me')->assertHeader('X-RateLimit-Limit', (string) ApiToken::REQUESTS_A_MINUTE)
        ->assertHeader('X-RateLimit-Remaining', (string) (ApiToken::REQUESTS_A_MINUTE - 1));
    DB::table('cache')->where('key', 'not like', '%:timer')->update(['value' => serialize(ApiToken::REQUESTS_A_MINUTE)]);

    $refused = $this->getJson('/api/v1/me')->assertStatus(429)->assertJsonPath('code', 'too-many-tries')
        ->assertHeader('X-RateLimit-Remaining', '0');
    expect((int) $refused->headers->get('Retry-After'))->toBeGreaterThan(0)->toBeLessThanOrEqual(60);
    asScript($this, addTokenAs($this)[0])->getJson('/api/v1/me')->assertOk(); // each token by itself
});

/** Another token of the same gym, by somebody who signs in for it. */
function addTokenAs(Tests\ApiTestCase $test): array
{
    return addToken($test->signInAs((fn () => $this->coach)->call($test)), ['read']);
}

it('makes whoever guesses tokens wait, and nobody else', function (): void {
    $token = addToken($this, ['read'])[0];
    for ($i = 0; $i < 21; $i++) {
        asScript($this, str_repeat('a', 42).$i)->getJson('/api/v1/me')->assertUnauthorized();
    }
    asScript($this, 'once more')->getJson('/api/v1/me')->assertStatus(429)->assertHeader('Retry-After');
    $this->signInAs($this->coach)->getJson('/api/v1/me')->assertOk();
    $this->clock->passSeconds(20);
    asScript($this, $token)->getJson('/api/v1/me')->assertOk();
});

it('keeps in the trail by which script something was done', function (): void {
    $token = addToken($this, ['coach'])[0];
    asScript($this, $token)->postJson('/api/v1/athletes', [
        'id' => uuid(), 'name' => 'Zora', 'kind' => 'gym', 'mass_kg' => 60, 'stature_m' => 1.7,
    ])->assertCreated();

    expect(AuditEntry::query()->whereNotNull('token_id')->count())->toBe(1);
    $this->signInAs($this->coach)->getJson('/api/v1/audit')->assertOk()
        ->assertJsonPath('items.0.event', 'athlete-added')->assertJsonPath('items.0.script', 'Door counter')
        ->assertJsonPath('items.1.event', 'token-given')->assertJsonPath('items.1.script', null);
});
