<?php

declare(strict_types=1);

use App\Models\Calls\CallRecord;
use App\Models\Gym\Role;
use App\Models\Log\LoggedSet;

require_once __DIR__.'/../Support/everyRoute.php';

/** What an assistant may do beside looking. */
const LOGGING = [
    'POST /api/commands', 'POST /api/deeds', 'POST /api/athletes/{athlete}/sets', 'POST /api/athletes/{athlete}/weighings',
    'POST /api/athletes/{athlete}/weighings/{weighing}/withdrawal', 'POST /api/athletes/{athlete}/sets/{set}/withdrawal',
    'POST /api/athletes/{athlete}/pain', 'POST /api/athletes/{athlete}/signals', 'POST /api/athletes/{athlete}/accessories',
];

/** What everybody does with their own account. */
const OWN_ACCOUNT = [
    'PUT /api/me', 'PUT /api/password', 'POST /api/sign-out', 'DELETE /api/sessions/{session}', 'POST /api/second-factor',
    'PUT /api/second-factor', 'POST /api/second-factor/end',
];

/** What only the owner sees and does. */
const THE_OWNERS = [
    'GET /api/export', 'GET /api/staff', 'POST /api/staff', 'PUT /api/staff/{member}/role', 'DELETE /api/staff/{member}',
    'DELETE /api/staff/{member}/second-factor', 'GET /api/mailbox', 'GET /api/imports', 'POST /api/imports', 'GET /api/imports/{import}',
    'PUT /api/imports/{import}/mapping', 'POST /api/imports/{import}/order', 'POST /api/imports/{import}/undoing', 'PUT /api/settings',
    'PUT /api/settings/athletes-tell', 'PUT /api/settings/erasure', 'PUT /api/settings/health',
    'GET /api/erasures', 'GET /api/audit', 'GET /api/athletes/{athlete}/erasure',
    'POST /api/athletes/{athlete}/erasure',
];

/** What an assistant does not even see: what is kept of an athlete's health, and what opens their own page. */
const HEALTH = [
    'GET /api/athletes/{athlete}/export', 'GET /api/athletes/{athlete}/screenings', 'GET /api/athletes/{athlete}/screenings/{screening}',
    'GET /api/athletes/{athlete}/link', 'GET /api/athletes/{athlete}/consent', 'GET /api/people.vcf', 'GET /api/class-calendar',
];

/** What of the API's routes is refused to a role, in a gym with something of everything. */
function refusedTo(Tests\ApiTestCase $test, Role $role): array
{
    [$athlete, $bar, $band] = [addAthlete($test), addBar($test), addBand($test)];
    $test->putJson("/api/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    logSession($test, $athlete, exercise($bar, $band), [8]);
    followLog();
    $test->getJson("/api/athletes/$athlete")->assertOk();
    $test->postJson("/api/athletes/$athlete/screenings", ['id' => $screening = uuid(), 'overhead' => 'level'])->assertCreated();
    $ids = [
        'athlete' => $athlete, 'gear' => $bar, 'band' => $band, 'class' => addClass($test), 'on' => '2026-03-02', 'screening' => $screening,
        'import' => addPeopleFile($test), 'call' => CallRecord::query()->firstOrFail()->id, 'set' => LoggedSet::query()->firstOrFail()->id,
        'recomputation' => $test->postJson('/api/recomputations', ['id' => uuid(), 'athlete_id' => $athlete])->json('id'),
        'weighing' => $athlete, 'off' => $athlete, 'method' => 'ladder', 'member' => uuid(), 'session' => 'none', 'ticket' => 'x',
    ];
    $who = (fn () => $this->coach)->call($test);
    $test->signInAs(colleague($who, $role));
    $refused = [];
    foreach (everyRoute() as [$method, $path]) {
        if ($path === '/api/sign-out' || str_starts_with($path, '/api/my') || str_starts_with($path, '/api/calendars')) {
            continue;
        }
        $answer = $test->json($method, (string) preg_replace_callback('/\{(\w+)\}/', fn (array $m): string => $ids[$m[1]], $path));
        if ($answer->getStatusCode() === 403 && $answer->json('code') === 'not-allowed') {
            $refused[] = "$method $path";
        }
    }
    sort($refused);

    return $refused;
}

it('lets an assistant see and log, and decide nothing', function (): void {
    $refused = refusedTo($this, Role::Assistant);
    $open = ['POST /api/sign-in', 'POST /api/gym', 'POST /api/password-links', 'PUT /api/password-link'];
    $writes = array_values(array_filter(
        array_map(fn (array $route): string => implode(' ', $route), everyRoute()),
        fn (string $route): bool => ! str_starts_with($route, 'GET') && ! str_contains($route, '/api/my'),
    ));
    $expected = array_values(array_unique([...array_diff($writes, LOGGING, OWN_ACCOUNT, $open), ...THE_OWNERS, ...HEALTH]));
    sort($expected);

    expect($refused)->toBe($expected)->and(count($refused))->toBeGreaterThan(55);
});

it('lets a coach do all that concerns athletes, gear and methods, and leaves the gym to its owner', function (): void {
    $expected = THE_OWNERS;
    sort($expected);

    expect(refusedTo($this, Role::Coach))->toBe($expected);
});

it('refuses the owner nothing', function (): void {
    expect(refusedTo($this, Role::Owner))->toBe([]);
});

it('takes no class from an assistant by the queue either, and takes the sets beside it', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->signInAs(colleague($this->coach, Role::Assistant));
    $class = ['id' => uuid(), 'name' => 'Tuesday', 'first_on' => '2026-03-03', 'at' => '18:00', 'minutes' => 60];
    $outcomes = $this->postJson('/api/commands', ['commands' => [
        ['class' => $class],
        ['athlete_id' => $athlete, 'set' => set($this, exercise($bar, $band), 8)],
    ]])->assertOk()->json('outcomes');

    expect($outcomes[0]['problem']['code'])->toBe('not-allowed')->and($outcomes[1]['problem'])->toBeNull();
    $this->getJson('/api/classes')->assertJsonCount(0, 'items');
});

it('tells who is signed in what they may do', function (Role $role, array $rights): void {
    $this->signInAs(colleague($this->coach, $role))->getJson('/api/me')->assertOk()
        ->assertJsonPath('role', $role->value)->assertJsonPath('rights', $rights);
})->with([
    [Role::Owner, ['log', 'coach', 'health', 'kit', 'rules', 'records', 'gym']],
    [Role::Coach, ['log', 'coach', 'health', 'kit', 'rules']],
    [Role::Assistant, ['log']],
]);
