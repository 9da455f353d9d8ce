<?php

declare(strict_types=1);

use App\Models\Athletes\Athlete;
use App\Models\Screening\PainReport;

beforeEach(function (): void {
    $this->athlete = addAthlete($this, tags: ['evening']);
    $this->url = "/api/v1/athletes/$this->athlete";
    $this->exercise = exercise(addBar($this), addBand($this));
    $this->putJson("$this->url/setup", $this->exercise)->assertOk();
    $this->pain = fn (string $place = 'elbow', ?int $level = 3) => $this->postJson(
        "$this->url/pain",
        ['id' => uuid(), 'pain' => ['place' => $place, 'level' => $level]],
    )->assertCreated();
    $this->clear = fn () => $this->postJson("$this->url/clearances", ['id' => uuid(), 'note' => 'Seen by the clinic, free to pull.']);
    $this->log = fn (mixed ...$changes) => $this->postJson("$this->url/sets", set($this, $this->exercise, 8, ...$changes));
    $this->paused = fn (): bool => Athlete::query()->findOrFail($this->athlete)->paused_at !== null;
});

it('pauses at whatever place and degree, least and unknown among them', function (string $place, ?int $level): void {
    ($this->pain)($place, $level)->assertJsonPath('call.call.verdict', 'refer')->assertJsonPath('call.call.next', null);
    expect(($this->paused)())->toBeTrue();
})->with([['elbow', 1], ['shoulder', 10], ['other', null], ['wrist', 2]]);

it('takes no degree beyond ten, and no place there is not', function (mixed $pain, string $pointer): void {
    $this->postJson("$this->url/pain", ['id' => uuid(), 'pain' => $pain])->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(($this->paused)())->toBeFalse();
})->with([
    [['place' => 'elbow', 'level' => 11], '/pain/level'],
    [['place' => 'elbow', 'level' => 0], '/pain/level'],
    [['place' => 'toe', 'level' => 2], '/pain/place'],
    ['elbow', '/pain'],
]);

it('writes no session, offers no climb and prints no work while it lasts', function (): void {
    ($this->pain)();
    $this->getJson("$this->url/session")->assertOk()->assertJsonPath('refused.code', 'paused')->assertJsonPath('blocks', []);
    $this->getJson('/api/v1/calls')->assertJsonPath('items.0.call.verdict', 'refer');
    $class = addClass($this);
    $sheet = $this->getJson("/api/v1/classes/$class/days/2026-03-02")->json('athletes.0');
    expect($sheet['paused'])->toBeTrue()->and($sheet['sheet']['concern']['kind'])->toBe('paused')->and($sheet['sheet']['lines'])->toBe([]);
});

it('takes down what was done on the day, and nothing of days after, whatever way it comes', function (): void {
    ($this->pain)();
    ($this->log)()->assertCreated();
    $this->clock->set('2026-03-04T18:00:00Z');
    ($this->log)()->assertStatus(409)->assertJsonPath('code', 'pulling-paused');
    ($this->log)(purpose: 'test')->assertStatus(409);
    ($this->log)(performed_at: '2026-03-02T18:30:00Z')->assertCreated();
    $queued = $this->postJson(
        '/api/v1/commands',
        ['commands' => [['athlete_id' => $this->athlete, 'set' => set($this, $this->exercise, 8)]]],
    )->assertOk();
    expect($queued->json('outcomes.0.problem.code'))->toBe('pulling-paused');
});

it('is ended by a note and by nothing else: not by time, a screen, a change of stage, or an accepted referral', function (): void {
    $call = ($this->pain)()->json('call');
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted'])->assertOk();
    $this->clock->passSeconds(60);
    $this->postJson("$this->url/screenings", ['id' => uuid(), 'overhead' => 'level'])->assertCreated();
    $this->postJson("$this->url/place", ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands'])->assertSuccessful();
    $this->clock->passSeconds(90 * 86400);
    expect(($this->paused)())->toBeTrue();
    ($this->clear)()->assertCreated()->assertJsonPath('paused_on', null)->assertJsonPath(
        'cleared.note',
        'Seen by the clinic, free to pull.',
    );
    expect(($this->paused)())->toBeFalse();
});

it('stays where a note says too little', function (string $note): void {
    ($this->pain)();
    $this->postJson(
        "$this->url/clearances",
        ['id' => uuid(), 'note' => $note],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/note');
    expect(($this->paused)())->toBeTrue();
})->with(['', '   ', '...', '-', '1 2 3']);

it('begins again with pain told after the note, and with pain that arrives late', function (): void {
    ($this->pain)();
    $this->clock->passSeconds(3600);
    ($this->clear)()->assertCreated();
    $this->clock->passSeconds(3600);
    $this->postJson(
        '/api/v1/commands',
        ['commands' => [['athlete_id' => $this->athlete, 'pain' => ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 2]]]]],
    )->assertOk();
    expect(($this->paused)())->toBeTrue();
    $this->clock->passSeconds(60);
    ($this->clear)()->assertCreated();
    $this->clock->passSeconds(60);
    // A set of before the first note, sent only now: nobody has looked at this pain yet.
    ($this->log)(performed_at: '2026-03-02T17:45:00Z', pain: ['place' => 'shoulder', 'level' => 4])->assertCreated();
    expect(($this->paused)())->toBeTrue();
});

it('names the latest pain of several', function (): void {
    ($this->pain)('elbow', 2);
    $this->clock->passSeconds(60);
    ($this->log)(pain: ['place' => 'shoulder', 'level' => 6])->assertCreated();
    $this->getJson($this->url)->assertJsonPath('pain', ['place' => 'shoulder', 'level' => 6]);
    $this->clock->passSeconds(60);
    ($this->pain)('wrist', 1)->assertJsonPath('pain.place', 'wrist');
});

it('pauses for symptoms as for pain, until a later note', function (): void {
    $this->postJson("$this->url/signals", ['id' => uuid(), 'on' => '2026-03-02', 'symptoms' => ['numbness']])->assertCreated();
    $this->getJson("$this->url/session")->assertJsonPath('refused.code', 'paused');
    $this->clock->passSeconds(60);
    ($this->clear)()->assertCreated();
    $this->getJson("$this->url/session")->assertJsonPath('refused.code', 'baselines');
});

it('undoes what was tapped by mistake, for ten minutes and by whoever told it; it stays in the log as undone', function (
    string $kind,
): void {
    $id = uuid();
    $hurt = ['place' => 'elbow', 'level' => 3];
    $undo = fn (string $told) => $this->postJson(
        '/api/v1/commands',
        ['commands' => [['athlete_id' => $this->athlete, 'pain_undone' => ['id' => uuid(), 'told_id' => $told]]]],
    )->assertOk()->json('outcomes.0.problem');
    match ($kind) {
        'place, then degree' => [
            ($this->pain)('elbow', null),
            $this->clock->passSeconds(5),
            $this->postJson("$this->url/pain", ['id' => $id, 'pain' => $hurt])->assertCreated(),
        ],
        'pain' => $this->postJson(
            "$this->url/pain",
            ['id' => $id, 'pain' => $hurt],
        )->assertCreated()->assertJsonPath('pain_source.told_id', $id),
        'set' => ($this->log)(id: $id, pain: $hurt)->assertCreated(),
        'corrected set' => [
            ($this->log)(id: $id, pain: $hurt)->assertCreated(),
            ($this->log)(replaces_id: $id, pain: $hurt)->assertCreated(),
        ],
        'symptom' => $this->postJson(
            "$this->url/signals",
            ['id' => $id, 'on' => '2026-03-02', 'symptoms' => ['numbness']],
        )->assertCreated(),
    };
    $refused = fn () => $this->getJson("$this->url/session")->json('refused.code');
    expect($refused())->toBe('paused');
    $this->clock->passSeconds(590);
    expect($undo($id))->toBeNull()->and($undo($id))->toBeNull();
    expect($refused())->not->toBe('paused')->and(($this->paused)())->toBeFalse();
    $this->getJson($this->url)->assertJsonPath('pain', null)->assertJsonPath('pain_source', null);
    if (str_contains($kind, 'set')) {
        $this->getJson("$this->url/sets")->assertJsonPath('items.0.pain.place', 'elbow')->assertJsonPath('items.0.pain_undone', true);
    }
    $this->clock->passSeconds(60);
    ($this->pain)('shoulder', 4);
    expect(($this->paused)())->toBeTrue();
})->with(['pain', 'place, then degree', 'set', 'corrected set', 'symptom']);

it('undoes nothing later, nothing that another coach told, and nothing that was never told', function (): void {
    $told = fn (): string => (string) ($this->pain)()->json('pain_source.told_id');
    $undo = fn (string $id) => $this->postJson(
        '/api/v1/commands',
        ['commands' => [['athlete_id' => $this->athlete, 'pain_undone' => ['id' => uuid(), 'told_id' => $id]]]],
    )->json('outcomes.0.problem');
    expect($undo(uuid())['code'])->toBe('not-found');
    $first = $told();
    $this->clock->passSeconds(601);
    expect($undo($first)['detail'])->toContain('more than ten minutes');
    $second = $told();
    PainReport::query()->whereKey($second)->update(['user_id' => uuid()]);
    expect($undo($second)['detail'])->toContain('Somebody else')->and(($this->paused)())->toBeTrue();
});

it('touches nobody else', function (): void {
    $other = addAthlete($this, name: 'Bea');
    $this->putJson("/api/v1/athletes/$other/setup", $this->exercise)->assertOk();
    ($this->pain)();
    $this->postJson("/api/v1/athletes/$other/sets", set($this, $this->exercise, 8))->assertCreated();
    $this->getJson("/api/v1/athletes/$other")->assertJsonPath('paused_on', null)->assertJsonPath('call.call.verdict', 'stay');
});
