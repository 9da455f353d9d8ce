<?php

declare(strict_types=1);

use App\Actions\Log\ComputeAgain;
use App\Actions\ReplayLog;
use App\Models\Log\LoggedSet;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $this->bar = addBar($this);
    $this->band = addBand($this);
    $this->exercise = exercise($this->bar, $this->band);
    logSession($this, $this->athlete, $this->exercise, [8, 8, 7]);
    $this->clock->set('2026-03-09T18:00:00Z');
    logSession($this, $this->athlete, $this->exercise, [9, 8]);
    $this->weigh = fn (string $on, float $kg) => $this->postJson(
        "/api/v1/athletes/$this->athlete/weighings",
        ['id' => uuid(), 'weighed_on' => $on, 'mass_kg' => $kg],
    )->assertCreated();
    $this->order = fn (array $of, ?string $id = null): string => $this->postJson('/api/v1/recomputations', ['id' => $id ??= uuid(), ...$of])
        ->assertSuccessful()
        ->json('id');
    $this->shares = fn (): array => LoggedSet::standing($this->athlete)->orderBy('performed_at')->pluck('carried_share')->all();
    $this->outdated = fn (string $of): array => $this->getJson("/api/v1/$of/outdated-sets")->assertOk()->json();
    $this->url = "athletes/$this->athlete";
    $this->remeasure = fn (array $points) => $this->putJson("/api/v1/bands/$this->band", [
        'name' => 'Band', 'width_mm' => 29, 'thickness_mm' => 4.5, 'hung_length_m' => 1.0, 'points' => $points,
    ])->assertOk();
});

it('says which sets a corrected weighing touches, computes them again by a job, and undoes it', function (): void {
    $before = ($this->shares)();
    expect(($this->outdated)($this->url))->toMatchArray(['sets' => 0, 'from' => null, 'last' => null]);

    ($this->weigh)('2026-03-05', 74);
    expect(($this->outdated)($this->url))->toMatchArray(['sets' => 2, 'athletes' => 1, 'from' => '2026-03-09', 'until' => '2026-03-09']);

    $order = ($this->order)(['athlete_id' => $this->athlete]);
    $this->getJson("/api/v1/recomputations/$order")->assertJson(['sets' => 2, 'done' => 0, 'state' => 'running']);
    expect(($this->shares)())->toBe($before);
    workOff();
    $after = ($this->shares)();
    $this->getJson("/api/v1/recomputations/$order")->assertJson(['done' => 2, 'left_out' => 0, 'state' => 'ended', 'undoes' => false]);
    expect(array_slice($after, 0, 3))->toBe(array_slice($before, 0, 3))
        ->and($after[3])->toBeGreaterThan($before[3])
        ->and(LoggedSet::standing($this->athlete)->where('mass_kg', 74)->count())->toBe(2)
        ->and(($this->outdated)($this->url)['sets'])->toBe(0);

    ($this->order)(['undoes_id' => $order]);
    workOff();
    expect(($this->shares)())->toBe($before)
        ->and(($this->outdated)($this->url))->toMatchArray(['sets' => 2, 'last' => [...($this->outdated)($this->url)['last'], 'undoes' => true, 'done' => 2]]);
    $this->postJson('/api/v1/recomputations', ['id' => uuid(), 'undoes_id' => $order])->assertStatus(409);
});

it('follows capacity and calls from what was computed again, as if it had been so from the start', function (): void {
    $kept = fn (): string => DB::table('capacity_states')->where('athlete_id', $this->athlete)->orderBy('trained_on')->get()->toJson();
    followLog();
    $before = $kept();
    ($this->weigh)('2026-03-02', 60);
    ($this->order)(['athlete_id' => $this->athlete]);
    workOff();
    followLog();
    $after = $kept();
    app(ReplayLog::class)->ofGym();

    expect($after)->not->toBe($before)->and($kept())->toBe($after);
});

it('touches the sets in a band that was measured anew, of everybody, some at a time', function (): void {
    $other = addAthlete($this, name: 'Bo');
    logSession($this, $other, $this->exercise, array_fill(0, 52, 3));
    expect(($this->outdated)("bands/$this->band")['sets'])->toBe(0);

    ($this->remeasure)([['length_m' => 1.4, 'force_n' => 120], ['length_m' => 1.8, 'force_n' => 180], ['length_m' => 2.3, 'force_n' => 260]]);
    expect(($this->outdated)("bands/$this->band"))->toMatchArray(['sets' => 57, 'athletes' => 2]);
    $before = ($this->shares)();
    $order = ($this->order)(['band_id' => $this->band]);
    workOff();

    $this->getJson("/api/v1/recomputations/$order")->assertJson(['done' => 57, 'state' => 'ended']);
    expect(($this->shares)())->not->toBe($before)
        ->and(($this->outdated)("bands/$this->band")['sets'])->toBe(0)
        ->and(DB::table('jobs')->count())->toBe(0);
});

it('leaves what was corrected since then when it is undone, and what cannot be built any more as it was', function (): void {
    ($this->weigh)('2026-03-02', 74);
    $order = ($this->order)(['athlete_id' => $this->athlete]);
    workOff();
    $first = LoggedSet::standing($this->athlete)->orderBy('performed_at')->firstOrFail();
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $this->exercise, 12, replaces_id: $first->id, performed_at: $first->performed_at->format(DATE_RFC3339)))
        ->assertCreated();
    ($this->order)(['undoes_id' => $order]);
    workOff();
    $sets = LoggedSet::standing($this->athlete)->orderBy('performed_at')->get();
    expect($sets->pluck('mass_kg')->all())->toEqual([74, 70, 70, 70, 70])->and($sets[0]->clean_reps)->toBe(12);

    ($this->weigh)('2026-03-02', 20);
    $again = ($this->order)(['athlete_id' => $this->athlete]);
    workOff();
    $this->getJson("/api/v1/recomputations/$again")->assertJson(['left_out' => 5, 'done' => 0, 'state' => 'ended']);
});

it('orders once, of one thing that is there, and goes on after it stopped', function (): void {
    ($this->weigh)('2026-03-02', 74);
    $id = uuid();
    ($this->order)(['athlete_id' => $this->athlete], $id);
    ($this->order)(['athlete_id' => $this->athlete], $id);
    expect(DB::table('jobs')->count())->toBe(1);
    $this->postJson('/api/v1/recomputations', ['id' => $id, 'band_id' => $this->band])->assertStatus(409);
    $this->postJson('/api/v1/recomputations', ['id' => uuid()])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/athlete_id');
    $this->postJson('/api/v1/recomputations', ['id' => uuid(), 'band_id' => uuid()])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/band_id');

    app(ComputeAgain::class)->stopped($id);
    workOff();
    $this->getJson("/api/v1/recomputations/$id")->assertJson(['state' => 'stopped', 'done' => 0]);
    $this->putJson("/api/v1/recomputations/$id/resumption")->assertOk()->assertJsonPath('state', 'running');
    workOff();
    $this->getJson("/api/v1/recomputations/$id")->assertJson(['state' => 'ended', 'done' => 5]);
});

it('computes a set that is moved to another day at the mass of that day', function (): void {
    ($this->weigh)('2026-02-20', 65);
    $last = LoggedSet::standing($this->athlete)->orderByDesc('performed_at')->firstOrFail();
    $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $this->exercise, 8, replaces_id: $last->id, performed_at: '2026-02-21T18:00:00Z'))
        ->assertCreated();

    expect(LoggedSet::standing($this->athlete)->where('trained_on', '2026-02-21')->value('mass_kg'))->toEqual(65);
});
