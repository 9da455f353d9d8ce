<?php

declare(strict_types=1);

use App\Models\Gym\Role;
use Illuminate\Auth\AuthManager;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->setUp = function (): array {
        $secret = (string) $this->postJson('/api/v1/second-factor')->assertCreated()->json('secret');
        $codes = $this->putJson('/api/v1/second-factor', ['code' => phoneCode($secret, $this->clock->now())])->assertOk()->json('codes');
        $this->clock->passSeconds(60);

        return [$secret, $codes];
    };
    $this->signIn = fn (?string $code, string $password = 'right-password') => $this->postJson(
        '/api/v1/sign-in',
        ['email' => 'coach@one.example', 'password' => $password, ...$code === null ? [] : ['code' => $code]],
    );
});

it('asks for a code once the phone has shown a right one, and takes each code once', function (): void {
    $secret = (string) $this->postJson('/api/v1/second-factor')->json('secret');
    ($this->signIn)(null)->assertOk();
    $this->putJson('/api/v1/second-factor', ['code' => '000000'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/code');
    $this->putJson('/api/v1/second-factor', ['code' => $first = phoneCode($secret, $this->clock->now())])->assertOk()->assertJsonCount(10, 'codes');
    $this->getJson('/api/v1/me')->assertJsonPath('second_factor', true)->assertJsonPath('recovery_codes', 10);
    $this->app->make(AuthManager::class)->forgetGuards();

    ($this->signIn)(null)->assertStatus(422)->assertJsonPath('code', 'code-needed');
    ($this->signIn)(null, 'wrong-password')->assertStatus(422)->assertJsonPath('code', 'wrong-sign-in');
    ($this->signIn)($first)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/code');
    $this->clock->passSeconds(30);
    ($this->signIn)($code = phoneCode($secret, $this->clock->now()))->assertOk();
    ($this->signIn)($code)->assertStatus(422);
    $this->clock->passSeconds(90);
    ($this->signIn)(phoneCode($secret, $this->clock->now()->modify('-2 minutes')))->assertStatus(422);
    ($this->signIn)(phoneCode($secret, $this->clock->now()->modify('-30 seconds')))->assertOk();
});

it('takes a recovery code once instead, and keeps neither them nor the secret readable', function (): void {
    [$secret, $codes] = ($this->setUp)();
    $kept = json_encode(DB::table('users')->get());
    expect($kept)->not->toContain($secret)->not->toContain($codes[0])->and(array_unique($codes))->toHaveCount(10);
    $this->getJson('/api/v1/me')->assertDontSee($secret);
    $this->app->make(AuthManager::class)->forgetGuards();
    ($this->signIn)($codes[3])->assertOk()->assertJsonPath('recovery_codes', 9);
    ($this->signIn)($codes[3])->assertStatus(422);
});

it('slows down guesses at the code', function (): void {
    ($this->setUp)();
    $this->app->make(AuthManager::class)->forgetGuards();
    foreach (range(1, 5) as $i) {
        ($this->signIn)("00000$i")->assertStatus(422);
    }
    ($this->signIn)('000006')->assertStatus(429);
});

it('is ended with a code as proof, or by the owner for who lost theirs', function (): void {
    [$secret] = ($this->setUp)();
    $this->postJson('/api/v1/second-factor')->assertStatus(403);
    $this->postJson('/api/v1/second-factor/end', ['code' => '123456'])->assertStatus(422);
    $this->postJson('/api/v1/second-factor/end', ['code' => phoneCode($secret, $this->clock->now())])->assertNoContent();
    ($this->signIn)(null)->assertOk();

    ($this->setUp)();
    $this->deleteJson("/api/v1/staff/{$this->coach->id}/second-factor")->assertStatus(403)->assertJsonPath('code', 'not-allowed');
    $this->signInAs(colleague($this->coach, Role::Owner))->deleteJson("/api/v1/staff/{$this->coach->id}/second-factor")->assertOk();
    ($this->signIn)(null)->assertOk();
});

it('does not open an account with a second factor by a link to a new password alone', function (): void {
    ($this->setUp)();
    $token = passwordLink($this->coach);
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->withHeader('Password-Link', $token)->putJson('/api/v1/password-link', ['password' => 'a longer one'])->assertNoContent();
    $this->getJson('/api/v1/me')->assertStatus(401);
    ($this->signIn)(null, 'a longer one')->assertStatus(422)->assertJsonPath('code', 'code-needed');
});
