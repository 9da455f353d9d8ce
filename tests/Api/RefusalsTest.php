<?php

declare(strict_types=1);

use App\Models\Floor\GymClass;
use App\Models\Log\LoggedSet;
use App\Models\Methods\OwnMethod;
use Illuminate\Support\Facades\DB;
use SteadyRung\Kit\Kit;

const NO_SUCH = '01900000-0000-7000-8000-00000000dead';

beforeEach(function (): void {
    [$this->bar, $this->band] = [addBar($this), addBand($this)];
    $this->athlete = addAthlete($this);
    $this->url = "/api/v1/athletes/$this->athlete";
    $this->exercise = exercise($this->bar, $this->band);
    $this->ids = ['{a}' => $this->athlete, '{bar}' => $this->bar, '{band}' => $this->band, '{none}' => NO_SUCH];
    /** The body or address with the ids of this gym in it. */
    $this->with = fn (array|string $of): array|string => is_string($of)
        ? strtr($of, $this->ids)
        : json_decode(strtr((string) json_encode($of), $this->ids), true);
});

it('refuses with the field, what is wrong there, and nothing stored', function (
    string $method,
    string $path,
    array $body,
    string $pointer,
    string $detail,
): void {
    $before = LoggedSet::query()->count();
    $this->json($method, ($this->with)($path), $method === 'GET' ? [] : ['id' => uuid(), ...($this->with)($body)])
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer)->assertJsonPath('errors.0.detail', $detail);

    expect(LoggedSet::query()->count())->toBe($before);
})->with(function (): Generator {
    $set = ['performed_at' => '2026-03-02T17:00:00Z', 'purpose' => 'work', 'exercise' => exercise('{bar}', '{band}'), 'clean_reps' => 6];
    $sets = ['POST', '/api/v1/athletes/{a}/sets'];
    $lowering = ['exercise' => exerciseOn(['kind' => 'strict'], movement: 'lowering', seconds: 5)];
    yield 'neither reps nor seconds' => [
        ...$sets,
        array_diff_key($set, ['clean_reps' => 0]),
        '/clean_reps',
        'Give clean reps or hang seconds, one of them.',
    ];
    yield 'reps and seconds' => [...$sets, ['hang_s' => 20] + $set, '/clean_reps', 'Give clean reps or hang seconds, one of them.'];
    yield 'reps on nothing' => [...$sets, array_diff_key($set, ['exercise' => 0]), '/exercise', 'Reps need the set-up they were done on.'];
    yield 'a hang with a reserve' => [
        ...$sets,
        ['hang_s' => 20, 'reserve' => 1] + array_diff_key($set, ['exercise' => 0, 'clean_reps' => 0]),
        '/hang_s',
        'A hang has no reserve, no-counts or reps asked.',
    ];
    yield 'a failure that left some' => [
        ...$sets,
        ['to_failure' => true, 'reserve' => 2] + $set,
        '/reserve',
        'A set to failure leaves nothing in reserve.',
    ];
    yield 'splits of a pull' => [...$sets, ['splits_s' => [3.0]] + $set, '/splits_s', 'Only lowerings are timed one by one.'];
    yield 'more splits than lowerings' => [
        ...$sets,
        ['splits_s' => [3.0, 4.0], 'clean_reps' => 1] + $lowering + $set,
        '/splits_s',
        'More lowerings were timed than counted.',
    ];
    yield 'halves of nothing' => [...$sets, ['halves_s' => [0.0]] + $lowering + $set, '/halves_s', 'More halves were tapped than lowerings timed.'];
    yield 'a set of tomorrow' => [
        ...$sets,
        ['performed_at' => '2026-03-03T18:00:00Z'] + $set,
        '/performed_at',
        'This lies in the future. Check the clock of this device.',
    ];
    yield 'work beside the pull without how much' => [
        'POST',
        '/api/v1/athletes/{a}/accessories',
        ['performed_at' => '2026-03-02T17:00:00Z', 'accessory' => 'plank'],
        '/reps',
        'Say how much was done: reps, seconds or metres.',
    ];
    yield 'work beside the pull of tomorrow' => [
        'POST',
        '/api/v1/athletes/{a}/accessories',
        ['performed_at' => '2026-03-03T18:00:00Z', 'accessory' => 'plank', 'seconds' => 30],
        '/performed_at',
        'This lies in the future. Check the clock of this device.',
    ];
    $size = ['name' => 'Kite', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5];
    yield 'a reading without force' => [
        'POST',
        '/api/v1/bands',
        ['points' => [['length_m' => 1.5]]] + $size,
        '/points/0/force_n',
        'Give the force once: as force_n or as force_kg.',
    ];
    yield 'a reading with two' => [
        'POST',
        '/api/v1/bands',
        ['points' => [['length_m' => 1.5, 'force_n' => 100, 'force_kg' => 10]]] + $size,
        '/points/0/force_n',
        'Give the force once: as force_n or as force_kg.',
    ];
    yield 'a name that is in use' => [
        'POST',
        '/api/v1/bands',
        ['name' => 'bAND'] + $size,
        '/name',
        'Another piece in use is called “bAND” already. Give this one a name of its own.',
    ];
    yield 'a weighing of tomorrow' => [
        'POST',
        '/api/v1/athletes/{a}/weighings',
        ['weighed_on' => '2026-03-03', 'mass_kg' => 70],
        '/weighed_on',
        'This day has not come yet.',
    ];
    yield 'a long lane whole' => [
        'GET',
        '/api/v1/athletes/{a}/scale?lane=pull',
        [],
        '/lane',
        'This lane holds thousands of set-ups: ask for its ladder.',
    ];
    yield 'the heel mark of a pull' => [
        'GET',
        '/api/v1/athletes/{a}/heel-mark?share=0.5&exercise='.urlencode('{"setup":{"kind":"strict"}}'),
        [],
        '/exercise',
        'Only a row has a heel mark.',
    ];
    yield 'a time that is none' => [
        'POST',
        '/api/v1/classes',
        ['name' => 'Noon', 'first_on' => '2026-03-02', 'at' => '24:00', 'minutes' => 60],
        '/at',
        'Give the time as hours and minutes, like 18:30.',
    ];
    yield 'a class that ends before it begins' => [
        'POST',
        '/api/v1/classes',
        ['name' => 'Noon', 'first_on' => '2026-03-02', 'last_on' => '2026-03-01', 'at' => '12:00', 'minutes' => 60, 'weekly' => true],
        '/last_on',
        'The last day is before the first.',
    ];
});

it('refuses a decision that says two things, and to gear what would make it another', function (): void {
    $this->putJson("$this->url/setup", $this->exercise)->assertOk();
    foreach ([8, 8] as $clean) {
        $this->postJson("$this->url/sets", set($this, $this->exercise, $clean))->assertCreated();
    }
    $call = $this->getJson('/api/v1/calls')->json('items.0');
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted', 'reason' => 'because'])
        ->assertStatus(422)->assertJsonPath(
            'errors.0',
            fn (array $fault): bool => $fault['pointer'] === '/decision'
                && str_contains($fault['detail'], 'takes no verdict, set-up or reason of its own'),
        );
    $this->putJson("/api/v1/gear/$this->bar", ['name' => 'Bar', 'figures' => ['kind' => 'box', 'height_m' => 0.5]])
        ->assertStatus(422)->assertJsonPath('errors.0.detail', 'A piece of gear stays what it is. Retire this one and add another.');
    expect($this->getJson("/api/v1/calls?athletes=$this->athlete")->json('items.0.version'))->toBe($call['version']);
});

it('knows no set of another athlete or another day: to correct, to go on from, to take back', function (): void {
    $set = set($this, $this->exercise, 8);
    $this->postJson("$this->url/sets", $set)->assertCreated();
    $other = addAthlete($this, name: 'Bea');
    $corrects = set($this, $this->exercise, 7, replaces_id: $set['id']);
    $this->postJson("/api/v1/athletes/$other/sets", $corrects)->assertNotFound()->assertJsonPath(
        'detail',
        'The set that this one corrects is not in the log of this athlete.',
    );
    $goesOn = fn (string $athlete, string $at, string $of): \Illuminate\Testing\TestResponse => $this->postJson(
        "/api/v1/athletes/$athlete/sets",
        set($this, $this->exercise, 2, part_of: $of, performed_at: $at),
    );
    $goesOn($other, '2026-03-02T18:00:00Z', $set['id'])->assertNotFound()->assertJsonPath(
        'detail',
        'The set that this one goes on from is not in the log of that day.',
    );
    $goesOn($this->athlete, '2026-03-01T18:00:00Z', $set['id'])->assertNotFound();
    $goesOn($this->athlete, '2026-03-02T18:00:00Z', NO_SUCH)->assertNotFound();
    $goesOn($this->athlete, '2026-03-02T18:00:00Z', $set['id'])->assertCreated();
    $this->postJson("/api/v1/athletes/$other/sets/{$set['id']}/withdrawal", ['id' => uuid()])->assertNotFound();
    expect(LoggedSet::query()->where('withdrawn', true)->count())->toBe(0);
});

it('takes no command of an athlete whom the gym does not have, of any kind', function (): void {
    $told = [
        ['set' => set($this, $this->exercise, 8)],
        ['taken_back' => ['id' => uuid(), 'set_id' => NO_SUCH]],
        ['beside' => ['id' => uuid(), 'performed_at' => '2026-03-02T17:00:00Z', 'accessory' => 'plank', 'seconds' => 30]],
        ['signal' => ['id' => uuid(), 'on' => '2026-03-02', 'effort' => 5]],
        ['pain' => ['id' => uuid(), 'pain' => ['place' => 'knee']]],
        [
            'coming' => [
                'id' => uuid(),
                'class_id' => addClass($this),
                'on' => '2026-03-02',
                'coming' => true,
                'told_at' => '2026-03-02T17:00:00Z',
            ],
        ],
    ];
    $outcomes = $this->postJson(
        '/api/v1/commands',
        ['commands' => array_map(fn (array $d): array => ['athlete_id' => NO_SUCH, ...$d], $told)],
    )->assertOk()->json('outcomes');

    expect(array_column(array_column($outcomes, 'problem'), 'code'))->toBe(array_fill(0, 6, 'not-found'))
        ->and(array_unique(array_column(array_column($outcomes, 'problem'), 'detail')))->toBe(['This athlete is not in your gym.']);
});

it('lets each command of a queue stand alone, whatever is wrong with another', function (): void {
    DB::statement(
        'ALTER TABLE logged_sets ADD CHECK (clean_reps <> 13) NOT VALID',
    ); // what the database refuses, for a reason nobody foresaw
    $stray = ['band_ids' => ['T']] + $this->exercise['setup'];
    $good = fn (): array => ['athlete_id' => $this->athlete, 'set' => set($this, $this->exercise, 8)];
    $commands = [
        $good(),
        ['athlete_id' => $this->athlete, 'set' => set($this, ['setup' => $stray] + $this->exercise, 8)],
        ['athlete_id' => $this->athlete, 'set' => set($this, $this->exercise, 13)],
        $good(),
        ['athlete_id' => $this->athlete, 'signal' => ['id' => uuid(), 'on' => '2026-03-02', 'effort' => 7]],
    ];
    $outcomes = $this->postJson('/api/v1/commands', ['commands' => $commands])->assertOk()->json('outcomes');

    expect(array_map(fn (array $o): ?string => $o['problem']['code'] ?? null, $outcomes))->toBe([null, 'invalid', 'fault', null, null])
        ->and($outcomes[1]['problem']['errors'][0]['pointer'])->toEndWith('/band_ids/0')
        ->and(LoggedSet::query()->where('athlete_id', $this->athlete)->count())->toBe(2);
});

it('bounds what a gym holds: bands in use, classes, methods of its own, athletes asked of at once', function (): void {
    $row = DB::table('bands')->first();
    foreach (range(2, Kit::MOST_BANDS) as $n) {
        DB::table('bands')->insert(['id' => uuid(), 'name' => "Band $n", 'fingerprint' => null] + (array) $row);
    }
    $band = ['id' => uuid(), 'name' => 'One more', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5];
    $this->postJson('/api/v1/bands', $band)->assertStatus(409)->assertJsonPath('code', 'kit-full')->assertJsonPath(
        'detail',
        Kit::MOST_BANDS.' bands are in use, and no more can be. Retire one first.',
    );
    $this->putJson("/api/v1/bands/$this->band/retirement", ['retired' => true])->assertOk();
    $this->postJson('/api/v1/bands', $band)->assertCreated();
    $this->putJson("/api/v1/bands/$this->band/retirement", ['retired' => false])->assertStatus(409)->assertJsonPath('code', 'kit-full');

    $class = fn (int $n): array => [
        'id' => uuid(),
        'name' => "Class $n",
        'first_on' => '2026-03-02',
        'at' => '18:00',
        'minutes' => 60,
        'weekly' => true,
    ];
    foreach (range(1, GymClass::MOST) as $n) {
        $last = $this->postJson('/api/v1/classes', $class($n))->assertCreated()->json('items.0.id');
    }
    $this->postJson('/api/v1/classes', $class(0))->assertStatus(422)->assertJsonPath(
        'errors.0.detail',
        GymClass::MOST.' classes are held already. End one first.',
    );
    $this->deleteJson("/api/v1/classes/$last")->assertOk();
    $this->postJson('/api/v1/classes', $class(0))->assertCreated();

    $own = $this->getJson('/api/v1/methods/band-taper')->json();
    $this->putJson('/api/v1/methods', ['key' => 'ours-1'] + $own)->assertOk();
    $kept = DB::table('own_methods')->first();
    foreach (range(2, OwnMethod::MOST) as $n) {
        DB::table('own_methods')->insert(['id' => uuid(), 'key' => "ours-$n"] + (array) $kept);
    }
    $this->putJson('/api/v1/methods', ['key' => 'too-many'] + $own)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/key');
    $this->putJson('/api/v1/methods', ['key' => 'ours-1', 'name' => 'Changed'] + $own)->assertOk();
});

it('keeps the only weighing, and takes back one that has another beside it', function (): void {
    $first = $this->getJson("$this->url/body")->json('weighings.0.id');
    $back = fn (): \Illuminate\Testing\TestResponse => $this->postJson("$this->url/weighings/$first/withdrawal", ['id' => uuid()]);
    $back()->assertStatus(409)->assertJsonPath('code', 'last-weighing')->assertJsonPath(
        'detail',
        'This is the only weighing: add the right one first, then take this one back.',
    );
    $this->postJson("$this->url/weighings", ['id' => uuid(), 'weighed_on' => '2026-03-02', 'mass_kg' => 71])->assertCreated();
    $back()->assertOk()->assertJsonCount(1, 'weighings')->assertJsonPath('mass_kg', 71);
});

it('says of a request what is wrong with the whole of it', function (): void {
    $this->raw('POST', '/api/v1/athletes', '[1, 2]')
        ->assertStatus(400)
        ->assertJsonPath('code', 'bad-json')
        ->assertJsonPath('detail', 'The request must be a JSON object.');
    $this->raw(
        'POST',
        '/api/v1/athletes',
        '{"id":"'.uuid().'","name":"Ada","name":"Bea"}',
    )->assertStatus(400)->assertJsonPath('detail', fn (string $d): bool => str_contains($d, 'stands twice'));
    $this->raw(
        'POST',
        '/api/v1/athletes',
        '{"name":"'.str_repeat('x', 300_000).'"}',
    )->assertStatus(413)->assertJsonPath('detail', 'A request may be 256 kB at the most.');
    $this->deleteJson('/api/v1/kit')->assertStatus(405)->assertJsonPath('detail', 'This address does not take that method.');
    $this->getJson('/api/v1/nowhere')->assertNotFound()->assertJsonPath('detail', 'There is nothing at this address in your gym.');
});
