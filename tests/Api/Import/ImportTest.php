<?php

declare(strict_types=1);

use App\Actions\Import\BringRows;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Athletes\Weighing;
use App\Models\Import\ImportLine;
use App\Models\Log\LoggedSet;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->file = function (string $kind, string $text, ?string $id = null): TestResponse {
        $id ??= uuid();

        return $this->call(
            'POST',
            "/api/v1/imports?id=$id&kind=$kind&name=log.csv",
            server: $this->transformHeadersToServerVars(['Content-Type' => 'text/csv', 'Accept' => 'application/json', 'Origin' => 'http://127.0.0.1:8080']),
            content: $text,
        );
    };
    /** Maps as it was guessed, with more said. */
    $this->map = fn (TestResponse $dry, array $matches = [], array $columns = [], ?string $dates = null): TestResponse => $this->putJson(
        "/api/v1/imports/{$dry->json('import.id')}/mapping",
        [
            'columns' => array_replace(array_map(fn (array $c): array => ['field' => $c['field'], 'unit' => $c['unit']], $dry->json('import.columns')), $columns),
            'dates' => $dates ?? $dry->json('import.dates'),
            'matches' => array_map(fn (array $m): array => ['field' => $m[0], 'text' => $m[1], 'target' => $m[2]], $matches),
        ],
    );
    $this->bring = function (TestResponse $dry): TestResponse {
        $this->postJson("/api/v1/imports/{$dry->json('import.id')}/order")->assertOk();
        workOff();

        return $this->getJson("/api/v1/imports/{$dry->json('import.id')}");
    };
    $this->undo = fn (TestResponse $dry): TestResponse => $this->postJson("/api/v1/imports/{$dry->json('import.id')}/undoing");
});

it('brings people in with guessed columns and units, once, and archives them when it is undone', function (): void {
    addAthlete($this, name: 'Ada');
    $text = "Athlete;Weight (lb);Height;Classes\nBea Long;154;5'7\"\nCem;80 kg;181 cm\nADA;60;1,70 m\n;70;170\nDora;7;170\n";
    $dry = ($this->file)('people', $text)->assertCreated()->assertJsonPath('import.columns.1', ['title' => 'Weight (lb)', 'field' => 'bodyweight', 'unit' => 'lb'])
        ->assertJsonPath('ready', 2)->assertJsonPath('refused_count', 3)
        ->assertJsonPath('refused.0', ['line' => 4, 'why' => 'Somebody of this name is here already.'])
        ->assertJsonPath('refused.1', ['line' => 5, 'why' => 'There is no name.']);
    expect($dry->json('refused.2.why'))->toContain('mass')->and(Athlete::query()->count())->toBe(1);
    ($this->bring)($dry)->assertOk()->assertJsonPath('state', 'ended')->assertJsonPath('taken', 2)->assertJsonPath('refused', 3);
    $bea = Athlete::query()->where('name', 'Bea Long')->firstOrFail();
    expect($bea->mass_kg)->toEqualWithDelta(69.85, 0.01)->and($bea->stature_m)->toEqualWithDelta(1.7018, 1e-4)
        ->and(Weighing::query()->where('athlete_id', $bea->id)->count())->toBe(1);
    $this->getJson("/api/v1/athletes/$bea->id")->assertOk()->assertJsonPath('screen.outcome', null);
    ($this->undo)($dry)->assertOk()->assertJsonPath('state', 'undone');
    expect(Athlete::query()->whereNull('archived_at')->pluck('name')->all())->toBe(['Ada']);
});

it('brings sets in as this gym’s exercises, as shares of bodyweight or as counts, remembers what was said, and nothing twice', function (): void {
    $ada = addAthlete($this, name: 'Ada Mill');
    $exercise = exercise(addBar($this), addBand($this, 32));
    $text = "Date,Name,Exercise,Reps,Assist kg,Hang s,RIR,Notes\n"
        ."01/02/2026,Ada Mill,Blue band,8,,,2,\n01/02/2026,Ada Mill,Blue band,8,,,2,\n13/02/2026,\"Mill, Ada\",Gravity machine,6,21,,1,easy\n"
        ."13/02/2026,Ada Mill,Ring thing,5,,,,\n14/02/2026,ada mill,Dead hang,,,31,,\n14/02/2026,Annie,Pull-up,1,,,0,\n31/02/2026,Ada Mill,Pull-up,1,,,,\n"
        ."15/02/2026,Ada Mill,Pull-up,x,,,,\n16/02/2099,Ada Mill,Pull-up,1,,,,\n";
    $dry = ($this->file)('sets', $text)->assertJsonPath('import.dates', 'day-first')->assertJsonPath('ready', 5)->assertJsonPath('refused_count', 4);
    expect(array_column($dry->json('refused'), 'why', 'line'))->toBe([
        7 => 'Nobody here is called “Annie”.', 8 => '“31/02/2026” under date is not a date.', 9 => '“x” under reps is not a whole number.',
        10 => '“16/02/2099” under date is not a day from 1990 to today.',
    ])->and(collect($dry->json('asked'))->firstWhere('text', 'Annie'))->toMatchArray(['field' => 'name', 'target' => null]);
    ($this->map)($dry, [['name', 'Annie', $ada], ['exercise', 'Blue band', (string) json_encode($exercise)]])->assertOk()->assertJsonPath('ready', 6);
    ($this->bring)($dry)->assertJsonPath('taken', 6)->assertJsonPath('state', 'ended');
    ($this->bring)($dry)->assertOk();
    expect(ImportLine::query()->count())->toBe(0);
    $sets = LoggedSet::query()->orderBy('performed_at')->get();
    expect($sets->pluck('clean_reps')->all())->toBe([8, 8, 6, 5, null, 1])
        ->and($sets->pluck('setup_name')->all())->toBe(['Band, foot, Bar', 'Band, foot, Bar', 'Gravity machine', 'Ring thing', null, 'Unassisted pull-up'])
        ->and($sets[2]->carried_share)->toEqualWithDelta(0.7, 1e-9)->and($sets[3]->carried_share)->toBeNull()
        ->and($sets[4]->hang_s)->toBe(31.0)->and($sets[2]->note)->toBe('easy');
    $this->getJson("/api/v1/athletes/$ada")->assertOk()->assertJsonPath('best_hang_s', 31);
    expect(CapacityRecord::query()->where('athlete_id', $ada)->exists())->toBeTrue();
    $this->getJson("/api/v1/athletes/$ada/sets")->assertOk()->assertJsonPath('items.0.clean_reps', 1);

    $again = ($this->file)('sets', $text."20/02/2026,Annie,Blue band,9,,,1,\n")->assertJsonPath('ready', 1)->assertJsonPath('known', 6);
    ($this->bring)($again)->assertJsonPath('taken', 1)->assertJsonPath('known', 6);
});

it('undoes a file by rows of their own, leaves what was corrected since, and takes the same file again afterwards', function (): void {
    $ada = addAthlete($this, name: 'Ada');
    $text = "date,name,exercise,reps,added kg\n2026-02-01,Ada,Pull-up,3,\n2026-02-03,Ada,Pull-up,4,\n2026-02-05,Ada,Weighted pull-up,2,7\n";
    $dry = ($this->file)('sets', $text)->assertJsonPath('ready', 3);
    ($this->undo)($dry)->assertStatus(409);
    ($this->bring)($dry)->assertJsonPath('taken', 3);
    expect(LoggedSet::query()->where('clean_reps', 2)->firstOrFail()->carried_share)->toEqualWithDelta(1.1, 1e-9);
    $first = LoggedSet::query()->where('clean_reps', 3)->firstOrFail();
    $this->postJson("/api/v1/athletes/$ada/sets", set($this, exerciseOn(['kind' => 'strict']), 2, replaces_id: $first->id, performed_at: '2026-02-01T12:00:00Z'))->assertCreated();
    ($this->undo)($dry)->assertOk()->assertJsonPath('state', 'undone');
    ($this->undo)($dry)->assertOk();
    expect(LoggedSet::standing($ada)->pluck('clean_reps')->all())->toBe([2])->and(LoggedSet::query()->count())->toBe(6);
    $this->getJson("/api/v1/athletes/$ada")->assertOk();
    $again = ($this->file)('sets', $text)->assertJsonPath('ready', 3)->assertJsonPath('known', 0);
    ($this->bring)($again)->assertJsonPath('taken', 3);
    expect(LoggedSet::standing($ada)->count())->toBe(4);
    $this->getJson('/api/v1/imports')->assertJsonCount(2, 'items')->assertJsonPath('items.0.state', 'ended')->assertJsonPath('items.1.state', 'undone');
});

it('brings weighings in, the latest being the mass, and takes them back', function (): void {
    $ada = addAthlete($this, name: 'Ada', mass_kg: 70);
    $this->clock->passSeconds(86400 * 30);
    $dry = ($this->file)('weighings', "Name\tDate\tBody weight\nAda\t2026-03-20\t71,5\nAda\t2026-01-05\t73\nAda\t2026-03-21\t5\n")
        ->assertJsonPath('ready', 2)->assertJsonPath('refused_count', 1);
    ($this->bring)($dry)->assertJsonPath('taken', 2);
    expect(Athlete::query()->findOrFail($ada)->mass_kg)->toBe(71.5);
    ($this->undo)($dry)->assertOk();
    expect(Athlete::query()->findOrFail($ada)->mass_kg)->toBe(70.0);
    $this->getJson("/api/v1/athletes/$ada/body")->assertOk();
});

it('stores nothing of a file when something fails in the middle, and brings all when told again', function (): void {
    addAthlete($this, name: 'Ada');
    $lines = implode('', array_map(fn (int $i): string => sprintf("2026-02-%02d,Ada,Pull-up,%d\n", 1 + $i % 20, 1 + $i % 9), range(0, 1499)));
    $dry = ($this->file)('sets', "date,name,exercise,reps\n$lines")->assertJsonPath('ready', 1500);
    $broken = true;
    Illuminate\Support\Facades\DB::listen(function ($query) use (&$broken): void {
        if ($broken && str_starts_with($query->sql, 'insert into "logged_sets"') && LoggedSet::query()->count() > 1000) {
            throw new RuntimeException('The plug was pulled.');
        }
    });
    ($this->bring)($dry)->assertJsonPath('state', 'stopped')->assertJsonPath('taken', 0);
    expect(LoggedSet::query()->count())->toBe(0)->and(ImportLine::query()->count())->toBe(1500);
    $broken = false;
    ($this->bring)($dry)->assertJsonPath('state', 'ended')->assertJsonPath('taken', 1500);
    app(BringRows::class)->bring($dry->json('import.id'));
    expect(LoggedSet::query()->count())->toBe(1500);
});

it('refuses what is no table, what is too long, and another file under the same id', function (): void {
    ($this->file)('people', '')->assertStatus(422)->assertJsonPath('detail', 'There is no line under the titles of the columns.');
    ($this->file)('people', "PK\x03\x04")->assertStatus(422);
    ($this->file)('people', "\"name\nAda")->assertStatus(422);
    ($this->file)('dogs', "name\nRex")->assertStatus(422);
    ($this->file)('people', "name\n".str_repeat("x\n", 60_001))->assertStatus(422)->assertJsonPath('detail', fn (string $d): bool => str_contains($d, '60000'));
    $id = uuid();
    ($this->file)('people', "name\nAda", $id)->assertCreated();
    ($this->file)('people', "name\nAda", $id)->assertOk();
    ($this->file)('people', "name\nBea", $id)->assertStatus(409);
    $this->putJson("/api/v1/imports/$id/mapping", ['columns' => [['field' => 'name', 'unit' => 'kg']], 'dates' => 'day-first'])->assertStatus(422);
    $this->putJson("/api/v1/imports/$id/mapping", ['columns' => [], 'dates' => 'day-first', 'matches' => [['field' => 'note', 'text' => 'x', 'target' => 'leave']]])->assertStatus(422);
});

it('leaves the following of what reaches back for years to the worker, whatever is looked at of the gym meanwhile', function (): void {
    $id = addAthlete($this, name: 'Ada Mill');
    $dry = ($this->file)('sets', "date,athlete,exercise,reps,share\n2019-05-06,Ada Mill,Green,8,60\n2019-05-09,Ada Mill,Green,9,60\n")->assertCreated();
    ($this->map)($dry, [['exercise', 'Green', 'share']])->assertOk()->assertJsonPath('ready', 2);
    $due = fn (): ?string => Athlete::query()->findOrFail($id)->follow_from;
    $this->postJson("/api/v1/imports/{$dry->json('import.id')}/order")->assertOk();
    app(BringRows::class)->bring($dry->json('import.id'));
    foreach (['/api/v1/athletes', '/api/v1/calls', '/api/v1/kit'] as $path) {
        $this->getJson($path)->assertOk();
        expect($due())->toBe('2019-05-06');
    }
    workOff();
    expect($due())->toBeNull()->and(CapacityRecord::query()->where('athlete_id', $id)->exists())->toBeTrue();
    ($this->undo)($dry)->assertOk();
    expect($due())->toBe('2019-05-06');
    $this->getJson("/api/v1/athletes/$id")->assertOk();
    expect($due())->toBeNull();
});
