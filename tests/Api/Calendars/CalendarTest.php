<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** What an independent reader understands of a file. */
function readBy(string $script, string $file, string ...$arguments): array
{
    $reader = new Process(['/usr/bin/python3', dirname(__DIR__, 2)."/Reference/Support/read_$script.py", ...$arguments], input: $file);
    $reader->mustRun();

    return json_decode($reader->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}

function subscribe(Tests\ApiTestCase $test, string $path): Illuminate\Testing\TestResponse
{
    app('auth')->forgetGuards();

    return $test->withoutHeader('Origin')->get($path);
}

beforeEach(function (): void {
    $this->file = fn (string $path): string => $this->get($path)->assertOk()->streamedContent();
    $this->events = fn (string $path, string $from, string $to): array => readBy('calendar', ($this->file)($path), $from, $to)['events'];
});

it('holds each class at its hour, over the change of the clocks and without the days the gym is closed', function (): void {
    $weekly = addClass($this, name: 'Evening; floor, and bar', first_on: '2026-03-02', at: '18:30', minutes: 75, weekly: true);
    $once = addClass($this, name: 'Open day', first_on: '2026-03-20', at: '10:00', minutes: 120, weekly: false);
    $athlete = addAthlete($this);
    DB::table('time_off')->insert([
        'gym_id' => $this->coach->gym_id, 'id' => uuid(), 'user_id' => $this->coach->id, 'from_on' => '2026-03-16', 'to_on' => '2026-03-17',
        'why' => 'holiday', 'told_at' => '2026-03-01', 'fingerprint' => str_repeat('0', 64),
    ]);

    $events = ($this->events)('/api/v1/classes.ics', '2026-03-01', '2026-04-10');
    expect(array_column($events, 'at'))->toBe([
        '2026-03-02T18:30:00Z', '2026-03-09T18:30:00Z', '2026-03-20T10:00:00Z', '2026-03-23T18:30:00Z',
        '2026-03-30T17:30:00Z', '2026-04-06T17:30:00Z',
    ])->and($events[0])->toMatchArray(['uid' => "class-$weekly@steady-rung", 'summary' => 'Evening; floor, and bar', 'minutes' => 75])
        ->and($events[2]['uid'])->toBe("class-$once@steady-rung");

    $this->clock->set('2026-03-25T18:00:00Z');
    $this->deleteJson("/api/v1/classes/$weekly")->assertOk();
    expect(array_column(($this->events)('/api/v1/classes.ics', '2026-03-01', '2026-06-10'), 'at'))->not->toContain('2026-03-30T17:30:00Z');
});

it('is right to the hour wherever the gym is, for ten years', function (string $zone): void {
    $this->putJson('/api/v1/settings', ['gym_name' => 'Mill', 'timezone' => $zone])->assertOk();
    addClass($this, first_on: '2026-03-02', at: '06:30', weekly: true);
    $events = ($this->events)('/api/v1/classes.ics', '2026-03-01', '2036-01-01');

    expect(count($events))->toBeGreaterThan(500);
    foreach ($events as $i => $event) {
        $here = new DateTimeImmutable('2026-03-02 06:30 +'.(7 * $i).' days', new DateTimeZone($zone));
        expect($event['at'])->toBe($here->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'));
    }
})->with(['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kolkata', 'Africa/Casablanca', 'UTC']);

it('plans an athlete’s sessions at the hour of the class they come to, and none while they are paused', function (): void {
    $athlete = addAthlete($this, tags: ['evening']);
    $exercise = exercise(addBar($this), addBand($this));
    $this->putJson("/api/v1/athletes/$athlete/setup", $exercise)->assertOk();
    logSession($this, $athlete, $exercise, [8, 8]);
    addClass($this, first_on: '2026-03-05', at: '18:30', minutes: 60, weekly: true, tags: ['evening'], name: 'Evening');
    $planned = $this->getJson("/api/v1/athletes/$athlete/weeks")->assertOk()->json('calendar.sessions');
    $events = ($this->events)("/api/v1/athletes/$athlete/sessions.ics", '2026-03-01', '2027-01-01');

    expect(array_map(fn (array $e): string => substr($e['at'], 0, 10), $events))->toBe($planned);
    foreach ($events as $event) {
        $isThursday = date('D', (int) strtotime(substr($event['at'], 0, 10))) === 'Thu';
        expect($event['minutes'])->toBe($isThursday ? 60 : null)
            ->and($event['summary'])->toBe($isThursday ? 'Pull-up session, Evening' : 'Pull-up session');
    }
    $this->postJson("/api/v1/athletes/$athlete/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertCreated();
    $file = ($this->file)("/api/v1/athletes/$athlete/sessions.ics");
    expect($file)->not->toContain('VEVENT')->not->toContain('elbow')->not->toContain('paus');
});

it('is subscribed to at an address of its own, which ends', function (): void {
    addClass($this, name: 'Evening');
    $this->getJson('/api/v1/class-calendar')->assertOk()->assertExactJson(['path' => null]);
    $path = $this->putJson('/api/v1/class-calendar', ['id' => $id = uuid()])->assertOk()->json('path');
    $this->putJson('/api/v1/class-calendar', ['id' => $id])->assertOk()->assertJsonPath('path', $path);
    expect(subscribe($this, $path)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->streamedContent())
        ->toContain('SUMMARY:Evening');

    $this->signInAs($this->coach);
    $next = $this->putJson('/api/v1/class-calendar', ['id' => uuid()])->json('path');
    subscribe($this, $path)->assertStatus(410);
    subscribe($this, $next)->assertOk();
    $this->signInAs($this->coach);
    $this->deleteJson('/api/v1/class-calendar')->assertOk()->assertJsonPath('path', null);
    subscribe($this, $next)->assertStatus(410);
});

it('lets an athlete subscribe to their sessions as long as their link stands, and opens nothing else by it', function (): void {
    $athlete = addAthlete($this, name: 'Ada');
    $link = substr((string) $this->postJson("/api/v1/athletes/$athlete/link", ['id' => uuid(), 'days' => 30])->json('path'), 4);
    $path = $this->getJson('/api/v1/my', ['Athlete-Link' => $link])->assertOk()->json('calendar');
    $token = basename($path, '.ics');
    expect(subscribe($this, $path)->assertOk()->streamedContent())->toContain('Ada');
    subscribe($this, "/api/v1/calendars/classes/$token.ics")->assertStatus(410);
    subscribe($this, "/api/v1/calendars/sessions/$link.ics")->assertStatus(410);
    $this->getJson('/api/v1/my', ['Athlete-Link' => $token])->assertStatus(410);

    $this->signInAs($this->coach);
    $this->deleteJson("/api/v1/athletes/$athlete/link")->assertSuccessful();
    subscribe($this, $path)->assertStatus(410);
});

it('slows down who guesses at addresses', function (): void {
    foreach (range(1, 21) as $n) {
        $guess = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        subscribe($this, "/api/v1/calendars/classes/$guess.ics")->assertStatus(410);
    }
    subscribe($this, '/api/v1/calendars/classes/x.ics')->assertStatus(429);
});

it('hands people over as cards, with nothing of their bodies', function (): void {
    addAthlete($this, name: 'Ada; Lovell, the "third"', tags: ['evening', 'climber, new']);
    $gone = addAthlete($this, name: 'Gone');
    $this->putJson("/api/v1/athletes/$gone/archive", ['archived' => true])->assertOk();
    $cards = readBy('contacts', ($this->file)('/api/v1/people.vcf'));

    expect(array_column($cards, 'name'))->toBe(['Coach', 'Ada; Lovell, the "third"'])
        ->and($cards[0])->toMatchArray(['role' => 'Owner', 'email' => 'coach@one.example', 'tags' => []])
        ->and($cards[1])->toMatchArray(['role' => 'Athlete', 'tags' => ['evening', 'climber, new'], 'email' => null])
        ->and($cards[1]['keys'])->toBe(['categories', 'fn', 'kind', 'org', 'role', 'uid', 'version']);
});
