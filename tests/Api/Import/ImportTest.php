<?php

declare(strict_types=1);

use App\Actions\Import\BringRows;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Athletes\Weighing;
use App\Models\Import\ImportLine;
use App\Models\Log\LoggedSet;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
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

it('brings gear and bands in, each kind by what it needs, with the reason for each line left out, and retires them when it is undone', function (): void {
    addBar($this, 2.4, 'Rack');
    $dry = ($this->file)('gear', implode("\n", [
        'Name;Kind;Height (cm);Strap marks;Thickness;Weight;Diameter;Rated for',
        'Beam;Pull-up bar;240;;;;32 mm;200',
        'North;gym rings;250 cm;100; 120;',
        'Long;Rings;2,50 m;"100 / 120 / 140,5";;;;',
        'Crate;Plyo box;24 in;;;;;',
        'Slab;Plate;;;25;;;',
        'Disc;Dumbbell;;;;22 lb;;',
        'Hoist;Lat tower;;;;;;',
        'Rack;bar;230;;;;;',
        'Low;bar;;;;;;',
        'Tall;bar;900;;;;;',
        'Thing;sofa;;;;;;',
        'beam;bar;230;;;;;',
    ]))->assertCreated()->assertJsonPath('asked', []);
    expect(array_column($dry->json('refused'), 'why', 'line'))->toMatchArray([
        8 => 'Machines are added on the page of the kit.',
        9 => 'A piece of this name is in use already.',
        10 => 'There is no height.',
        13 => 'A piece of this name is in use already.',
    ])->and($dry->json('refused_count'))->toBe(6)->and($dry->json('ready'))->toBe(6);
    ($this->bring)($dry)->assertJsonPath('taken', 6);
    $figures = fn (): array => array_column(array_filter($this->getJson('/api/v1/kit')->json('gear'), fn (array $g): bool => ! $g['retired']), 'figures', 'name');
    expect($figures()['Beam'])->toMatchArray(['kind' => 'bar', 'height_m' => 2.4, 'diameter_mm' => 32, 'rated_kg' => 200])
        ->and($figures()['Long'])->toMatchArray(['kind' => 'rings', 'anchor_height_m' => 2.5, 'straps_m' => [1, 1.2, 1.405]])
        ->and($figures()['Crate']['height_m'])->toEqualWithDelta(0.6096, 1e-9)->and($figures()['Slab']['thickness_m'])->toBe(0.025)
        ->and($figures()['Disc']['mass_kg'])->toEqualWithDelta(9.979, 1e-3);
    ($this->undo)($dry)->assertOk();
    expect(array_keys($figures()))->toBe(['Rack']);

    $text = "Band;Width;Thickness;Length\nRook;32 mm;4,5;1,00 m\nJay;1.25 in;4.5;100\nThin;1;4.5;100\nHalf;32;;100\n";
    $dry = ($this->file)('bands', $text)->assertCreated();
    $columns = [0 => ['field' => 'name', 'unit' => null]];
    $dry = ($this->map)($dry, columns: $columns)->assertOk()->assertJsonPath('ready', 2);
    expect(array_column($dry->json('refused'), 'why'))->toContain('There is no thickness.');
    ($this->bring)($dry)->assertJsonPath('taken', 2);
    $bands = array_column($this->getJson('/api/v1/kit')->json('bands'), null, 'name');
    expect($bands['Jay']['width_mm'])->toBe(31.75)->and($bands['Rook']['hung_length_m'])->toEqual(1.0);
    ($this->file)('bands', $text)->assertJsonPath('import.columns.1.unit', 'mm');
    $again = ($this->map)(($this->file)('bands', $text), columns: $columns);
    expect($again->json('ready'))->toBe(0)->and(array_column($again->json('refused'), 'why'))->toContain('A piece of this name is in use already.');
    ($this->undo)($dry)->assertOk();
    ($this->map)(($this->file)('bands', $text), columns: $columns)->assertJsonPath('ready', 2);
});

it('has no more gear than a kit has room for', function (): void {
    $lines = implode('', array_map(fn (int $i): string => "B$i;30;4.5;100\n", range(1, 102)));
    $dry = ($this->file)('bands', "Name;Width;Thickness;Hung length\n$lines")->assertCreated();
    expect([$dry->json('ready'), $dry->json('refused_count'), $dry->json('refused.0.why')])->toBe([100, 2, '100 are in use, and no more can be.']);
});

it('takes columns for the units that the gym reads', function (): void {
    $this->putJson('/api/v1/settings', ['gym_name' => 'G', 'timezone' => 'Europe/London', 'mass_unit' => 'lb', 'length_unit' => 'in'])->assertOk();
    ($this->file)('people', "Name,Weight,Height,Reach (cm)\nBea,154,67,210\n")->assertJsonPath('import.columns.1.unit', 'lb')
        ->assertJsonPath('import.columns.2.unit', 'in')->assertJsonPath('import.columns.3.unit', 'cm');
    ($this->file)('bands', "Name,Width,Thickness,Length\nJay,1.25,0.18,41\n")->assertJsonPath('import.columns.1.unit', 'in')->assertJsonPath('ready', 1);
});

it('tells how far it has come, beside what is not seen before it ends', function (): void {
    $told = [];
    DB::listen(function (QueryExecuted $query) use (&$told): void {
        if (str_starts_with($query->sql, 'insert into "import_progress"')) {
            $told[] = [$query->connectionName, $query->bindings[2]];
        }
    });
    $people = implode('', array_map(fn (int $i): string => "P$i;70;175\n", range(1, 2100)));
    $dry = ($this->file)('people', "name;kg;height\n$people");
    $dry = ($this->map)($dry, columns: [1 => ['field' => 'bodyweight', 'unit' => 'kg']])->assertJsonPath('ready', 2100);
    $this->postJson("/api/v1/imports/{$dry->json('import.id')}/order")->assertJsonPath('lines_so_far', 0);
    workOff();
    $this->getJson("/api/v1/imports/{$dry->json('import.id')}")->assertJsonPath('state', 'ended')->assertJsonPath('lines_so_far', 2100);
    expect($told)->toBe([['beside', 1000], ['beside', 2000], ['beside', 2100]])->and(DB::connection('beside')->table('import_progress')->count())->toBe(0);

    $other = ($this->file)('people', "name;weight;height\nQ;70;175\n")->json('import.id');
    $this->postJson("/api/v1/imports/$other/order")->assertOk();
    DB::table('import_progress')->insert(['gym_id' => $this->coach->gym_id, 'import_id' => $other, 'lines' => 700]);
    $this->getJson("/api/v1/imports/$other")->assertJsonPath('state', 'running')->assertJsonPath('lines_so_far', 700);
});
