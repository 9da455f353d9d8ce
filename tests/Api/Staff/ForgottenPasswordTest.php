<?php

declare(strict_types=1);

use App\Mail\PasswordLinkMail;
use App\Models\Gym\Role;
use Illuminate\Auth\AuthManager;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

beforeEach(function (): void {
    Mail::fake();
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->forget = fn (string $email) => $this->postJson('/api/v1/password-links', ['email' => $email]);
    $this->choose = fn (string $token, string $password) => $this->withHeader('Password-Link', $token)
        ->putJson('/api/v1/password-link', ['password' => $password]);
});

it('mails a link by which a new password is chosen, and signs out everywhere', function (): void {
    DB::table('sessions')->insert(['id' => 'old', 'user_id' => $this->coach->id, 'payload' => '', 'last_activity' => 1, 'began_at' => 1]);
    ($this->forget)('COACH@one.example')->assertNoContent();
    workOff();
    Mail::assertSentCount(1);
    $mail = Mail::sent(PasswordLinkMail::class)->first();
    $mail->assertSeeInText('for one hour')->assertSeeInText('http');
    ($this->choose)(substr((string) strstr($mail->address, '#'), 1), 'a longer one')->assertNoContent();

    expect(DB::table('sessions')->where('id', 'old')->exists())->toBeFalse();
    $signIn = fn (string $password) => $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => $password]);
    $signIn('right-password')->assertStatus(422);
    $signIn('a longer one')->assertOk();
});

it('answers alike whether there is an account or none, and mails those who are here, in each of their gyms', function (): void {
    $this->makeCoach('coach@one.example');
    $left = colleague($this->coach, Role::Coach);
    $left->fill(['left_at' => $this->clock->now()])->save();
    $answers = array_map(
        fn (string $email): array => [($this->forget)($email)->getStatusCode(), DB::table('jobs')->count()],
        ['nobody@one.example', 'bea@one.example', 'coach@one.example'],
    );
    workOff();

    expect($answers)->toBe([[204, 1], [204, 2], [204, 3]]);
    Mail::assertSentCount(2);
});

it('slows down who asks often, for an account and from an address', function (): void {
    foreach ([1, 2, 3] as $ignored) {
        ($this->forget)('coach@one.example')->assertNoContent();
    }
    ($this->forget)('coach@one.example')->assertStatus(429)->assertHeader('Retry-After');
    foreach (range(1, 18) as $i) {
        ($this->forget)("somebody$i@else.example")->assertNoContent();
    }
    ($this->forget)('somebody-new@else.example')->assertStatus(429);
});

it('opens nothing by a link that ended, was used, or was made up, and slows down guesses', function (): void {
    $old = passwordLink($this->coach);
    $this->clock->passSeconds(3600);
    [$one, $other] = [passwordLink($this->coach), passwordLink($this->coach)];
    ($this->choose)($old, 'a longer one')->assertStatus(410);
    ($this->choose)($one, 'a longer one')->assertNoContent();
    foreach ([$one, $other, '', "$one ", strtolower($one)] as $token) {
        ($this->choose)($token, 'yet another one')->assertStatus(410)->assertJsonPath('code', 'link-ended');
    }
    foreach (range(1, 18) as $i) {
        $this->withHeader('Password-Link', "guess $i")->getJson('/api/v1/password-link')->assertStatus(410);
    }
    $this->withHeader('Password-Link', passwordLink($this->coach))->getJson('/api/v1/password-link')->assertStatus(429);
});

it('keeps no link that a copy of the database would open', function (): void {
    $token = passwordLink($this->coach);

    expect(json_encode(DB::table('password_links')->get()))->not->toContain($token)->and(strlen($token))->toBe(43);
});

it('lets who has the machine let anybody in again, whatever they lost', function (): void {
    $this->coach->fill(['second_factor' => 'x', 'second_factor_at' => $this->clock->now()])->save();
    expect(Artisan::call('steady:let-in', ['email' => 'nobody@one.example']))->toBe(1)
        ->and(Artisan::call('steady:let-in', ['email' => 'Coach@one.example']))->toBe(0);
    preg_match('~/password#(\S+)~', Artisan::output(), $link);
    ($this->choose)($link[1], 'a longer one')->assertNoContent();
    $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'a longer one'])->assertOk();
});
