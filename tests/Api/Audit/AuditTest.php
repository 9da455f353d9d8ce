<?php

declare(strict_types=1);

use App\Models\Audit\AuditEntry;
use App\Models\Gym\Role;
use Illuminate\Auth\AuthManager;

beforeEach(function (): void {
    $this->trail = fn (int $most = 50): array => array_map(
        fn (array $e): array => [$e['event'], $e['by'], $e['about']],
        array_slice($this->getJson('/api/v1/audit')->assertOk()->json('items'), 0, $most),
    );
});

it('keeps who looked at and changed what of whose health, and who took what out', function (): void {
    $id = addAthlete($this, name: 'Ada');
    $bea = colleague($this->coach, Role::Coach);
    $this->signInAs($bea);
    $this->postJson("/api/v1/athletes/$id/screenings", ['id' => $screen = uuid(), 'overhead' => 'level'])->assertCreated();
    $this->getJson("/api/v1/athletes/$id/screenings/$screen")->assertOk();
    $this->postJson("/api/v1/athletes/$id/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertSuccessful();
    $this->postJson("/api/v1/athletes/$id/clearances", ['id' => uuid(), 'note' => 'Seen'])->assertSuccessful();
    $this->getJson("/api/v1/athletes/$id/export")->assertOk();
    $this->signInAs($this->coach)->getJson('/api/v1/export')->assertOk();

    expect(($this->trail)(6))->toBe([
        ['gym-exported', 'Coach', null],
        ['athlete-exported', 'Bea', 'Ada'],
        ['cleared', 'Bea', 'Ada'],
        ['pain-told', 'Bea', 'Ada'],
        ['screen-seen', 'Bea', 'Ada'],
        ['screen-taken', 'Bea', 'Ada'],
    ]);
});

it('keeps who signed in, who was invited, what role they got and who left', function (): void {
    $bea = colleague($this->coach, Role::Coach);
    $this->putJson("/api/v1/staff/$bea->id/role", ['role' => 'assistant'])->assertOk();
    $this->deleteJson("/api/v1/staff/$bea->id")->assertOk();
    $this->app->make(AuthManager::class)->forgetGuards();
    $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'wrong-password'])->assertStatus(422);
    $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'right-password'])->assertOk();

    expect(($this->trail)())->toBe([['signed-in', 'Coach', null], ['member-left', 'Coach', 'Bea'], ['role-changed', 'Coach', 'Bea']]);
});

it('keeps nothing of what was refused, nothing of a set, and shows no gym another’s', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this, name: 'Ada'), addBar($this), addBand($this)];
    $before = AuditEntry::query()->count();
    $this->postJson("/api/v1/athletes/$athlete/clearances", ['id' => 'x'])->assertStatus(422);
    $this->postJson("/api/v1/athletes/$athlete/sets", set($this, exercise($bar, $band), 8))->assertCreated();
    expect(AuditEntry::query()->count())->toBe($before)
        ->and(($this->trail)())->toBe([['band-changed', 'Coach', null], ['gear-changed', 'Coach', null], ['athlete-added', 'Coach', null]]);
    $this->signInAs($this->makeCoach('coach@two.example'));
    expect(($this->trail)())->toBe([]);
});

it('turns its pages', function (): void {
    foreach (range(1, 51) as $i) {
        app(App\Actions\Audit\NoteDone::class)->note(App\Formats\Audit\AuditEvent::SignedIn, $this->coach);
    }
    $this->getJson('/api/v1/audit')->assertJsonCount(50, 'items')->assertJsonPath('next_page', 2);
    $this->getJson('/api/v1/audit?page=2')->assertJsonCount(1, 'items')->assertJsonPath('next_page', null);
});
