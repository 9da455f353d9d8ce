<?php

declare(strict_types=1);

use App\Models\Gym\Gym;

beforeEach(function (): void {
    /** Makes a class and answers the list. */
    $this->make = fn (mixed ...$given): array => $this->postJson(
        '/api/v1/classes',
        ['id' => uuid(), 'name' => 'Evening', 'first_on' => '2026-03-02', 'at' => '18:00', 'minutes' => 75, ...$given],
    )->assertCreated()->json();
    $this->list = fn (): array => $this->getJson('/api/v1/classes')->assertOk()->json();
    $this->moments = fn (array $list): array => array_map(fn (array $h): string => "{$h['starts_at']} {$h['ends_at']}", $list['held']);
    $this->zone = function (string $zone): void {
        Gym::query()->whereKey($this->coach->gym_id)->update(['timezone' => $zone]);
        $this->signInAs($this->coach);
    };
});

it('keeps the hour on the wall when the clocks change', function (): void {
    $this->clock->set('2026-03-27T12:00:00Z');
    $list = ($this->make)(first_on: '2026-03-22', weekly: true); // Sundays; the 29th is an hour short

    expect(($this->moments)($list))->toBe(['2026-03-29T17:00:00Z 2026-03-29T18:15:00Z'])
        ->and($list['items'][0]['next'])->toBe(['2026-03-29', '2026-04-05', '2026-04-12', '2026-04-19']);
    $this->clock->set('2026-10-22T12:00:00Z');
    expect(($this->moments)(($this->list)()))->toBe(['2026-10-25T18:00:00Z 2026-10-25T19:15:00Z']);
});

it('lasts as long as it says over a change of clocks, and past midnight', function (): void {
    $this->clock->set('2026-03-28T12:00:00Z');
    $list = ($this->make)(first_on: '2026-03-29', at: '00:30', minutes: 120);
    expect(($this->moments)($list))->toBe(['2026-03-29T00:30:00Z 2026-03-29T02:30:00Z']);
    $late = ($this->make)(name: 'Late', first_on: '2026-03-28', at: '23:15', minutes: 90);
    expect(($this->moments)($late)[0])->toBe('2026-03-28T23:15:00Z 2026-03-29T00:45:00Z');
});

it('is of the gym’s day, wherever that is', function (string $zone, string $today, string $startsAt): void {
    ($this->zone)($zone);
    $this->clock->set('2026-03-02T11:30:00Z');
    $list = ($this->make)(first_on: $today);

    expect($list['today'])->toBe($today)->and($list['held'][0])->toMatchArray(['on' => $today, 'starts_at' => $startsAt]);
})->with([
    ['Pacific/Kiritimati', '2026-03-03', '2026-03-03T04:00:00Z'],
    ['Pacific/Pago_Pago', '2026-03-02', '2026-03-03T05:00:00Z'],
    ['Asia/Kathmandu', '2026-03-02', '2026-03-02T12:15:00Z'],
]);

it('shows yesterday’s and a week ahead, the earliest first, and nothing before or beyond', function (): void {
    foreach (['2026-02-28', '2026-03-01', '2026-03-02', '2026-03-09', '2026-03-10'] as $on) {
        ($this->make)(name: $on, first_on: $on);
    }

    expect(array_column(($this->list)()['held'], 'name'))->toBe(['2026-03-01', '2026-03-02', '2026-03-09']);
});

it('holds a weekly class from its first day to its last, both among them', function (): void {
    ($this->make)(first_on: '2026-03-02', last_on: '2026-03-16', weekly: true);
    $next = fn (): array => ($this->list)()['items'][0]['next'] ?? [];
    expect($next())->toBe(['2026-03-02', '2026-03-09', '2026-03-16']);
    $this->clock->set('2026-03-16T10:00:00Z');
    expect($next())->toBe(['2026-03-16']);
    $this->clock->set('2026-03-18T10:00:00Z');
    expect(($this->list)()['items'])->toBe([]);
});

it('takes a last day of a class that is held once for nothing', function (): void {
    $list = ($this->make)(first_on: '2026-03-04', last_on: '2026-03-25');

    expect($list['items'][0])->toMatchArray(['weekly' => false, 'last_on' => '2026-03-04', 'next' => ['2026-03-04']]);
});

it('moves with a change, and what was logged on its days stays in the log', function (): void {
    $class = ($this->make)(weekly: true, tags: ['evening'])['items'][0]['id'];
    $id = addAthlete($this, tags: ['evening']);
    $set = set($this, null, 0, clean_reps: null, reserve: null, purpose: 'baseline', hang_s: 30);
    $this->postJson('/api/v1/commands', ['commands' => [['athlete_id' => $id, 'set' => $set]]])->assertOk();
    $changed = [
        'id' => $class,
        'name' => 'Morning',
        'first_on' => '2026-03-03',
        'at' => '07:00',
        'minutes' => 60,
        'weekly' => true,
        'tags' => ['morning'],
    ];
    $this->putJson("/api/v1/classes/$class", $changed)
        ->assertOk()
        ->assertJsonPath('items.0.name', 'Morning')
        ->assertJsonPath('items.0.next.0', '2026-03-03');

    $this->getJson("/api/v1/classes/$class/days/2026-03-02")->assertNotFound();
    $this->getJson("/api/v1/classes/$class/days/2026-03-03")->assertOk()->assertJsonCount(0, 'athletes');
    $this->getJson("/api/v1/athletes/$id/sets")->assertJsonPath('items.0.id', $set['id']);
    $this->putJson("/api/v1/classes/$class", $changed)->assertOk()->assertJsonCount(1, 'items');
});

it('offers the tags there are, each once, of this gym’s people who are still here', function (): void {
    addAthlete($this, name: 'Ada', tags: ['evening', 'youth']);
    addAthlete($this, name: 'Bea', tags: ['evening']);
    $gone = addAthlete($this, name: 'Cid', tags: ['gone']);
    $this->putJson("/api/v1/athletes/$gone/archive", ['archived' => true])->assertSuccessful();

    expect(($this->list)()['tags'])->toBe(['evening', 'youth'])
        ->and($this->getJson('/api/v1/athletes')->json('tags'))->toBe(['evening', 'youth'])
        ->and($this->getJson('/api/v1/athletes?show=archived')->json('tags'))->toBe(['gone']);
    $this->signInAs($this->makeCoach('coach@two.example'));
    expect(($this->list)()['tags'])->toBe([]);
});

it('answers no day that is none, and none of another gym’s class', function (): void {
    $class = ($this->make)(weekly: true)['items'][0]['id'];
    foreach (['2026-02-30', 'today', '2026-3-2'] as $on) {
        $this->getJson("/api/v1/classes/$class/days/$on")->assertStatus(422);
    }
    $this->getJson("/api/v1/classes/$class/days/2026-03-03")->assertNotFound();
    $this->getJson("/api/v1/classes/$class/days/2026-03-02/news?since=-1")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/since');
    $this->signInAs($this->makeCoach('coach@two.example'));
    $this->getJson("/api/v1/classes/$class/days/2026-03-02")->assertNotFound();
});
