<?php

declare(strict_types=1);

use App\Models\Gym\Gym;
use App\Models\Gym\User;
use Illuminate\Auth\AuthManager;
use Illuminate\Support\Facades\DB;

const FOUNDING = [
    'gym_name' => 'The Loft',
    'timezone' => 'Europe/Lisbon',
    'coach_name' => 'Ines',
    'email' => 'Ines@loft.example',
    'password' => 'rope and chalk',
];

it('makes the first gym and its coach once, and signs the coach in', function (): void {
    $this->app->make(AuthManager::class)->forgetGuards();
    User::query()->delete();
    Gym::query()->delete();
    $this->getJson('/api/v1/health')->assertJsonPath('founded', false);
    foreach (['email' => 'ines', 'timezone' => 'Europe/Atlantis', 'password' => 'short', 'gym_name' => "\u{200B}"] as $field => $wrong) {
        $this->postJson('/api/v1/gym', [$field => $wrong] + FOUNDING)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', "/$field")
            ->assertJsonMissing(['value' => 'short']);
    }
    $this->postJson('/api/v1/gym', FOUNDING)->assertCreated()->assertJsonPath('gym_name', 'The Loft')->assertJsonPath('demo', false)->assertJsonPath('role', 'owner');
    $this->getJson('/api/v1/me')->assertOk()->assertJsonPath('email', 'ines@loft.example');
    $this->getJson('/api/v1/health')->assertJsonPath('founded', true);
    $this->postJson('/api/v1/gym', FOUNDING)->assertStatus(409)->assertJsonPath('code', 'founded');
});

it('changes the gym, the time zone and the coach', function (): void {
    $this->putJson(
        '/api/v1/settings',
        ['gym_name' => 'New name', 'timezone' => 'America/Lima'],
    )->assertOk()->assertJsonPath('gym_name', 'New name')->assertJsonPath('timezone', 'America/Lima');
    $this->putJson('/api/v1/settings', ['gym_name' => 'New name', 'timezone' => 'Mars'])->assertStatus(422);
    $this->putJson('/api/v1/me', ['name' => 'Ines'])->assertOk()->assertJsonPath('name', 'Ines');
});

it('is read in the units of the gym, and speaks SI in its figures', function (): void {
    addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.2, 1.4]]);
    $athlete = addAthlete($this);
    $names = fn (): string => (string) json_encode(
        array_column(array_column($this->getJson("/api/v1/athletes/$athlete/ladder?lane=row")->assertOk()->json('rungs'), 'rung'), 'name'),
        JSON_UNESCAPED_UNICODE,
    );
    $settle = fn (array $units) => $this->putJson('/api/v1/settings', ['gym_name' => 'G', 'timezone' => 'Europe/London'] + $units)->assertOk();

    expect($names())->toContain("\u{00A0}cm")->not->toContain("\u{00A0}in");
    $settle(['length_unit' => 'in'])->assertJsonPath('mass_unit', 'kg')->assertJsonPath('length_unit', 'in');
    expect($names())->toContain("\u{00A0}in")->not->toContain("\u{00A0}cm");
    $heavy = fn () => $this->postJson('/api/v1/athletes', ['id' => uuid(), 'name' => 'Cem', 'kind' => 'gym', 'mass_kg' => 900, 'stature_m' => 1.8])->assertStatus(422);
    expect($heavy()->json('errors.0.detail'))->toContain(spaced('from 20 kg to 300 kg'));
    $settle(['mass_unit' => 'lb'])->assertJsonPath('mass_unit', 'lb')->assertJsonPath('length_unit', 'in');
    expect($heavy()->json('errors.0.detail'))->toContain(spaced('from 44 lb to 661 lb'));
    $this->putJson('/api/v1/settings', ['gym_name' => 'G', 'timezone' => 'Europe/London', 'mass_unit' => 'st'])->assertStatus(422);
});

it('changes the password with the present one, and signs other devices out', function (): void {
    DB::table('sessions')->insert([
        'id' => 'elsewhere',
        'user_id' => $this->coach->id,
        'payload' => '',
        'last_activity' => 1,
        'began_at' => 1,
    ]);
    $this->putJson(
        '/api/v1/password',
        ['present' => 'wrong-password', 'new' => 'a longer one'],
    )->assertStatus(422)->assertJsonPath('code', 'wrong-password');
    $this->putJson(
        '/api/v1/password',
        ['present' => 'right-password', 'new' => 'short'],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/new');
    $this->putJson('/api/v1/password', ['present' => 'right-password', 'new' => 'a longer one'])->assertNoContent();
    $this->getJson('/api/v1/me')->assertOk();

    expect(DB::table('sessions')->count())->toBe(0);
    $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'right-password'])->assertStatus(422);
    $this->postJson('/api/v1/sign-in', ['email' => 'coach@one.example', 'password' => 'a longer one'])->assertOk();
});

it('takes no password that the hash would cut, or that is the account’s own name, and slows guesses at the present one', function (): void {
    $change = fn (string $present, string $new) => $this->putJson('/api/v1/password', ['present' => $present, 'new' => $new]);
    foreach ([str_repeat('a', 73), str_repeat('ä', 37), 'coach@one.example', 'COACH@one.example'] as $wrong) {
        $change('right-password', $wrong)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/new');
    }
    foreach (range(1, 5) as $ignored) {
        $change('wrong-password', 'a longer one')->assertStatus(422);
    }
    $change('right-password', 'a longer one')->assertStatus(429)->assertJsonPath('code', 'too-many-tries');
    $this->clock->passSeconds(10);
    $change('right-password', str_repeat('ä', 36))->assertNoContent();
});
