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

it('keeps from what to what, of people, kit, roles, rules and settings', function (): void {
    $changed = fn (): array => array_map(
        fn (array $c): array => array_values($c),
        $this->getJson('/api/v1/audit')->assertOk()->json('items.0.changed'),
    );
    $particulars = ['name' => 'Ada', 'kind' => 'gym', 'mass_kg' => 70, 'stature_m' => 1.75, 'reach_m' => 2.1];
    $id = addAthlete($this);
    expect($changed())->toBe([]); // new, and nothing before it
    $this->putJson("/api/v1/athletes/$id", ['stature_m' => 1.8, 'tags' => ['evening']] + $particulars)->assertOk();
    expect($changed())->toBe([['stature_m', '1.75', '1.8'], ['tags', '', 'evening']]);
    $this->putJson("/api/v1/athletes/$id/archive", ['archived' => true])->assertOk();
    expect($changed())->toBe([['archived', 'no', 'yes']]);

    $bar = addBar($this);
    $this->putJson("/api/v1/gear/$bar", ['name' => 'Beam', 'figures' => ['kind' => 'bar', 'height_m' => 2.4]])->assertOk();
    expect($changed())->toContain(['name', 'Bar', 'Beam'], ['height_m', '2.5', '2.4']);
    $band = addBand($this);
    $this->putJson("/api/v1/bands/$band/retirement", ['retired' => true])->assertOk();
    expect($changed())->toBe([['retired', 'no', 'yes']]);

    $bea = colleague($this->coach, Role::Coach);
    $this->putJson("/api/v1/staff/$bea->id/role", ['role' => 'assistant'])->assertOk();
    expect($changed())->toBe([['role', 'coach', 'assistant']]);
    $this->putJson('/api/v1/settings', ['gym_name' => 'The Mill', 'timezone' => 'Europe/Paris'])->assertOk();
    expect($changed())->toBe([['name', 'Gym of coach@one.example', 'The Mill'], ['timezone', 'Europe/London', 'Europe/Paris']]);
    $this->putJson('/api/v1/settings/athletes-tell', ['tells' => ['pain']])->assertOk();
    expect($changed())->toBe([['athletes_tell', 'pain, soreness, coming', 'pain']]);
    $this->putJson('/api/v1/house-rules', ['trunk' => 'later', 'rest' => '60-s'])->assertOk();
    expect($changed())->toEqualCanonicalizing([['trunk', null, 'later'], ['rest', null, '60-s']]);
});

it('tells nothing of a weight, of pain or of a refused change', function (): void {
    $id = addAthlete($this);
    $this->postJson("/api/v1/athletes/$id/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertSuccessful();
    $this->putJson("/api/v1/athletes/$id", ['name' => 'Ada', 'kind' => 'gym', 'mass_kg' => 71, 'stature_m' => 1.75, 'reach_m' => 2.1]);
    $this->putJson("/api/v1/athletes/$id", ['name' => ''])->assertStatus(422);
    $entries = AuditEntry::query()->get();

    expect($entries->filter(fn (AuditEntry $e): bool => str_contains((string) json_encode($e->properties), 'mass'))->all())->toBe([])
        ->and((string) json_encode($entries))->not->toContain('elbow');
});
