<?php

declare(strict_types=1);

use App\Models\Gym\Role;

require_once __DIR__.'/../Support/staff.php';

beforeEach(function (): void {
    $this->athlete = addAthlete($this, name: 'Ada');
    $this->url = "/api/v1/athletes/$this->athlete";
    $this->rules = fn (mixed ...$rules) => $this->putJson('/api/v1/settings/health', $rules + ['consent' => 'required']);
    $this->words = fn (): string => $this->getJson('/api/v1/me')->json('consent_words');
    $this->agree = fn (mixed ...$given) => $this->postJson("$this->url/consent", $given + [
        'id' => uuid(), 'born_on' => '1990-02-03', 'by' => 'athlete', 'words' => ($this->words)(),
    ]);
    $this->screen = fn () => $this->postJson("$this->url/screenings", ['id' => uuid(), 'overhead' => 'level']);
});

it('keeps health answers as each rule has it', function (string $rule, int $status, ?string $state): void {
    ($this->rules)(consent: $rule)->assertOk()->assertJsonPath('consent', $rule);
    $this->getJson($this->url)->assertJsonPath('screen.consent', $state);
    ($this->screen)()->assertStatus($status);
})->with([['not-asked', 201, null], ['asked', 201, 'none'], ['required', 409, 'none']]);

it('takes a screen once somebody agreed, and none after it was taken back', function (): void {
    ($this->rules)();
    ($this->screen)()->assertStatus(409)->assertJsonPath('code', 'consent-missing');
    ($this->agree)(id: $id = uuid())->assertCreated()->assertJsonPath('state', 'given')->assertJsonPath('noted_by', 'Coach');
    ($this->agree)(id: $id)->assertOk();
    $screen = ['id' => uuid(), 'overhead' => 'level'];
    $this->postJson("$this->url/screenings", $screen)->assertCreated()->assertJsonPath('screen.consent', 'given');

    $this->clock->passSeconds(60);
    $this->postJson("$this->url/consent/withdrawal", ['id' => uuid()])->assertCreated()->assertJsonPath('state', 'withdrawn');
    $this->postJson("$this->url/consent/withdrawal", ['id' => uuid()])->assertStatus(422);
    ($this->screen)()->assertStatus(409);
    $this->postJson("$this->url/screenings", $screen)->assertOk(); // what stands is not refused when it comes again
});

it('takes pain down and pauses, whether anybody agreed or not', function (): void {
    ($this->rules)();
    $this->postJson("$this->url/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertCreated()
        ->assertJsonPath('pain.place', 'elbow');
});

it('asks a guardian for who is under 18, by name, and themselves once they are 18', function (): void {
    ($this->rules)();
    ($this->agree)(born_on: '2010-05-14')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/by');
    ($this->agree)(born_on: '2010-05-14', by: 'guardian')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/guardian');
    ($this->agree)(born_on: '2025-05-14', by: 'guardian', guardian: 'Mo Tarn')->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/born_on');
    ($this->agree)(guardian: 'Mo Tarn')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/guardian');
    ($this->agree)(born_on: '2010-05-14', by: 'guardian', guardian: 'Mo Tarn')->assertCreated();
    ($this->screen)()->assertCreated();

    $this->clock->set('2028-05-14T18:00:00Z');
    $this->getJson("$this->url/consent")->assertJsonPath('state', 'of-age')->assertJsonPath('guardian', 'Mo Tarn');
    ($this->screen)()->assertStatus(409);
    ($this->agree)(born_on: '2010-05-14')->assertCreated()->assertJsonPath('state', 'given');
});

it('keeps the words that were agreed to, and takes no others than are asked', function (): void {
    $usual = ($this->words)();
    ($this->agree)()->assertCreated();
    ($this->rules)(consent_words: 'We keep what you tell us of your body.')->assertOk()->assertJsonPath('own_words', true);
    $this->getJson("$this->url/consent")->assertJsonPath('state', 'other-words')->assertJsonPath('words', $usual)
        ->assertJsonPath('words_now', 'We keep what you tell us of your body.');
    ($this->screen)()->assertCreated();
    ($this->agree)(words: $usual)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/words');
    ($this->rules)(consent_words: null)->assertOk()->assertJsonPath('consent_words', $usual)->assertJsonPath('own_words', false);
});

it('is settled by an owner and noted by a coach, not by an assistant', function (): void {
    $this->signInAs(colleague($this->coach, Role::Coach));
    ($this->rules)()->assertStatus(403);
    ($this->agree)()->assertCreated();
    $this->signInAs(colleague($this->coach, Role::Assistant, 'cy@one.example'));
    ($this->agree)()->assertStatus(403);
    $this->getJson("$this->url/consent")->assertStatus(403);
});
