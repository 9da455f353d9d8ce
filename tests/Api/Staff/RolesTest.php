<?php

declare(strict_types=1);

use App\Models\Audit\AuditEntry;
use App\Models\Calls\CallRecord;
use App\Models\Gym\Role;
use App\Models\Log\LoggedSet;

require_once __DIR__.'/../Support/everyRoute.php';

/** What an assistant may do beside looking. */
const LOGGING = [
    'POST /api/v1/commands', 'POST /api/v1/deeds', 'POST /api/v1/athletes/{athlete}/sets', 'POST /api/v1/athletes/{athlete}/weighings',
    'POST /api/v1/athletes/{athlete}/weighings/{weighing}/withdrawal', 'POST /api/v1/athletes/{athlete}/sets/{set}/withdrawal',
    'POST /api/v1/athletes/{athlete}/pain', 'POST /api/v1/athletes/{athlete}/signals', 'POST /api/v1/athletes/{athlete}/accessories',
    'POST /api/v1/athletes/{athlete}/notes', 'PUT /api/v1/classes/{class}/days/{on}/board', 'DELETE /api/v1/classes/{class}/days/{on}/board',
];

/** What an assistant does not even see: what is kept of an athlete's health, and what opens their own page. */
const HEALTH = [
    'GET /api/v1/athletes/{athlete}/export',
    'GET /api/v1/athletes/{athlete}/screenings', 'GET /api/v1/athletes/{athlete}/screenings/{screening}',
    'GET /api/v1/athletes/{athlete}/link', 'GET /api/v1/athletes/{athlete}/consent', 'GET /api/v1/people.vcf', 'GET /api/v1/class-calendar',
];

/** What of the API's routes is refused to a role, in a gym with something of everything. */
function refusedTo(Tests\ApiTestCase $test, Role $role): array
{
    [$athlete, $bar, $band] = [addAthlete($test), addBar($test), addBand($test)];
    $test->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    logSession($test, $athlete, exercise($bar, $band), [8]);
    followLog();
    $test->getJson("/api/v1/athletes/$athlete")->assertOk();
    $test->postJson("/api/v1/athletes/$athlete/screenings", ['id' => $screening = uuid(), 'overhead' => 'level'])->assertCreated();
    $ids = [
        'athlete' => $athlete, 'gear' => $bar, 'band' => $band, 'class' => addClass($test), 'on' => '2026-03-02', 'screening' => $screening,
        'import' => addPeopleFile($test), 'call' => CallRecord::query()->firstOrFail()->id, 'set' => LoggedSet::query()->firstOrFail()->id,
        'recomputation' => $test->postJson('/api/v1/recomputations', ['id' => uuid(), 'athlete_id' => $athlete])->json('id'),
        'weighing' => $athlete, 'off' => $athlete, 'method' => 'ladder', 'member' => uuid(), 'session' => 'none', 'ticket' => 'x',
        'token' => uuid(), 'webhook' => uuid(), 'note' => uuid(), 'entry' => AuditEntry::query()->firstOrFail()->id,
    ];
    $who = (fn () => $this->coach)->call($test);
    $test->signInAs(colleague($who, $role));
    $refused = [];
    foreach (everyRoute() as [$method, $path]) {
        if ($path === '/api/v1/sign-out' || isOpenedByHolder($path)) {
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
    $open = ['POST /api/v1/sign-in', 'POST /api/v1/gym', 'POST /api/v1/password-links', 'PUT /api/v1/password-link'];
    $writes = array_values(array_filter(
        array_map(fn (array $route): string => implode(' ', $route), everyRoute()),
        fn (string $route): bool => ! str_starts_with($route, 'GET') && ! str_contains($route, '/api/v1/my'),
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
    $outcomes = $this->postJson('/api/v1/commands', ['commands' => [
        ['class' => $class],
        ['athlete_id' => $athlete, 'set' => set($this, exercise($bar, $band), 8)],
    ]])->assertOk()->json('outcomes');

    expect($outcomes[0]['problem']['code'])->toBe('not-allowed')->and($outcomes[1]['problem'])->toBeNull();
    $this->getJson('/api/v1/classes')->assertJsonCount(0, 'items');
});

it('tells who is signed in what they may do', function (Role $role, array $rights): void {
    $this->signInAs(colleague($this->coach, $role))->getJson('/api/v1/me')->assertOk()
        ->assertJsonPath('role', $role->value)->assertJsonPath('rights', $rights);
})->with([
    [Role::Owner, ['log', 'coach', 'health', 'kit', 'rules', 'records', 'gym']],
    [Role::Coach, ['log', 'coach', 'health', 'kit', 'rules']],
    [Role::Assistant, ['log']],
]);
