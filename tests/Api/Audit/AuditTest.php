<?php

declare(strict_types=1);

use App\Models\Audit\AuditEntry;
use App\Models\Gym\Gym;
use App\Models\Gym\Role;
use Illuminate\Auth\AuthManager;
use Tests\ApiTestCase;

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
    expect($changed())->toEqualCanonicalizing([['stature_m', '1.75', '1.8'], ['tags', '', 'evening']]);
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

/** Undoes the last entry of an event, and says with what status. */
function undoLast(ApiTestCase $test, string $event, ?bool $offered = true): int
{
    $entry = array_values(array_filter($test->getJson('/api/v1/audit')->json('items'), fn (array $e): bool => $e['event'] === $event))[0];
    expect($entry['can_be_undone'])->toBe($offered);

    return $test->postJson("/api/v1/audit/{$entry['id']}/undo")->getStatusCode();
}

it('puts back what was changed of people and kit, as it was and no more, and that is in the trail too', function (): void {
    $particulars = ['name' => 'Ada', 'kind' => 'gym', 'mass_kg' => 70, 'stature_m' => 1.75, 'reach_m' => 2.1, 'tags' => []];
    $id = addAthlete($this);
    $ada = fn (): array => array_intersect_key($this->getJson("/api/v1/athletes/$id")->json(), $particulars);
    $before = $ada();
    $this->putJson("/api/v1/athletes/$id", ['stature_m' => 1.8, 'tags' => ['evening'], 'mass_kg' => 71] + $particulars)->assertOk();
    expect(undoLast($this, 'athlete-changed'))->toBe(204)
        ->and($ada())->toEqual(['mass_kg' => 71] + $before) // a weight is undone where weighings are
        ->and(($this->trail)(1))->toBe([['athlete-changed', 'Coach', 'Ada']]);
    $this->putJson("/api/v1/athletes/$id/archive", ['archived' => true])->assertOk();
    expect(undoLast($this, 'athlete-archived'))->toBe(204)->and($this->getJson("/api/v1/athletes/$id")->json('archived'))->toBeFalse();

    $bar = addBar($this);
    $this->putJson("/api/v1/gear/$bar", ['name' => 'Beam', 'figures' => ['kind' => 'bar', 'height_m' => 2.4, 'diameter_mm' => 40]])->assertOk();
    $version = fn (): int => Gym::query()->findOrFail($this->coach->gym_id)->kit_version;
    $was = $version();
    expect(undoLast($this, 'gear-changed'))->toBe(204)->and($version())->toBeGreaterThan($was);
    $gear = array_column($this->getJson('/api/v1/kit')->json('gear'), null, 'id')[$bar];
    expect([$gear['name'], $gear['figures']['height_m'], $gear['figures']['diameter_mm'] ?? null])->toBe(['Bar', 2.5, null]);

    $band = addBand($this);
    $body = ['name' => 'Rook', 'hung_length_m' => 1.01, 'width_mm' => 29, 'thickness_mm' => 4.5, 'points' => [['length_m' => 1.8, 'force_n' => 150]], 'sure' => true];
    $bands = fn (): array => array_column($this->getJson('/api/v1/kit')->json('bands'), null, 'id')[$band];
    $first = $bands();
    $this->putJson("/api/v1/bands/$band", $body)->assertOk();
    expect(undoLast($this, 'band-changed'))->toBe(204)->and($bands())->toEqual($first);
});

it('puts back rules, caps and methods, each rule for itself', function (): void {
    $rules = fn (): array => array_filter(array_column($this->getJson('/api/v1/house-rules')->json('rules'), 'position', 'key'), is_string(...));
    $usual = $rules();
    $this->putJson('/api/v1/house-rules', ['trunk' => 'later'])->assertOk();
    $this->putJson('/api/v1/house-rules', ['trunk' => 'later', 'rest' => '60-s'])->assertOk();
    $first = $this->getJson('/api/v1/audit')->json('items.1');
    expect($first['can_be_undone'])->toBeTrue();
    $this->postJson("/api/v1/audit/{$first['id']}/undo")->assertNoContent();
    expect($rules())->toEqual(['rest' => '60-s'] + $usual);

    $caps = fn (): int => $this->getJson('/api/v1/caps')->json('lowerings_a_session');
    $lowerings = $caps();
    $all = array_filter($this->getJson('/api/v1/caps')->json(), is_int(...));
    $this->putJson('/api/v1/caps', ['lowerings_a_session' => $lowerings - 2] + $all)->assertOk();
    expect(undoLast($this, 'caps-settled'))->toBe(204)->and($caps())->toBe($lowerings);

    addBar($this);
    foreach ([13.0, 29.0, 44.0] as $mm) {
        addBand($this, $mm, "Band $mm");
    }
    $method = ['key' => 'ours', 'name' => 'Ours'] + $this->getJson('/api/v1/methods/band-taper')->json();
    $keys = fn (): array => array_column($this->getJson('/api/v1/methods')->json('methods'), 'name', 'key');
    $this->putJson('/api/v1/methods', $method)->assertOk();
    $this->putJson('/api/v1/methods', ['name' => 'Ours, second'] + $method)->assertOk();
    expect(undoLast($this, 'method-kept'))->toBe(204)->and($keys()['ours'])->toBe('Ours')
        ->and($this->deleteJson('/api/v1/methods/ours')->getStatusCode())->toBe(204)
        ->and(undoLast($this, 'method-dropped'))->toBe(204)->and($keys()['ours'])->toBe('Ours');
});

it('undoes nothing that was changed again since, twice no more than once, and nothing that cannot be', function (): void {
    $bar = addBar($this);
    $change = fn (float $m) => $this->putJson("/api/v1/gear/$bar", ['name' => 'Bar', 'figures' => ['kind' => 'bar', 'height_m' => $m]])->assertOk();
    $change(2.4);
    $change(2.3);
    [$later, $earlier] = $this->getJson('/api/v1/audit')->json('items');
    expect([$later['can_be_undone'], $earlier['can_be_undone']])->toBe([true, false]);
    $this->postJson("/api/v1/audit/{$earlier['id']}/undo")->assertConflict()->assertJsonPath('code', 'changed-since');
    $this->postJson("/api/v1/audit/{$later['id']}/undo")->assertNoContent();
    $this->postJson("/api/v1/audit/{$later['id']}/undo")->assertNoContent();
    expect(AuditEntry::query()->where('event', 'gear-changed')->count())->toBe(4); // added, changed twice, undone once

    $this->putJson('/api/v1/settings', ['gym_name' => 'The Mill', 'timezone' => 'Europe/Paris'])->assertOk();
    expect(undoLast($this, 'settings-changed', false))->toBe(422);
});

it('keeps of an erased athlete that they were changed, and not what they are called', function (): void {
    $id = addAthlete($this, name: 'Ada');
    $this->putJson("/api/v1/athletes/$id", ['name' => 'Ada Weir', 'kind' => 'gym', 'mass_kg' => 70, 'stature_m' => 1.75])->assertOk();
    expect((string) json_encode(AuditEntry::query()->get()))->toContain('Ada Weir');
    $this->postJson("/api/v1/athletes/$id/erasure", ['id' => uuid(), 'name' => 'Ada Weir', 'log' => 'anonymous'])->assertSuccessful();
    workOff();
    expect((string) json_encode(AuditEntry::query()->get()))->not->toContain('Ada')->and(($this->trail)())->toContain(['athlete-changed', 'Coach', 'Former athlete '.strtoupper(substr($id, -4))]);
});
