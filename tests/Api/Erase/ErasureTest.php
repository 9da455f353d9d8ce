<?php

declare(strict_types=1);

use App\Actions\Erase\EraseAthlete;
use App\Context\Athletes\RowsOfAthlete;
use App\Context\Gym\CurrentGym;
use App\Formats\Erase\ErasedPart;
use App\Models\Athletes\Athlete;
use App\Models\Erase\Erasure;
use Illuminate\Support\Facades\DB;

/** What belongs to an athlete and is nobody's word on them: what goes with the rest, whatever is chosen. */
const BESIDES = ['erasures', 'import_lines', 'import_matches'];

/** Somebody of whom everything is kept, who came by a table. */
function somebodyKept(Tests\ApiTestCase $test): string
{
    $import = addPeopleFile($test, "name,mass kg,height cm,kind\nZelda Quist,61,170,gym\nBo,70,180,gym\n");
    $test->postJson("/api/v1/imports/$import/order")->assertSuccessful();
    workOff();
    $id = Athlete::query()->where('name', 'Zelda Quist')->sole()->id;
    [$bar, $band] = [addBar($test), addBand($test)];
    $test->postJson("/api/v1/athletes/$id/screenings", ['id' => $screen = uuid(), 'overhead' => 'level'])->assertCreated();
    $test->getJson("/api/v1/athletes/$id/screenings/$screen")->assertOk();
    $test->putJson("/api/v1/athletes/$id/setup", exercise($bar, $band))->assertOk();
    logSession($test, $id, exercise($bar, $band), [8, 8, 7]);
    $test->postJson("/api/v1/athletes/$id/sets", set($test, exercise($bar, $band), 6, note: 'Zelda said her knee clicks'))->assertCreated();
    addNote($test, $id, 'Zelda is moving house');
    $test->postJson("/api/v1/athletes/$id/link", ['id' => uuid(), 'days' => 30])->assertCreated();
    followLog();
    $test->postJson("/api/v1/athletes/$id/signals", ['id' => uuid(), 'on' => '2026-03-02', 'soreness' => 3])->assertSuccessful();
    $test->getJson("/api/v1/athletes/$id")->assertOk();
    $test->postJson("/api/v1/athletes/$id/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertSuccessful();
    $test->postJson("/api/v1/athletes/$id/clearances", ['id' => uuid(), 'note' => 'Zelda saw her physician'])->assertSuccessful();

    return $id;
}

beforeEach(function (): void {
    $this->count = fn (string $id): array => array_map(
        fn (ErasedPart $part): int => array_sum(array_map(
            fn (string $table): int => app(RowsOfAthlete::class)->of(DB::connection(), $table, $id)->count(),
            $part->tables(),
        )),
        array_combine(array_column(ErasedPart::cases(), 'value'), ErasedPart::cases()),
    );
    $this->erase = fn (string $id, array $changes = []) => $this->postJson(
        "/api/v1/athletes/$id/erasure",
        ['id' => uuid(), 'name' => 'Zelda Quist', 'log' => 'anonymous', ...$changes],
    );
    /** Everything in the database, as one text. */
    $this->dump = fn (): string => implode("\n", array_map(
        fn (object $table): string => (string) DB::selectOne("SELECT string_agg(t::text, E'\\n') AS rows FROM \"$table->tablename\" AS t")->rows,
        DB::select("SELECT tablename FROM pg_tables WHERE schemaname = 'public'"),
    ));
});

it('says beforehand what would go and what would stay, and leaves the training without a name', function (): void {
    $id = somebodyKept($this);
    $bo = Athlete::query()->where('name', 'Bo')->sole()->id;
    $wear = $this->getJson('/api/v1/kit')->json('bands.0.wear');
    $ahead = $this->getJson("/api/v1/athletes/$id/erasure")->assertOk()->assertJsonPath('log', 'anonymous')->json('parts');
    expect(array_column($ahead, 'fate', 'part'))->toBe([
        'screens' => 'erased', 'health' => 'erased', 'notes' => 'erased', 'own-page' => 'erased', 'attendance' => 'erased',
        'weighings' => 'nameless', 'sets' => 'nameless', 'course' => 'nameless', 'wear' => 'kept',
    ])->and(array_column($ahead, 'rows', 'part'))->toMatchArray(['screens' => 2, 'own-page' => 1, 'weighings' => 1, 'sets' => 4, 'wear' => 4]);

    ($this->erase)($id)->assertStatus(202)->assertJsonPath('ended_at', null);
    $this->getJson('/api/v1/athletes')->assertJsonMissing(['name' => 'Zelda Quist']);
    workOff();
    $this->getJson('/api/v1/erasures')->assertJsonPath('items.0.by', 'Coach')->assertJsonPath('items.0.failed', false);

    expect(($this->dump)())->not->toContain('Zelda')->not->toContain('physician')->not->toContain('elbow')
        ->and(($this->count)($id))->toMatchArray(['screens' => 0, 'health' => 0, 'own-page' => 0, 'attendance' => 0, 'sets' => 4, 'weighings' => 1, 'wear' => 4])
        ->and(Erasure::query()->sole()->ended_at)->not->toBeNull()
        ->and($this->getJson('/api/v1/kit')->json('bands.0.wear'))->toBe($wear);
    $this->getJson("/api/v1/athletes/$id")->assertOk()->assertJsonPath('name', 'Former athlete '.strtoupper(substr($id, -4)))->assertJsonPath('archived', true);
    $this->putJson("/api/v1/athletes/$id/archive", ['archived' => false])->assertStatus(403);
    $this->getJson("/api/v1/athletes/$bo")->assertOk()->assertJsonPath('name', 'Bo');
});

it('removes the training too where the gym has settled it so, and keeps how often a band was used', function (): void {
    $id = somebodyKept($this);
    $wear = $this->getJson('/api/v1/kit')->json('bands.0.wear');
    $this->putJson('/api/v1/settings/erasure', ['log' => 'removed'])->assertOk()->assertJsonPath('erased_log', 'removed');
    ($this->erase)($id)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/log');
    $this->getJson("/api/v1/athletes/$id/erasure")->assertJsonPath('log', 'removed')->assertJsonPath('parts.5.fate', 'erased');
    ($this->erase)($id, ['log' => 'removed'])->assertStatus(202);
    workOff();

    expect(($this->dump)())->not->toContain('Zelda')
        ->and(array_sum(array_diff_key(($this->count)($id), ['wear' => 0])))->toBe(0)
        ->and($this->getJson('/api/v1/kit')->json('bands.0.wear'))->toBe($wear)
        ->and(Erasure::query()->sole()->athlete_id)->toBe($id);
    $this->getJson("/api/v1/athletes/$id")->assertNotFound();
    $this->getJson('/api/v1/calls')->assertOk();
});

it('erases nobody whose name is not typed, or twice, and takes the same order again', function (): void {
    $id = somebodyKept($this);
    ($this->erase)($id, ['name' => 'Bo'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/name');
    $order = ['id' => uuid()];
    ($this->erase)($id, $order)->assertStatus(202);
    ($this->erase)($id, $order)->assertStatus(202);
    workOff();
    expect(Erasure::query()->count())->toBe(1);
    ($this->erase)($id)->assertStatus(422)->assertJsonPath('errors.0.detail', 'Who this was is erased already.');
});

it('does all of it or nothing, and says that it failed', function (): void {
    $id = somebodyKept($this);
    $before = ($this->count)($id);
    DB::statement('CREATE FUNCTION stop() RETURNS trigger AS $$ BEGIN RAISE EXCEPTION \'power cut\'; END $$ LANGUAGE plpgsql');
    DB::statement('CREATE TRIGGER stop BEFORE UPDATE ON athletes FOR EACH ROW WHEN (NEW.erased_at IS NOT NULL) EXECUTE FUNCTION stop()');
    ($this->erase)($id)->assertStatus(202);
    $order = Erasure::query()->sole();
    $during = ($this->count)($id);
    expect(fn () => app(EraseAthlete::class)->asOrdered($order->id))->toThrow(Illuminate\Database\QueryException::class, 'power cut');
    app(EraseAthlete::class)->stopped($order->id);
    expect(($this->count)($id))->toBe($during)->and($during['sets'])->toBe($before['sets']);
    $this->getJson('/api/v1/erasures')->assertJsonPath('items.0.failed', true);

    DB::statement('DROP TRIGGER stop ON athletes');
    app(EraseAthlete::class)->asOrdered($order->id);
    $this->getJson('/api/v1/erasures')->assertJsonPath('items.0.failed', false);
});

it('forgets no table that names an athlete', function (): void {
    $named = array_map(
        fn (object $row): string => $row->table_name,
        DB::select("SELECT table_name FROM information_schema.columns WHERE table_schema = 'public' AND column_name = 'athlete_id'"),
    );
    $told = array_merge(...array_map(fn (ErasedPart $part): array => $part->tables(), ErasedPart::cases()));

    expect(array_diff($named, $told, BESIDES))->toBe([])->and(count($told))->toBe(count(array_unique($told)));
});

it('touches no other gym', function (): void {
    $id = somebodyKept($this);
    $other = $this->makeCoach('coach@two.example');
    $this->signInAs($other);
    $theirs = addAthlete($this, name: 'Zelda Quist');
    $this->signInAs($this->coach);
    ($this->erase)($id)->assertStatus(202);
    workOff();
    $this->signInAs($other);

    expect(Athlete::query()->findOrFail($theirs)->name)->toBe('Zelda Quist')->and(app(CurrentGym::class)->id())->toBe($other->gym_id);
});
