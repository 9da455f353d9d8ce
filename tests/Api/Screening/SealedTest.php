<?php

declare(strict_types=1);

use App\Actions\Records\SealRecords;
use App\Formats\Stored\Damaged;
use App\Models\Athletes\Athlete;
use App\Models\Log\SignalRecord;
use App\Models\Screening\PainReport;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

beforeEach(function (): void {
    $this->athlete = addAthlete($this, tags: ['evening']);
    $this->url = "/api/v1/athletes/$this->athlete";
    $this->exercise = exercise(addBar($this), addBand($this));
    $this->putJson("$this->url/setup", $this->exercise)->assertOk();
    $this->pain = ['id' => uuid(), 'pain' => ['place' => 'ribs', 'level' => 7], 'note' => 'Sneezed on the stairs.'];
    $this->signal = ['id' => uuid(), 'on' => '2026-03-02', 'symptoms' => ['numbness']];
    $this->keys = Model::currentEncrypter();
});

afterEach(fn () => Model::encryptUsing($this->keys));

/** Everything of all tables in which one of some words stands. */
function tablesSaying(string $words): array
{
    $said = [];
    foreach (Schema::getTableListing(schemaQualified: false) as $table) {
        $rows = DB::select("SELECT t::text AS row FROM \"$table\" t WHERE t::text ~* ?", [$words]);
        $said = $rows === [] ? $said : [...$said, $table];
    }

    return $said;
}

function tellAll(Tests\ApiTestCase $test): void
{
    $test->postJson("$test->url/sets", set($test, $test->exercise, 8, pain: ['place' => 'ribs', 'level' => 2]))->assertCreated();
    $test->postJson("$test->url/pain", $test->pain)->assertCreated();
    addNote($test, $test->athlete, 'Slept badly, the lumbago is back.');
    $test->postJson("$test->url/signals", $test->signal)->assertSuccessful();
    $test->getJson($test->url)->assertOk()->assertJsonPath('pain.place', 'ribs')->assertJsonPath('call.call.verdict', 'refer');
    $class = addClass($test);
    $test->getJson("/api/v1/classes/$class/days/2026-03-02")->assertOk();
    $test->getJson("$test->url/session")->assertOk();
    $test->putJson('/api/v1/calls/'.$test->getJson($test->url)->json('call.id').'/decision', ['decision' => 'accepted', 'version' => 1]);
    $test->postJson("$test->url/clearances", ['id' => uuid(), 'note' => 'Rested a fortnight, the physio agrees.'])->assertCreated();
    $test->postJson("$test->url/screenings", ['id' => uuid(), 'overhead' => 'level', 'note' => 'Had pleurisy once.'])->assertCreated();
}

it('keeps no word of anybody’s health in plain, in any table', function (): void {
    tellAll($this);

    expect(tablesSaying('ribs'))->toBe([])
        ->and(tablesSaying('numbness'))->toBe([])
        ->and(tablesSaying('stairs|fortnight|pleurisy|lumbago'))->toBe([])
        ->and(tablesSaying($this->athlete))->toContain('pain_reports', 'signals', 'calls', 'screenings', 'clearances');
});

it('keeps no fingerprint of it that could be guessed at, and still knows it again', function (): void {
    tellAll($this);
    foreach (['pain_reports', 'signals', 'screenings', 'clearances'] as $table) {
        expect(DB::table($table)->whereNotNull('fingerprint')->count())->toBe(0, $table);
    }
    expect(DB::table('logged_sets')->whereNotNull('pain')->whereNotNull('fingerprint')->count())->toBe(0);

    $this->postJson("$this->url/pain", $this->pain)->assertOk();
    $this->postJson("$this->url/pain", ['note' => 'Fell on the stairs.'] + $this->pain)->assertStatus(409);
    $this->postJson("$this->url/signals", $this->signal)->assertOk();
    $this->postJson("$this->url/signals", ['symptoms' => ['chest']] + $this->signal)->assertStatus(409);
    $this->postJson("$this->url/signals", ['soreness' => 3] + $this->signal)->assertStatus(409);
});

it('opens everything with a new key once it is sealed anew, and nothing with the former one', function (): void {
    tellAll($this);
    $this->clock->passSeconds(60);
    $this->postJson("$this->url/pain", ['id' => uuid()] + $this->pain)->assertCreated();
    $before = $this->getJson($this->url)->json();
    $new = random_bytes(32);
    $both = fn (): Encrypter => (new Encrypter($new, 'AES-256-CBC'))->previousKeys([$this->keys->getKey()]);

    Model::encryptUsing($both());
    expect(PainReport::query()->findOrFail($this->pain['id'])->note)->toBe('Sneezed on the stairs.');
    $sealed = app(SealRecords::class)->all();
    expect($sealed)->toBeGreaterThan(7)->and(app(SealRecords::class)->all())->toBe(0);

    Model::encryptUsing(new Encrypter($new, 'AES-256-CBC'));
    expect(Athlete::query()->findOrFail($this->athlete)->pain?->level)->toBe(7)
        ->and(SignalRecord::query()->findOrFail($this->signal['id'])->symptoms)->toBe(['numbness'])
        ->and($this->getJson($this->url)->assertOk()->json())->toBe($before);

    Model::encryptUsing($this->keys);
    expect(fn () => PainReport::query()->findOrFail($this->pain['id'])->pain)->toThrow(Damaged::class);
    $this->getJson('/api/v1/athletes')->assertOk();
});

it('seals what an earlier program kept in plain, and goes on where it was broken off', function (): void {
    tellAll($this);
    DB::table('pain_reports')->where('id', $this->pain['id'])->update([
        'pain' => '{"v":2,"place":"ribs","level":7}', 'note' => 'Sneezed on the stairs.',
    ]);
    DB::table('signals')->update(['symptoms' => '["numbness"]']);
    expect(tablesSaying('ribs|numbness|stairs'))->toEqualCanonicalizing(['pain_reports', 'signals'])
        ->and(app(SealRecords::class)->all())->toBe(3)
        ->and(tablesSaying('ribs|numbness|stairs'))->toBe([])
        ->and(PainReport::query()->findOrFail($this->pain['id'])->pain->place->value)->toBe('ribs')
        ->and(PainReport::query()->findOrFail($this->pain['id'])->note)->toBe('Sneezed on the stairs.');
});
