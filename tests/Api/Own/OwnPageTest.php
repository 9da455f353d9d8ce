<?php

declare(strict_types=1);

use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteLinkLook;
use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use Illuminate\Auth\AuthManager;
use Illuminate\Testing\TestResponse;
use Tests\ApiTestCase;

/** Gives a link for so many days and answers its token. */
function giveLink(ApiTestCase $test, string $athlete, int $days = 90): string
{
    $path = $test->postJson("/api/v1/athletes/$athlete/link", ['id' => uuid(), 'days' => $days])->assertCreated()->json('path');
    expect($path)->toStartWith('/my#');

    return substr($path, strlen('/my#'));
}

/** Asks by a link alone, as somebody who has no account. */
function byLink(ApiTestCase $test, ?string $token, string $method, string $path, array $body = []): TestResponse
{
    app(AuthManager::class)->forgetGuards();
    $answer = $test->json($method, "/api/v1/my$path", $body, $token === null ? [] : ['Athlete-Link' => $token]);
    $test->signInAs(App\Models\Gym\User::query()->where('email', 'coach@one.example')->firstOrFail());

    return $answer;
}

beforeEach(function (): void {
    $this->bar = addBar($this);
    $this->athlete = addAthlete($this, name: 'Ada', tags: ['evening']);
    $this->exercise = exercise($this->bar, addBand($this, 32));
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $this->exercise)->assertOk();
    $this->postJson("/api/v1/athletes/$this->athlete/screenings", ['id' => uuid(), 'overhead' => 'level'])->assertCreated();
    logSession($this, $this->athlete, $this->exercise, [8, 8, 7]);
    $this->token = giveLink($this, $this->athlete);
    $this->tells = fn (string ...$tells) => $this->putJson('/api/v1/settings/athletes-tell', ['tells' => $tells])->assertOk();
    $this->home = fn (mixed ...$changes): array => [
        'id' => uuid(), 'performed_at' => $this->clock->now()->format(DATE_RFC3339), 'exercise' => $this->exercise, 'clean_reps' => 9, ...$changes,
    ];
});

it('shows an athlete their own session, place, chance, sets and bests, and nothing of others or of their health', function (): void {
    $other = addAthlete($this, name: 'Somebody else', tags: ['evening']);
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $this->exercise, 8, note: 'Looked tired, asks about the elbow.'))->assertCreated();
    $this->clock->passSeconds(86400 * 3);
    $page = byLink($this, $this->token, 'GET', '')->assertOk()->assertJsonPath('name', 'Ada')->assertJsonPath('paused', false)
        ->assertJsonPath('ladder.name', fn (string $name): bool => str_contains($name, 'Band'))
        ->assertJsonPath('ladder.began_on', '2026-03-02')
        ->assertJsonPath('forecast.reps', 1)
        ->assertJsonPath('sets.0.clean_reps', 8)->assertJsonPath('sets.0.is_own', false)
        ->assertJsonPath('bests.0.clean_reps', 8);
    expect($page->json('session.lines'))->not->toBe([])
        ->and($page->json('session.lines.0'))->toHaveKeys(['name', 'view', 'cues', 'cautions', 'amount'])
        ->and((string) $page->getContent())->not->toContain('Somebody else')->not->toContain($other)->not->toContain('Looked tired')
        ->not->toContain('screen');
});

it('says when the next session is, and draws no ladder of pulls for who is on rows', function (): void {
    byLink($this, $this->token, 'GET', '')->assertJsonPath('session.on', fn (string $on): bool => $on > '2026-03-02'); // trained today
    $this->clock->passSeconds(86400 * 3);
    byLink($this, $this->token, 'GET', '')->assertJsonPath('session.on', '2026-03-05')->assertJsonPath('ladder.began_on', '2026-03-02');
    $rings = addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.45, 'straps_m' => [1.4]]);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", exerciseOn(['kind' => 'row', 'ring_id' => $rings, 'strap_m' => 1.4, 'heel_mark_m' => 0.15]))->assertOk();
    byLink($this, $this->token, 'GET', '')->assertOk()->assertJsonPath('ladder', null)->assertJsonPath('forecast.reps', 1);
});

it('opens to a link that stands alone: none, made up, ended, expired, followed by another, of one archived', function (): void {
    byLink($this, null, 'GET', '')->assertStatus(410)->assertJsonPath('code', 'link-ended');
    byLink($this, substr_replace($this->token, $this->token[30] === 'A' ? 'B' : 'A', 30, 1), 'GET', '')->assertStatus(410);
    $second = giveLink($this, $this->athlete, 10);
    byLink($this, $this->token, 'GET', '')->assertStatus(410);
    byLink($this, $second, 'GET', '')->assertOk();
    $this->clock->passSeconds(86400 * 11);
    byLink($this, $second, 'GET', '')->assertStatus(410);
    $third = giveLink($this, $this->athlete);
    $this->deleteJson("/api/v1/athletes/$this->athlete/link")->assertNoContent();
    byLink($this, $third, 'GET', '')->assertStatus(410);
    $fourth = giveLink($this, $this->athlete);
    $this->putJson("/api/v1/athletes/$this->athlete/archive", ['archived' => true])->assertOk();
    byLink($this, $fourth, 'GET', '')->assertStatus(410);
});

it('makes one link of the same command, however often it comes, and keeps the token out of the database', function (): void {
    $given = ['id' => uuid(), 'days' => 30];
    $first = $this->postJson("/api/v1/athletes/$this->athlete/link", $given)->assertCreated()->json('path');
    expect($this->postJson("/api/v1/athletes/$this->athlete/link", $given)->assertOk()->json('path'))->toBe($first)
        ->and($this->getJson("/api/v1/athletes/$this->athlete/link")->json('path'))->toBe($first);
    $this->postJson("/api/v1/athletes/$this->athlete/link", [...$given, 'days' => 31])->assertStatus(409);
    $this->postJson("/api/v1/athletes/$this->athlete/link", ['id' => uuid(), 'days' => 366])->assertStatus(422);
    $stored = json_encode(Illuminate\Support\Facades\DB::table('athlete_links')->get());
    expect($stored)->not->toContain(substr((string) $first, strlen('/my#')));
});

it('slows down who guesses links, and lets nobody wait for others who do', function (): void {
    foreach (range(1, 21) as $try) {
        byLink($this, "guess-$try", 'GET', '')->assertStatus(410);
    }
    byLink($this, 'guess-22', 'GET', '')->assertStatus(429)->assertHeader('Retry-After');
    $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7']);
    byLink($this, $this->token, 'GET', '')->assertOk();
});

it('notes every look, but not every load of the same one', function (): void {
    foreach ([0, 60, 500, 700] as $s) {
        $this->clock->passSeconds($s);
        byLink($this, $this->token, 'GET', '')->assertOk();
    }
    expect(AthleteLinkLook::query()->count())->toBe(2);
    $this->getJson("/api/v1/athletes/$this->athlete/link")->assertJsonCount(2, 'looks');
});

it('takes of each thing only what the gym lets athletes tell', function (string $tell, string $path, Closure $body): void {
    $all = ['sets', 'pain', 'soreness', 'coming'];
    $class = addClass($this);
    $sent = $body->call($this, $class);
    ($this->tells)(...array_diff($all, [$tell]));
    byLink($this, $this->token, 'POST', $path, $sent)->assertStatus(403)->assertJsonPath('code', 'not-allowed');
    ($this->tells)($tell);
    expect(byLink($this, $this->token, 'POST', $path, $sent)->isSuccessful())->toBeTrue();
})->with([
    'sets' => ['sets', '/sets', fn (): array => ($this->home)()],
    'pain' => ['pain', '/pain', fn (): array => ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 3]]],
    'soreness' => ['soreness', '/soreness', fn (): array => ['id' => uuid(), 'on' => '2026-03-02', 'soreness' => 2]],
    'coming' => ['coming', '/coming', fn (string $class): array => [
        'id' => uuid(), 'class_id' => $class, 'on' => '2026-03-02', 'coming' => false, 'told_at' => $this->clock->now()->format(DATE_RFC3339),
    ]],
]);

it('logs from home as such, once, and lets the athlete take back what is theirs alone', function (): void {
    ($this->tells)('sets');
    $set = ($this->home)();
    byLink($this, $this->token, 'POST', '/sets', $set)->assertCreated()->assertJsonPath('sets.0.is_own', true)->assertJsonPath('bests.0.clean_reps', 8);
    byLink($this, $this->token, 'POST', '/sets', $set)->assertOk();
    $this->getJson("/api/v1/athletes/$this->athlete/sets")->assertJsonPath('items.0.purpose', 'home')->assertJsonPath('items.0.by', null);
    $seen = LoggedSet::query()->where('purpose', 'work')->firstOrFail()->id;
    byLink($this, $this->token, 'POST', "/sets/$seen/withdrawal", ['id' => uuid()])->assertNotFound();
    byLink($this, $this->token, 'POST', "/sets/{$set['id']}/withdrawal", ['id' => uuid()])->assertOk()->assertJsonPath('sets.0.is_own', false);
    byLink($this, $this->token, 'POST', '/sets', ($this->home)(performed_at: '2026-02-27T10:00:00Z'))->assertStatus(403);
    byLink($this, $this->token, 'POST', '/sets', ($this->home)(clean_reps: null))->assertStatus(422);
});

it('believes a set from home less than one that was seen, and lets it meet no gate', function (): void {
    ($this->tells)('sets');
    $capacity = fn (string $athlete): float => CapacityRecord::query()->where('athlete_id', $athlete)->orderByDesc('trained_on')->firstOrFail()->toCore()->share();
    $twin = addAthlete($this, name: 'Twin');
    $this->putJson("/api/v1/athletes/$twin/setup", $this->exercise)->assertOk();
    $this->clock->set('2026-03-02T18:00:00Z');
    logSession($this, $twin, $this->exercise, [8, 8, 7]);
    $before = $capacity($twin);
    $this->clock->set('2026-03-05T18:00:00Z');
    logSession($this, $twin, $this->exercise, [14], reserve: 0);
    byLink($this, $this->token, 'POST', '/sets', ($this->home)(clean_reps: 14, reserve: 0))->assertCreated();
    expect($capacity($this->athlete))->toBeGreaterThan($before)->toBeLessThan($capacity($twin));
    foreach (range(1, 2) as $session) {
        $this->clock->passSeconds(86400 * 3);
        foreach (range(1, 3) as $set) {
            byLink($this, $this->token, 'POST', '/sets', ($this->home)(clean_reps: 8))->assertCreated();
        }
    }
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('call.call.verdict', fn (?string $verdict): bool => $verdict !== 'climb');
});

it('pauses the pulling for pain told by the athlete, who can undo it for ten minutes; a coach clears it with a note', function (): void {
    $told = ['id' => uuid(), 'pain' => ['place' => 'shoulder', 'level' => 4]];
    byLink($this, $this->token, 'POST', '/pain', $told)->assertCreated()->assertJsonPath('paused', true)->assertJsonPath('pain_told', $told['id'])
        ->assertJsonPath('session', null)->assertJsonPath('forecast', null);
    expect(Athlete::query()->findOrFail($this->athlete)->paused_at)->not->toBeNull();
    $this->getJson("/api/v1/athletes/$this->athlete")->assertJsonPath('pain_source.by', null)->assertJsonPath('call.call.verdict', 'refer');
    $this->postJson('/api/v1/commands', ['items' => [
        ['kind' => 'undo-pain', 'athlete_id' => $this->athlete, 'body' => ['id' => uuid(), 'told_id' => $told['id']]],
    ]]);
    expect(Athlete::query()->findOrFail($this->athlete)->paused_at)->not->toBeNull();
    byLink($this, $this->token, 'POST', '/pain/undoing', ['id' => uuid(), 'told_id' => $told['id']])->assertOk()->assertJsonPath('paused', false);
    $this->clock->passSeconds(60);
    byLink($this, $this->token, 'POST', '/pain', ['id' => uuid(), 'pain' => ['place' => 'shoulder', 'level' => 4]])->assertCreated();
    ($this->tells)('sets');
    $this->clock->passSeconds(86400);
    byLink($this, $this->token, 'POST', '/sets', ($this->home)())->assertStatus(409)->assertJsonPath('code', 'pulling-paused');
    $this->postJson("/api/v1/athletes/$this->athlete/clearances", ['id' => uuid(), 'note' => 'Seen by the clinic, free to pull.'])->assertCreated();
    byLink($this, $this->token, 'GET', '')->assertJsonPath('paused', false);
});

it('tells soreness and who comes, of the athlete’s own classes only', function (): void {
    $class = addClass($this);
    $elsewhere = addClass($this, tags: ['morning'], name: 'Morning');
    $coming = fn (string $class) => byLink($this, $this->token, 'POST', '/coming', [
        'id' => uuid(), 'class_id' => $class, 'on' => '2026-03-02', 'coming' => false, 'told_at' => $this->clock->now()->format(DATE_RFC3339),
    ]);
    byLink($this, $this->token, 'GET', '')->assertJsonCount(2, 'classes')->assertJsonPath('classes.0.coming', true);
    $coming($class)->assertOk()->assertJsonPath('classes.0.coming', false);
    $coming($elsewhere)->assertNotFound();
    byLink($this, $this->token, 'POST', '/soreness', ['id' => uuid(), 'on' => '2026-03-02', 'soreness' => 4])->assertCreated()->assertJsonPath('soreness', 4);
    byLink($this, $this->token, 'POST', '/soreness', ['id' => uuid(), 'on' => '2026-03-02', 'soreness' => 6])->assertStatus(422);
});
