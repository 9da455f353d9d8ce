<?php

declare(strict_types=1);

use App\Mail\PasswordLinkMail;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

beforeEach(function (): void {
    $this->bea = ['id' => uuid(), 'name' => 'Bea', 'email' => 'Bea@one.example', 'role' => 'assistant'];
    $this->invite = fn (array $changes = []) => $this->postJson('/api/v1/staff', [...$this->bea, ...$changes]);
    $this->choose = fn (string $path, string $password) => $this
        ->withHeader('Password-Link', substr($path, strlen('/password#')))
        ->putJson('/api/v1/password-link', ['password' => $password]);
    $this->signIn = fn (string $email, string $password) => $this
        ->postJson('/api/v1/sign-in', ['email' => $email, 'password' => $password]);
});

it('takes somebody in from the invitation to their first set', function (): void {
    $athlete = addAthlete($this);
    $path = ($this->invite)()->assertCreated()->assertJsonPath('id', $this->bea['id'])->json('path');
    $this->getJson('/api/v1/staff')->assertJsonPath('items.*.invited', [true, false])->assertJsonPath('items.0.role', 'assistant');
    ($this->signIn)('bea@one.example', User::NO_PASSWORD)->assertStatus(422);
    $this->withHeader('Password-Link', substr((string) $path, strlen('/password#')))->getJson('/api/v1/password-link')
        ->assertOk()->assertExactJson(['name' => 'Bea', 'email' => 'bea@one.example', 'gym_name' => 'Gym of coach@one.example', 'purpose' => 'invitation']);
    ($this->choose)($path, 'short')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
    ($this->choose)($path, 'chalk on the hands')->assertNoContent();
    ($this->choose)($path, 'and another one')->assertStatus(410)->assertJsonPath('code', 'link-ended');

    ($this->signIn)('bea@one.example', 'chalk on the hands')->assertOk()->assertJsonPath('role', 'assistant');
    $this->signInAs(User::query()->findOrFail($this->bea['id']));
    $this->postJson("/api/v1/athletes/$athlete/sets", set($this, null, 0, clean_reps: null, reserve: null, hang_s: 20, purpose: 'baseline'))
        ->assertCreated()->assertJsonPath('by', $this->bea['id']);
});

it('mails the invitation, with a link that no queue knew', function (): void {
    Mail::fake();
    ($this->invite)()->assertCreated();
    expect((string) DB::table('jobs')->value('payload'))->not->toContain('#')->not->toContain('password');
    workOff();
    Mail::assertSent(PasswordLinkMail::class, function (PasswordLinkMail $mail): bool {
        $mail->assertTo('bea@one.example');
        $mail->assertHasSubject('You are invited to Gym of coach@one.example');
        $mail->assertSeeInText('as an assistant');
        ($this->choose)((string) strstr($mail->address, '/password#'), 'chalk on the hands')->assertNoContent();

        return true;
    });
});

it('asks again whoever did not come, and takes no wrong invitation', function (): void {
    foreach (['email' => 'bea', 'name' => '', 'id' => '7', 'role' => 'king'] as $field => $wrong) {
        ($this->invite)([$field => $wrong])->assertStatus(422)->assertJsonPath('errors.0.pointer', "/$field");
    }
    [$first, $second] = [($this->invite)()->json('path'), ($this->invite)(['role' => 'coach'])->assertCreated()->json('path')];
    expect($second)->not->toBe($first)->and(User::query()->count())->toBe(2);
    ($this->invite)(['email' => 'cy@one.example'])->assertStatus(409)->assertJsonPath('code', 'id-taken');
    ($this->choose)($second, 'chalk on the hands')->assertNoContent();
    ($this->choose)($first, 'chalk on the hands')->assertStatus(410);
    ($this->invite)()->assertStatus(422)->assertJsonPath('errors.0.pointer', '/email');
});

it('ends an invitation after a week', function (): void {
    $path = ($this->invite)()->json('path');
    $this->clock->passSeconds(7 * 86400);
    ($this->choose)($path, 'chalk on the hands')->assertStatus(410);
});

it('changes a role, and signs out who leaves, whose sets stay theirs', function (): void {
    $bea = colleague($this->coach, Role::Coach);
    DB::table('sessions')->insert(['id' => 'hers', 'user_id' => $bea->id, 'payload' => '', 'last_activity' => 1, 'began_at' => 1]);
    $this->putJson("/api/v1/staff/$bea->id/role", ['role' => 'assistant'])->assertOk()->assertJsonPath('items.0.role', 'assistant');
    $link = passwordLink($bea);
    $this->deleteJson("/api/v1/staff/$bea->id")->assertOk()->assertJsonPath('items.1.name', 'Bea')
        ->assertJsonPath('items.1.invited', false);
    $this->deleteJson("/api/v1/staff/$bea->id")->assertOk();

    expect(DB::table('sessions')->where('user_id', $bea->id)->count())->toBe(0);
    ($this->signIn)('bea@one.example', 'chalk on the hands')->assertStatus(422);
    ($this->choose)("/password#$link", 'chalk on the hands')->assertStatus(410);
    ($this->invite)(['id' => uuid(), 'role' => 'coach'])->assertCreated()->assertJsonPath('id', $bea->id);
    $this->getJson('/api/v1/staff')->assertJsonPath('items.0.left_at', null);
});

it('leaves no gym without an owner who can sign in', function (): void {
    $last = fn ($answer) => $answer->assertStatus(409)->assertJsonPath('code', 'last-owner');
    $last($this->putJson("/api/v1/staff/{$this->coach->id}/role", ['role' => 'coach']));
    $last($this->deleteJson("/api/v1/staff/{$this->coach->id}"));
    ($this->invite)(['role' => 'owner'])->assertCreated();
    $last($this->deleteJson("/api/v1/staff/{$this->coach->id}"));
    colleague($this->coach, Role::Owner, 'cy@one.example');
    $this->putJson("/api/v1/staff/{$this->coach->id}/role", ['role' => 'coach'])->assertOk();
});

it('tells nothing of other gyms: one address may have an account in each', function (): void {
    $this->makeCoach('bea@two.example');
    $path = ($this->invite)(['email' => 'bea@two.example'])->assertCreated()->json('path');
    ($this->choose)($path, 'chalk on the hands')->assertNoContent();
    $gym = fn (string $password): ?string => ($this->signIn)('bea@two.example', $password)->json('gym_name');

    expect($gym('chalk on the hands'))->toBe('Gym of coach@one.example')
        ->and($gym('right-password'))->toBe('Gym of bea@two.example')
        ->and($gym('neither of them'))->toBeNull();
    $this->signInAs($this->makeCoach('coach@three.example'))->getJson('/api/v1/staff')->assertOk()->assertJsonCount(1, 'items');
});

it('lists where one is signed in, and ends one of them', function (): void {
    $row = fn (string $id, int $seen): array => [
        'id' => $id, 'user_id' => $this->coach->id, 'payload' => '', 'last_activity' => $seen, 'began_at' => 5, 'agent' => "Browser $id",
    ];
    DB::table('sessions')->insert([$row('one', 10), $row('two', 20)]);
    $items = $this->getJson('/api/v1/sessions')->assertOk()->assertJsonPath('items.*.agent', ['Browser two', 'Browser one'])->json('items');
    expect(array_column($items, 'id'))->not->toContain('one')->and(array_column($items, 'here'))->toBe([false, false]);
    $this->deleteJson("/api/v1/sessions/{$items[0]['id']}")->assertNoContent();
    $this->deleteJson("/api/v1/sessions/{$items[0]['id']}")->assertNotFound();

    expect(DB::table('sessions')->pluck('id')->all())->toBe(['one']);
});

it('shows the letters of the demo, and of no other gym', function (): void {
    $this->getJson('/api/v1/mailbox')->assertNotFound();
    DB::table('gyms')->update(['is_demo' => true]);
    $this->getJson('/api/v1/mailbox')->assertNotFound();
    config(['mail.default' => 'mailbox']);
    $this->getJson('/api/v1/mailbox')->assertOk();
});
