<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    [$bar, $bands] = [addBar($this), [addBand($this, 29, 'Rook'), addBand($this, 44, 'Heron')]];
    $this->ada = addAthlete($this, name: '=Ada', tags: ['evening']);
    $this->bo = addAthlete($this, name: 'Bo');
    $this->clock->set('2026-03-02T18:00:00Z');
    logSession($this, $this->ada, exercise($bar, $bands[0]), [8, 7]);
    $this->clock->set('2026-03-05T18:00:00Z');
    logSession($this, $this->bo, exercise($bar, $bands[1], 'knee'), [6]);
    $hang = set($this, null, 0, clean_reps: null, reserve: null, purpose: 'test', hang_s: 31.5);
    $this->postJson("/api/v1/athletes/$this->ada/sets", $hang)->assertCreated();
    $this->found = fn (string $query): array => array_map(
        fn (array $one): string => "{$one['athlete_name']} {$one['set']['trained_on']} ".($one['set']['clean_reps'] ?? 'hang'),
        $this->getJson("/api/v1/log?$query")->assertOk()->json('items'),
    );
});

it('finds sets by person, class, exercise, purpose and day, newest first', function (): void {
    $all = ['=Ada 2026-03-05 hang', 'Bo 2026-03-05 6', '=Ada 2026-03-02 7', '=Ada 2026-03-02 8'];
    $found = $this->found;
    expect($found(''))->toEqualCanonicalizing($all)
        ->and(array_slice($found(''), 2))->toBe(array_slice($all, 2))
        ->and($found("athlete=$this->bo"))->toBe([$all[1]])
        ->and($found('tag=evening&purpose=work'))->toBe([$all[2], $all[3]])
        ->and($found('exercise=rook'))->toBe([$all[2], $all[3]])
        ->and($found('exercise=knee%20heron'))->toBe([$all[1]])
        ->and($found('exercise=%25'))->toBe([])
        ->and($found('purpose=test'))->toBe([$all[0]])
        ->and($found('to=2026-03-04'))->toBe([$all[2], $all[3]])
        ->and($found('from=2026-03-03&exercise=rook'))->toBe([]);
    $this->getJson('/api/v1/log')->assertJsonPath('from', '2025-12-05')->assertJsonPath('to', '2026-03-05');
});

it('leaves out what was taken back, and shows a correction for what it corrects', function (): void {
    $last = $this->getJson("/api/v1/log?athlete=$this->bo")->json('items.0.set.id');
    $this->postJson("/api/v1/athletes/$this->bo/sets/$last/withdrawal", ['id' => uuid()])->assertNoContent();
    expect(($this->found)("athlete=$this->bo"))->toBe([]);
});

it('refuses days it cannot look through', function (string $query, string $pointer): void {
    $this->getJson("/api/v1/log?$query")->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    ['from=2020-01-01', '/from'],
    ['from=2026-03-04&to=2026-03-03', '/from'],
    ['to=2026-04-01', '/to'],
    ['purpose=play', '/purpose'],
]);

it('gives the same as a table that a spreadsheet opens, with no formula in it', function (): void {
    $text = $this->get('/api/v1/log.csv?purpose=work')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')
        ->streamedContent();
    $rows = array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim($text)));
    $table = array_map(fn (array $row): array => array_combine($rows[0], $row), array_slice($rows, 1));
    $carried = $this->getJson("/api/v1/log?athlete=$this->ada&purpose=work")->json('items.0.set.carried_kg');
    expect(array_column($table, 'athlete'))->toBe(['Bo', "'=Ada", "'=Ada"])
        ->and(array_column($table, 'clean_reps'))->toBe(['6', '7', '8'])
        ->and($table[1]['exercise'])->toBe('Rook, foot, Bar')
        ->and((float) $table[1]['carried_kg'])->toBe(round($carried, 2))
        ->and($table[1]['coach'])->toBe('Coach');
});

it('writes a table of more rows than it reads at once, each once', function (): void {
    $one = (array) DB::table('logged_sets')->where('athlete_id', $this->bo)->first();
    foreach (range(1, 3) as $ignored) {
        DB::table('logged_sets')->insert(array_map(
            fn (): array => ['id' => uuid(), 'fingerprint' => null, 'note' => uuid()] + $one,
            range(1, 400),
        ));
    }
    $lines = explode("\r\n", trim($this->get("/api/v1/log.csv?athlete=$this->bo")->streamedContent()));
    expect($lines)->toHaveCount(1 + 1201)->and(array_unique($lines))->toHaveCount(1 + 1201);
});
