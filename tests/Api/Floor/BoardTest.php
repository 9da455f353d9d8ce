<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    [$this->bar, $this->band] = [addBar($this), addBand($this, 44, 'Heron')];
    $this->exercise = exercise($this->bar, $this->band);
    $this->class = addClass($this);
    $this->path = "/api/v1/classes/$this->class/days/2026-03-02/board";
    $this->comes = function (string $name): string {
        $id = addAthlete($this, name: $name, tags: ['evening'], mass_kg: 71.375);
        $this->postJson("/api/v1/athletes/$id/screenings", ['id' => uuid(), 'overhead' => 'level'])->assertCreated();
        $this->putJson("/api/v1/athletes/$id/setup", $this->exercise)->assertOk();
        $this->postJson("/api/v1/athletes/$id/sets", set($this, $this->exercise, 9, performed_at: '2026-02-27T18:00:00Z'))->assertCreated();

        return $id;
    };
    $this->clock->set('2026-03-02T18:00:00Z');
    /** What a screen without anybody signed in is told. */
    $this->look = function (string $code) {
        app('auth')->forgetGuards();

        return $this->getJson('/api/v1/board', ['Board-Code' => $code]);
    };
});

it('gives a screen one code a class and day, the same until it is ended, and then another', function (): void {
    ($this->comes)('Isaura Penhallow');
    expect($this->getJson($this->path)->assertOk()->json('code'))->toBeNull();
    $code = $this->putJson($this->path)->assertOk()->assertJsonPath('ends_at', '2026-03-02T19:30:00Z')->json('code');
    expect($code)->toMatch('/^[2-9A-HJKMNP-TV-Z]{8}$/')->and($this->putJson($this->path)->json('code'))->toBe($code);

    ($this->look)(strtolower(substr($code, 0, 4)).' '.substr($code, 4))->assertOk()->assertJsonPath('class.name', 'Evening');

    $this->signInAs($this->coach);
    $this->deleteJson($this->path)->assertNoContent();
    $other = $this->putJson($this->path)->json('code');
    ($this->look)($code)->assertStatus(410)->assertJsonPath('code', 'link-ended');
    ($this->look)($other)->assertOk();
});

it('ends a quarter of an hour after the class, and keeps codes for a week', function (): void {
    $code = $this->putJson($this->path)->json('code');
    $this->clock->set('2026-03-02T19:30:00Z');
    ($this->look)($code)->assertOk();
    $this->clock->set('2026-03-02T19:30:01Z');
    ($this->look)($code)->assertStatus(410);

    $this->signInAs($this->coach);
    foreach (['2026-03-09', '2026-03-16'] as $on) {
        $this->putJson(str_replace('2026-03-02', $on, $this->path))->assertOk();
    }
    expect(DB::table('class_boards')->orderBy('held_on')->pluck('held_on')->all())->toBe(['2026-03-09', '2026-03-16']);
    $this->putJson(str_replace('2026-03-02', '2026-03-03', $this->path))->assertNotFound();
});

it('tells what is done where and nothing of health, weight or whole names', function (): void {
    $id = ($this->comes)('Isaura Penhallow');
    $hurt = ($this->comes)('Bastian Crewe');
    $gone = ($this->comes)('Odo Finch');
    addAthlete($this, name: 'New Comer', tags: ['evening']); // was not screened
    $said = ['pain' => ['place' => 'elbow', 'level' => 4], 'note' => 'Sounded tired', 'reserve' => 3];
    $this->postJson("/api/v1/athletes/$hurt/sets", set($this, $this->exercise, 5, ...$said, performed_at: '2026-03-02T18:00:00Z'))->assertCreated();
    $this->postJson("/api/v1/athletes/$id/sets", set($this, $this->exercise, 6, performed_at: '2026-03-02T18:00:00Z', note: 'Sounded tired'))->assertCreated();
    $this->postJson('/api/v1/commands', ['commands' => [[
        'athlete_id' => $gone,
        'coming' => ['id' => uuid(), 'class_id' => $this->class, 'on' => '2026-03-02', 'coming' => false, 'told_at' => '2026-03-02T18:00:00Z'],
    ]]])->assertOk();

    $told = ($this->look)($this->putJson($this->path)->json('code'))->assertOk();

    $athletes = collect($told->json('athletes'));
    $shown = $athletes->firstWhere('id', $id);
    expect($athletes->pluck('name')->filter()->values()->all())->toBe(['Isaura'])
        ->and(array_column($shown['lines'], 'sets'))->not->toBe([])
        ->and($shown['sets'][0]['clean_reps'])->toBe(6)
        ->and($shown['sets'][0]['exercise']['setup']['band_ids'])->toBe([$this->band])
        ->and($athletes->whereNull('name')->map(fn (array $a): array => array_diff_key($a, ['id' => 1, 'sets' => 1]))->unique()->values()->all())
        ->toBe([['name' => null, 'lines' => [], 'switched' => [], 'lowerings_left' => 0, 'beside' => []]])
        ->and(array_unique(array_column($told->json('turns'), 'athlete_id')))->toBe([$id])
        ->and((string) $told->getContent())->not->toMatch('/Penhallow|Crewe|Odo|Comer|pain|elbow|tired|reserve|share|prediction|concern|paused|71\.37|mass_kg/');
});

it('calls people as the gym wishes', function (string $rule, array $shown): void {
    array_map($this->comes, ['Isaura Penhallow', 'Odo Finch']);
    $this->putJson('/api/v1/settings/board', ['names' => $rule])->assertOk()->assertJsonPath('board_names', $rule);

    $told = ($this->look)($this->putJson($this->path)->json('code'));
    expect(array_column($told->json('athletes'), 'name'))->toBe($shown);
})->with(['first names' => ['first', ['Isaura', 'Odo']], 'initials' => ['initials', ['IP', 'OF']]]);

it('slows whoever guesses codes, and shows each gym its own class', function (): void {
    $code = $this->putJson($this->path)->json('code');
    $this->signInAs($this->makeCoach('coach@two.example'));
    expect($this->getJson('/api/v1/board', ['Board-Code' => $code])->assertOk()->json('class.id'))->toBe($this->class); // who is signed in says nothing
    $this->getJson($this->path)->assertNotFound();
    foreach (range(1, 21) as $n) {
        ($this->look)("AAAA22$n")->assertStatus(410);
    }
    ($this->look)($code)->assertStatus(429);
});
