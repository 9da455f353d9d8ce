<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->screens = "/api/v1/athletes/$this->athlete/screenings";
    $this->screen = fn (array $found = [], ?string $id = null) => $this->postJson(
        $this->screens,
        ['id' => $id ?? uuid(), 'overhead' => 'level', ...$found],
    );
    $this->page = fn () => $this->getJson("/api/v1/athletes/$this->athlete")->json();
});

it('asks for a screen before the first, and holds what it leaves against every list', function (): void {
    [$bar, $band] = [addBar($this), addBand($this)];
    $exercise = exercise($bar, $band);
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $exercise)->assertOk();
    expect(($this->page)()['screen'])->toMatchArray(['on' => null, 'outcome' => null, 'due' => 'Not screened yet.']);

    ($this->screen)(['overhead' => 'short'])->assertCreated()->assertJsonPath('screen.outcome', 'limited')->assertJsonPath(
        'screen.limits',
        ['no-hanging', 'no-overhead'],
    )
        ->assertJsonPath('screen.due', null)->assertJsonPath('screen.mobility.0.name', 'Lying reach overhead')
        ->assertJsonPath('rung', null)->assertJsonPath('rung_lost', 'The screen says: no hanging.')->assertJsonPath('call', null);
    $this->putJson(
        "/api/v1/athletes/$this->athlete/setup",
        $exercise,
    )->assertStatus(422)->assertJsonPath('detail', 'The screen says: no hanging.');
    expect($this->getJson("/api/v1/athletes/$this->athlete/ladder?lane=pull")->json('rungs'))->toBe([])
        ->and($this->getJson("/api/v1/athletes/$this->athlete/scale")->json('rungs'))->toBe([])
        ->and(
            $this->getJson("/api/v1/athletes/$this->athlete/setup?exercise=".urlencode((string) json_encode($exercise)))->json('reason'),
        )->toBe('The screen says: no hanging.');

    ($this->screen)()->assertCreated()
        ->assertJsonPath('screen.outcome', 'cleared')
        ->assertJsonPath('rung_lost', null)
        ->assertJsonPath('screen.mobility', []);
    expect($this->getJson("/api/v1/athletes/$this->athlete/ladder?lane=pull")->json('rungs'))->not->toBe([]);
});

it('pauses for pain told in it, and refers', function (): void {
    ($this->screen)(['pain' => ['place' => 'shoulder', 'level' => 3]])->assertCreated()
        ->assertJsonPath('screen.outcome', 'refer')
        ->assertJsonPath('pain.place', 'shoulder')
        ->assertJsonPath('screen.due', null);
    expect(($this->page)()['paused_on'])->not->toBeNull();
});

it('is asked again after pain, and after four weeks away', function (): void {
    ($this->screen)()->assertCreated();
    $this->clock->passSeconds(86400);
    $this->postJson("/api/v1/athletes/$this->athlete/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 2]])
        ->assertCreated();
    expect(($this->page)()['screen']['due'])->toBe('Pain since the last screen. Screen again.');
    ($this->screen)()->assertCreated();
    $this->postJson("/api/v1/athletes/$this->athlete/clearances", ['id' => uuid(), 'note' => 'Physio: fine.'])->assertCreated();
    logSession($this, $this->athlete, exercise(addBar($this), addBand($this)), [8]);
    $this->clock->passSeconds(28 * 86400);
    expect(($this->page)()['screen']['due'])->toBe('Four weeks away: screen again before loading.');
});

it('keeps answers encrypted, each look at them, and a history without them', function (): void {
    $id = uuid();
    $found = ['conditions' => ['pregnancy'], 'cleared' => true, 'note' => 'Week 30, midwife agrees.'];
    ($this->screen)($found, $id)->assertCreated();
    ($this->screen)($found, $id)->assertOk();
    ($this->screen)(['overhead' => 'short'], $id)->assertStatus(409);
    $row = (array) DB::table('screenings')->sole();
    expect($row['answers'])->not->toContain('pregnancy')->not->toContain('midwife')
        ->and(json_encode($row))->not->toContain('pregnancy')
        ->and(
            $this->getJson($this->screens)->assertOk()->json('items.0'),
        )->toMatchArray(['outcome' => 'limited', 'looks' => 0])->not->toHaveKey('answers');

    $this->getJson("$this->screens/$id")->assertOk()->assertJsonPath(
        'answers.note',
        'Week 30, midwife agrees.',
    )->assertJsonPath('answers.conditions', ['pregnancy'])->assertJsonPath(
        'reasons.0',
        'Cleared by a clinician: pregnancy or the months after. What the clinician allows comes first.',
    );
    $this->getJson("$this->screens/$id")->assertJsonPath('screen.looks', 2)->assertJsonPath('looks.0.by', $this->coach->name);
});

it('is seen by this gym’s coaches only', function (): void {
    $id = uuid();
    ($this->screen)([], $id)->assertCreated();
    $this->signInAs($this->makeCoach('other@two.example'));
    $this->getJson("$this->screens/$id")->assertNotFound();
    $this->getJson($this->screens)->assertNotFound();
    expect(DB::table('screening_looks')->count())->toBe(0);
});

it('refuses what no screen can find', function (array $found, string $pointer): void {
    ($this->screen)($found)->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    [['overhead' => 'high'], '/overhead'], [['overhead' => null], '/overhead'], [
        ['conditions' => ['flu']],
        '/conditions/0',
    ], [['most_share' => 3], '/most_share'],
    [
        ['pain' => ['place' => 'elbow', 'level' => 0]],
        '/pain/level',
    ], [['under_18' => true], '/under_18'], [['numb' => 'yes'], '/numb'], [['age' => 17], '/age'],
]);
