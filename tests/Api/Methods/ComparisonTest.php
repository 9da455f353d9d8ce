<?php

declare(strict_types=1);

use App\Queries\Methods\ComparisonQuery;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $bar = addBar($this);
    foreach ([13, 22, 32, 44] as $mm) {
        addBand($this, $mm, "Band $mm");
    }
    $this->putJson(
        "/api/v1/athletes/$this->athlete/setup",
        exerciseOn([
            'kind' => 'band',
            'bar_id' => $bar,
            'attach' => 'foot',
            'band_ids' => [$this->getJson('/api/v1/kit')->json('bands.0.id')],
        ]),
    )->assertOk();
    $this->compare = fn (array $asked) => $this->postJson(
        "/api/v1/athletes/$this->athlete/comparisons",
        $asked + ['method' => 'band-taper', 'from' => 1, 'count' => 2],
    );
});

it('takes the same athletes through each method, so that methods alone differ, and keeps nothing', function (): void {
    $tables = ['logged_sets', 'calls', 'capacity_states', 'place_changes'];
    $rows = fn (): array => array_map(fn (string $table): int => DB::table($table)->count(), $tables);
    $before = $rows();
    $taper = ($this->compare)([])->assertOk()->assertJsonCount(2, 'athletes')->json('athletes');

    expect(($this->compare)([])->json('athletes'))->toBe($taper)
        ->and(($this->compare)(['from' => 2, 'count' => 1])->json('athletes.0'))->toBe($taper[1])
        ->and(($this->compare)(['method' => 'foundation'])->json('athletes'))->not->toBe($taper)
        ->and($rows())->toBe($before);
});

it('says of each in how many weeks the first strict rep came, and what it took: no more than a year holds', function (): void {
    foreach (($this->compare)(['from' => 10, 'count' => ComparisonQuery::MOST_AT_ONCE])->assertOk()->json('athletes') as $one) {
        expect($one['weeks'] ?? 0.0)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(52)
            ->and($one['sessions'])->toBeGreaterThan(0)->toBeLessThanOrEqual(364)
            ->and($one['lowerings'])->toBeGreaterThanOrEqual(0)->and($one['wasted_sessions'])->toBeLessThanOrEqual($one['sessions']);
    }
});

it('needs fewer weeks for who is near than for who is far', function (): void {
    $weeks = fn (): float => array_sum(array_map(
        fn (array $one): float => $one['weeks'] ?? 52.0,
        ($this->compare)(['count' => 2])->json('athletes'),
    ));
    $anybody = $weeks();
    $this->postJson(
        "/api/v1/athletes/$this->athlete/sets",
        set($this, exerciseOn(['kind' => 'strict']), 0, purpose: 'test', reserve: null, to_failure: true),
    )->assertCreated();
    $this->clock->passSeconds(3 * 86400);
    logSession($this, $this->athlete, $this->getJson("/api/v1/athletes/$this->athlete")->json('rung.exercise'), [12, 12], 3);

    expect($weeks())->toBeLessThan($anybody);
});

it('refuses a method there is not, and more athletes at once than it answers in time', function (array $asked, string $pointer): void {
    ($this->compare)($asked)->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    [['method' => 'no-such'], '/method'],
    [['from' => -1], '/from'],
    [['from' => ComparisonQuery::MOST_SEED + 1], '/from'],
    [['count' => 0], '/count'],
    [['count' => ComparisonQuery::MOST_AT_ONCE + 1], '/count'],
    [['seed' => 4], '/seed'],
]);
