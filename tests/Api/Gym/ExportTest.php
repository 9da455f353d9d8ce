<?php

declare(strict_types=1);

use App\Actions\Export\BadExport;
use App\Actions\Export\BringIn;
use App\Actions\ReplayLog;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\ExportColumns;
use App\Formats\Export\ExportTable;
use App\Models\Athletes\Athlete;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use App\Models\Screening\ScreeningLook;
use App\Queries\Export\ExportQuery;
use Illuminate\Support\Facades\DB;

require_once __DIR__.'/../Support/contract.php';

/** A text with each coach by their address. */
function byAddress(string $text): string
{
    return strtr($text, User::query()->where('gym_id', app(CurrentGym::class)->id())->pluck('email', 'id')->all());
}

/** @return list<string> the lines of what is exported now, without its moment, each coach by their address */
function exported(?Athlete $athlete = null): array
{
    $lines = iterator_to_array(app(ExportQuery::class)->lines($athlete), false);

    return array_map(static fn (string $line): string => (string) preg_replace(
        ['/"at":"[^"]+"/', '/"(created|updated)_at":("[^"]+"|null)/'],
        ['"at":""', '"$1_at":""'],
        byAddress(rtrim($line, "\n")),
    ), $lines);
}

/** @return array<string, string> a second coach */
function bea(): array
{
    return ['id' => uuid(), 'name' => 'Bea', 'email' => 'bea@one.example', 'role' => 'assistant'];
}

/** Something of every kind, told by two coaches. */
function fillGym(Tests\ApiTestCase $test): string
{
    [$bar, $rings] = [addBar($test), addGear($test, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.5, 'straps_m' => [1.1, 1.4]])];
    $bands = array_map(fn (int $mm): string => addBand($test, $mm, "Band $mm"), [13, 29, 44]);
    [$id, $other] = [addAthlete($test, name: 'Ада "=1+1"', tags: ['evening']), addAthlete($test, name: 'Bo')];
    $test->postJson('/api/v1/staff', bea())->assertCreated();
    $test->postJson("/api/v1/athletes/$id/screenings", ['id' => uuid(), 'overhead' => 'level', 'note' => null] + [])->assertCreated();
    $exercise = exercise($bar, $bands[1]);
    foreach ([[8, 8, 7], [9, 8, 8], [10, 9, 9]] as $i => $counts) {
        $test->clock->set('2026-03-0'.(2 + 2 * $i).'T18:00:00.123456Z');
        logSession($test, $id, $exercise, $counts);
        logSession($test, $other, exercise($bar, $bands[2], 'knee'), $counts);
    }
    $row = exerciseOn(['kind' => 'row', 'ring_id' => $rings, 'strap_m' => 1.4, 'heel_mark_m' => 0.2]);
    $test->postJson("/api/v1/athletes/$id/sets", set($test, $row, 9))->assertCreated();
    $test->putJson("/api/v1/athletes/$id/setup", $exercise)->assertOk();
    $looked = ['id' => uuid(), 'inspected_on' => '2026-03-05', 'finding' => 'sound'];
    $test->postJson("/api/v1/bands/{$bands[1]}/inspections", $looked)->assertSuccessful();
    addNote($test, $other);
    $test->postJson("/api/v1/athletes/$other/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertSuccessful();
    addClass($test);
    followLog();
    $coach = User::query()->where('email', 'coach@one.example')->value('id');
    $raised = ['caps_raised_by' => $coach, 'caps_raised_at' => '2026-03-05 12:00:00Z'];
    DB::table('gyms')->where('id', app(CurrentGym::class)->id())->update($raised);
    $test->getJson("/api/v1/athletes/$id")->assertOk();

    return $id;
}

it('comes into an empty gym as it went out, answers alike there, and follows from its log alike', function (): void {
    $id = fillGym($this);
    $asked = [
        "/api/v1/athletes/$id",
        "/api/v1/athletes/$id/sets",
        "/api/v1/athletes/$id/ladder?lane=pull&goal_share=1&most_rungs=8&advice=yes",
        "/api/v1/athletes/$id/session",
        '/api/v1/calls',
        '/api/v1/kit',
    ];
    $answer = fn (string $path): string => byAddress((string) $this->getJson($path)->assertOk()->getContent());
    $answers = fn (): array => array_map($answer, $asked);
    [$out, $answered] = [exported(), $answers()];
    $lines = iterator_to_array(app(ExportQuery::class)->lines(), false);
    $tables = array_unique(array_map(static fn (string $line): ?string => json_decode($line)->table ?? null, $lines));
    expect(count($tables))->toBeGreaterThan(14)->and(json_decode((string) end($lines))->rows)->toBe(count($lines) - 2);

    $this->signInAs($this->makeCoach('coach@one.example'));
    expect(app(BringIn::class)->into($lines))->toBe(count($lines) - 2);
    $came = exported();
    $bea = User::query()->where('gym_id', app(CurrentGym::class)->id())->where('email', 'bea@one.example')->first();
    expect(array_values(array_diff($came, $out)))->toBe([])->and(array_values(array_diff($out, $came)))->toBe([])
        ->and($answers())->toBe($answered)
        ->and($bea?->role)->toBe(Role::Assistant);

    app(ReplayLog::class)->ofGym();
    expect($answers())->toBe($answered);
});

it('lets who came with it in, once they are invited', function (): void {
    $this->postJson('/api/v1/staff', bea())->assertCreated();
    $lines = iterator_to_array(app(ExportQuery::class)->lines(), false);
    $this->signInAs($this->makeCoach('new@two.example'));
    app(BringIn::class)->into($lines);
    $bea = fn (): User => User::query()->where('gym_id', app(CurrentGym::class)->id())->where('email', 'bea@one.example')->sole();
    expect($bea()->password)->toBe(User::NO_PASSWORD);

    $path = $this->postJson('/api/v1/staff', ['name' => 'Beatrix'] + bea())->assertCreated()->assertJsonPath('id', $bea()->id)
        ->json('path');
    $this->withHeader('Password-Link', substr((string) $path, strlen('/password#')))
        ->putJson('/api/v1/password-link', ['password' => 'other chalk'])->assertNoContent();
    expect($bea()->name)->toBe('Beatrix')->and(password_verify('other chalk', $bea()->password))->toBeTrue();
});

it('refuses what is damaged with the line and the reason, and stores nothing of it', function (): void {
    fillGym($this);
    $lines = iterator_to_array(app(ExportQuery::class)->lines(), false);
    $this->signInAs($this->makeCoach('new@two.example'));
    $before = exported();
    $damaged = [
        'cut off' => [fn (array $l): array => array_slice($l, 0, -1), 'It ends before its last line'],
        'a line gone' => [fn (array $l): array => [...array_slice($l, 0, 3), ...array_slice($l, 4)], 'rows, and'],
        'goes on after its end' => [fn (array $l): array => [...$l, $l[1]], 'There is more after the last line.'],
        'no JSON' => [fn (array $l): array => [$l[0], '{"table":', ...$l], 'Line 2: This is not a JSON object in UTF-8.'],
        'no UTF-8' => [fn (array $l): array => [$l[0], "{\"table\":\"\xE9\"}", ...$l], 'Line 2: This is not a JSON object in UTF-8.'],
        'a line of two megabytes' => [fn (array $l): array => [$l[0], str_repeat(' ', 2_000_000)], 'longer than a megabyte'],
        'another format' => [fn (): array => ['{"format":"ladder","version":1}'], 'Line 1: This is not an export of Steady Rung.'],
        'a later version' => [
            fn (array $l): array => [str_replace('"version":1', '"version":2', $l[0])],
            'It is of version 2 of the format; this program reads 1.',
        ],
        'a table of the server' => [fn (array $l): array => [$l[0], '{"table":"sessions","row":{}}'], 'It names no table that is known'],
        'a column there is not' => [
            fn (array $l): array => [$l[0], '{"table":"gear","row":{"id":"x","price":1}}'],
            'gear has no “price”.',
        ],
        'another gym’s key' => [fn (array $l): array => [$l[0], '{"table":"gear","row":{"gym_id":"x"}}'], 'gear has no “gym_id”.'],
        'a screen without its answers' => [
            fn (array $l): array => array_map(fn (string $line): string => str_replace('"answers":', '"outcome":', $line), $l),
            'screenings has no answers here.',
        ],
        'a value that is none' => [
            fn (array $l): array => array_map(fn (string $line): string => str_replace('"mass_kg":70', '"mass_kg":"heavy"', $line), $l),
            'The database takes none of the lines up to here',
        ],
        'an athlete who is not there' => [
            fn (array $l): array => preg_grep('/^\{"table":"athletes"/', $l, PREG_GREP_INVERT),
            'The database takes none of the lines up to here',
        ],
    ];
    foreach ($damaged as $name => [$damage, $why]) {
        expect(fn () => app(BringIn::class)->into($damage($lines)))->toThrow(BadExport::class, $why);
        expect(exported())->toBe($before, $name);
    }
});

it('keeps to its schema, and the schema to the database', function (): void {
    fillGym($this);
    $schema = json_decode((string) file_get_contents(base_path('docs/formats/export.schema.json')), flags: JSON_THROW_ON_ERROR);
    foreach (ExportTable::cases() as $table) {
        $row = $schema->{'$defs'}->{$table->value}->properties->row;
        expect(array_keys(get_object_vars($row->properties)))->toBe(ExportColumns::of($table), $table->value);
    }
    foreach (app(ExportQuery::class)->lines() as $line) {
        expect(offDocument($line, $schema))->toBe('', $line);
    }
});

it('comes into no gym where there are athletes', function (): void {
    fillGym($this);
    $lines = app(ExportQuery::class)->lines();
    expect(fn () => app(BringIn::class)->into($lines))->toThrow(BadExport::class, 'There are athletes in this gym already.');
});

it('gives an athlete what is theirs and nobody else’s, and notes who looked at the answers of a screen', function (): void {
    $id = fillGym($this);
    $body = $this->get("/api/v1/athletes/$id/export")->assertOk()->assertHeader('Content-Type', 'application/x-ndjson')->streamedContent();
    $rows = array_map(json_decode(...), array_slice(explode("\n", trim($body)), 1, -1));
    foreach ($rows as $row) {
        $column = ExportTable::from($row->table)->athleteColumn();
        expect($column === null ? $id : $row->row->{$column})->toBe($id);
    }
    expect(array_values(array_unique(array_column($rows, 'table'))))
        ->toContain('athletes', 'logged_sets', 'screenings', 'calls')
        ->not->toContain('users', 'gear')
        ->and($body)->not->toContain('bea@one.example')
        ->and(ScreeningLook::query()->pluck('user_id')->all())->toBe([$this->coach->id])
        ->and(fn () => app(BringIn::class)->into(explode("\n", trim($body))))->toThrow(BadExport::class);
    expect($this->get('/api/v1/export')->assertOk()->streamedContent())->toContain('"table":"gear"')
        ->and(ScreeningLook::query()->count())->toBe(2);
});

it('exports a log of ten thousand sets in little memory', function (): void {
    $id = fillGym($this);
    $one = (array) DB::table('logged_sets')->where('athlete_id', $id)->first();
    foreach (array_chunk(range(1, 10_000), 500) as $some) {
        DB::table('logged_sets')->insert(array_map(fn (): array => ['id' => uuid(), 'fingerprint' => null] + $one, $some));
    }
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $count = 0;
    foreach (app(ExportQuery::class)->lines() as $ignored) {
        $count++;
    }
    expect($count)->toBeGreaterThan(10_000)->and(memory_get_peak_usage() - $before)->toBeLessThan(16 * 1024 * 1024);
});
