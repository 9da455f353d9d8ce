<?php

declare(strict_types=1);

use App\Models\Calls\CallRecord;

it('finds people by the words of their name in any order, by tag, and sorts by the last session', function (): void {
    [$bar, $band] = [addBar($this), addBand($this)];
    $ada = addAthlete($this, name: 'Ada Marsh', tags: ['Tuesday', 'tuesday', 'Youth']);
    $bea = addAthlete($this, name: 'Bea Marsh');
    addAthlete($this, name: 'Cy Dale', tags: ['Tuesday']);
    $this->clock->set('2026-03-05T18:00:00Z');
    logSession($this, $bea, exercise($bar, $band), [5]);
    $names = fn (string $query): array => array_column($this->getJson("/api/v1/athletes?$query")->assertOk()->json('items'), 'name');

    expect($names('search=marsh%20ada'))->toBe(['Ada Marsh'])
        ->and($names('search=mar'))->toBe(['Ada Marsh', 'Bea Marsh'])
        ->and($names('tag=Tuesday'))->toBe(['Ada Marsh', 'Cy Dale'])
        ->and($names('order=last-session'))->toBe(['Bea Marsh', 'Ada Marsh', 'Cy Dale'])
        ->and($this->getJson('/api/v1/athletes')->json('tags'))->toBe(['Tuesday', 'Youth'])
        ->and($this->getJson("/api/v1/athletes/$ada")->json('tags'))->toBe(['Tuesday', 'Youth']);
});

it('sets an athlete aside with the open call, keeps the log, and brings both back', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    logSession($this, $athlete, exercise($bar, $band), [8]);
    $this->putJson("/api/v1/athletes/$athlete/archive", ['archived' => true])
        ->assertOk()
        ->assertJsonPath('archived', true)
        ->assertJsonPath('call', null);

    $this->getJson('/api/v1/athletes')->assertJsonCount(0, 'items');
    $this->getJson('/api/v1/athletes?show=archived')->assertJsonCount(1, 'items');
    $this->getJson('/api/v1/calls')->assertJsonCount(0, 'items');
    $this->getJson("/api/v1/athletes/$athlete/sets")->assertJsonCount(1, 'items');
    $this->putJson("/api/v1/athletes/$athlete/archive", ['archived' => false])->assertOk();
    expect(CallRecord::openOf($athlete))->not->toBeNull();
});

it('takes a weighing back, and goes on with the one before', function (): void {
    $athlete = addAthlete($this, mass_kg: 70);
    $wrong = ['id' => uuid(), 'weighed_on' => '2026-03-02', 'mass_kg' => 170];
    $this->clock->passSeconds(60);
    $this->postJson("/api/v1/athletes/$athlete/weighings", $wrong)->assertCreated()->assertJsonPath('mass_kg', 170);
    $back = ['id' => uuid()];
    $this->postJson(
        "/api/v1/athletes/$athlete/weighings/{$wrong['id']}/withdrawal",
        $back,
    )->assertOk()->assertJsonPath('mass_kg', 70)->assertJsonCount(1, 'weighings');
    $this->postJson("/api/v1/athletes/$athlete/weighings/{$wrong['id']}/withdrawal", $back)->assertOk();
    $this->postJson(
        "/api/v1/athletes/$athlete/weighings/$athlete/withdrawal",
        ['id' => uuid()],
    )->assertStatus(409)->assertJsonPath('code', 'last-weighing');
});

it('takes names that can be seen, on one line, without marks that turn the text round', function (string $name, ?string $kept): void {
    $body = ['id' => uuid(), 'name' => $name, 'kind' => 'gym', 'mass_kg' => 70, 'stature_m' => 1.75];
    $response = $this->postJson('/api/v1/athletes', $body);
    $kept === null
        ? $response->assertStatus(422)->assertJsonPath('errors.0.pointer', '/name')
        : $response->assertCreated()->assertJsonPath('name', $kept);
})->with([
    'only invisible' => ["\u{200B}\u{2060}\u{FEFF}", null], 'a filler letter' => ["\u{3164}", null], 'only joiners' => ["\u{200D}\u{200C}", null], 'only spaces' => [
        " \u{00A0}\u{3000} ",
        null,
    ],
    'a newline' => ["Ada\nMarsh", 'Ada Marsh'], 'an override' => ["Ada\u{202E}hsraM", 'AdahsraM'], 'spaces' => [
        "  Ada \u{00A0} Marsh ",
        'Ada Marsh',
    ],
    'a Persian joiner' => ["می\u{200C}خواهم", "می\u{200C}خواهم"], 'an accent' => ["Zo\u{0065}\u{0308}", "Zo\u{0065}\u{0308}"], 'one sign' => [
        '★',
        '★',
    ],
]);

it('believes less surely what it has not seen for weeks', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    logSession($this, $athlete, exercise($bar, $band), [8, 8, 8]);
    $today = $this->getJson("/api/v1/athletes/$athlete")->json();
    $this->clock->passSeconds(28 * 86400);
    $later = $this->getJson("/api/v1/athletes/$athlete")->json();

    expect($later['capacity']['high80'] - $later['capacity']['low80'])->toBeGreaterThan(
        1.1 * ($today['capacity']['high80'] - $today['capacity']['low80']),
    )
        ->and(
            $later['rung']['prediction']['high80'] - $later['rung']['prediction']['low80'],
        )->toBeGreaterThan($today['rung']['prediction']['high80'] - $today['rung']['prediction']['low80'])
        ->and($this->getJson('/api/v1/athletes')->json('items.0.capacity.high80'))->toEqual($later['capacity']['high80']);
});

it('pauses for pain whose place alone was told, and takes its degree when it comes', function (): void {
    $athlete = addAthlete($this);
    $tell = fn (?int $level) => $this->postJson(
        "/api/v1/athletes/$athlete/pain",
        ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => $level]],
    )->assertCreated()->assertJsonPath('paused_on', '2026-03-02');
    $tell(null)->assertJsonPath('pain', ['place' => 'elbow', 'level' => null])->assertJsonPath(
        'call.call.reasons.0.text',
        'Pain: elbow, how bad not said. No pulling until you clear it.',
    );
    $this->clock->passSeconds(5);
    $tell(3)->assertJsonPath('pain.level', 3)->assertJsonPath(
        'call.call.reasons.0.text',
        'Pain: elbow, 3 of 10. No pulling until you clear it.',
    );
});

it('takes pain down without a set, pauses, and refers', function (): void {
    $athlete = addAthlete($this);
    $told = ['id' => uuid(), 'pain' => ['place' => 'ribs', 'level' => 4], 'note' => 'Told on arriving.'];
    $this->postJson("/api/v1/athletes/$athlete/pain", $told)
        ->assertCreated()
        ->assertJsonPath('pain.place', 'ribs')
        ->assertJsonPath('paused_on', '2026-03-02')
        ->assertJsonPath('call.call.verdict', 'refer');
    $this->postJson("/api/v1/athletes/$athlete/pain", $told)->assertOk();
    $this->postJson("/api/v1/athletes/$athlete/pain", ['id' => uuid(), 'pain' => ['level' => 4]])->assertStatus(422);
    $this->clock->passSeconds(60);
    $this->postJson(
        "/api/v1/athletes/$athlete/clearances",
        ['id' => uuid(), 'note' => 'Bruise, healed.'],
    )->assertCreated()->assertJsonPath('paused_on', null)->assertJsonPath('call', null);
});
