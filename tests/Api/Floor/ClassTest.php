<?php

declare(strict_types=1);

use App\Models\Calls\CallRecord;
use App\Models\Floor\GymClass;
use App\Models\Log\LoggedSet;

beforeEach(function (): void {
    [$this->bar, $this->band] = [addBar($this), addBand($this, 44, 'Heron')];
    $this->exercise = exercise($this->bar, $this->band);
    $this->class = addClass($this);
    $this->floor = "/api/v1/classes/$this->class/days/2026-03-02";
    /** An athlete with a screen, a set-up and a session three days ago. */
    $this->comes = function (string $name, array $tags = ['evening']): string {
        $id = addAthlete($this, name: $name, tags: $tags);
        $this->postJson("/api/v1/athletes/$id/screenings", ['id' => uuid(), 'overhead' => 'level'])->assertCreated();
        $this->putJson("/api/v1/athletes/$id/setup", $this->exercise)->assertOk();
        $this->postJson("/api/v1/athletes/$id/sets", set($this, $this->exercise, 9, performed_at: '2026-02-27T18:00:00Z'))->assertCreated();

        return $id;
    };
    $this->send = fn (array ...$commands): array => $this->postJson(
        '/api/v1/commands',
        ['commands' => $commands],
    )->assertOk()->json('outcomes');
    $this->pulls = fn (array $sheet): array => collect($sheet['lines'])->first(fn (array $l): bool => ($l['rung']['bands'] ?? []) !== []);
    $this->of = fn (string $id, ?array $day = null): array => collect(
        ($day ?? $this->getJson($this->floor)->assertOk()->json())['athletes'],
    )->firstWhere('id', $id);
});

it('brings everybody with a tag, walk-ins, and nobody who said no, each with a session written for the day', function (): void {
    [$ada, $bea, $cid] = [($this->comes)('Ada'), ($this->comes)('Bea'), ($this->comes)('Cid', ['morning'])];
    addAthlete($this, name: 'Dan', tags: ['evening']);
    $told = fn (string $id, bool $coming, string $at): array => [
        'athlete_id' => $id,
        'coming' => ['id' => uuid(), 'class_id' => $this->class, 'on' => '2026-03-02', 'coming' => $coming, 'told_at' => $at],
    ];
    ($this->send)(
        $told($cid, true, '2026-03-02T17:50:00Z'),
        $told($bea, false, '2026-03-02T17:55:00Z'),
        $told($bea, true, '2026-03-02T17:40:00Z'),
    );
    $day = $this->getJson($this->floor)->assertOk()->json();

    expect(array_column($day['athletes'], 'name'))->toBe(['Ada', 'Bea', 'Cid', 'Dan'])
        ->and(array_column($day['athletes'], 'coming'))->toBe([true, false, true, true])
        ->and(array_column($day['athletes'], 'walk_in'))->toBe([false, false, true, false])
        ->and(($this->of)($ada, $day)['sheet']['concern'])->toBeNull()
        ->and($day['athletes'][3]['sheet']['concern']['kind'])->toBe('screen')
        ->and($day['class'])->toMatchArray(['starts_at' => '2026-03-02T18:00:00Z', 'ends_at' => '2026-03-02T19:15:00Z'])
        ->and(collect($day['gear'])->firstWhere('id', $this->band))->toMatchArray(['name' => 'Heron', 'kind' => 'band', 'out' => false]);
    $line = ($this->pulls)(($this->of)($ada, $day)['sheet']);
    expect($line['rung']['station'])->toBe($this->bar)
        ->and($line['rung']['bands'])->toBe([$this->band])
        ->and($line['aim'])->toBeGreaterThan(3);
});

it('leaves the session as it was written once a set of it is logged, and knows the set by its line', function (): void {
    $ada = ($this->comes)('Ada');
    $before = ($this->of)($ada)['sheet'];
    $line = ($this->pulls)($before);
    ($this->send)(['athlete_id' => $ada, 'set' => set($this, $line['rung']['exercise'], 8, line: $line['line'])]);
    $this->putJson("/api/v1/athletes/$ada/setup", exerciseOn(['kind' => 'strict']))->assertOk();
    $after = ($this->of)($ada);

    expect($after['sheet'])->toEqual($before)
        ->and($after['sets'][0])->toMatchArray(['clean_reps' => 8, 'line' => $line['line'], 'by' => $this->coach->id]);
});

it('writes the session as of before the day where sets were logged before anybody opened the class', function (): void {
    $ada = ($this->comes)('Ada');
    $this->postJson("/api/v1/athletes/$ada/sets", set($this, $this->exercise, 8))->assertCreated();

    expect(($this->of)($ada))->sets->toHaveCount(1)->sheet->refused->toBeNull();
});

it('tells what is new since a number, each once, and nothing where nothing is', function (): void {
    [$ada, $bea] = [($this->comes)('Ada'), ($this->comes)('Bea')];
    $outside = ($this->comes)('Cid', []);
    $cursor = $this->getJson($this->floor)->json('cursor');
    $news = fn (int $since): array => $this->getJson("$this->floor/news?since=$since")->assertOk()->json();
    $ticket = $this->getJson($this->floor)->json('pulse');
    expect(array_diff_key($news($cursor), ['timetable' => 0]))->toBe(['cursor' => $cursor, 'missed' => false, 'athletes' => [], 'gear' => null])
        ->and($this->getJson("/api/v1/pulse/$ticket")->assertOk()->json())->toBe(['cursor' => $cursor]);
    $this->getJson('/api/v1/pulse/'.strrev($ticket))->assertNotFound();

    $set = set($this, $this->exercise, 8);
    ($this->send)(['athlete_id' => $ada, 'set' => $set], ['athlete_id' => $outside, 'set' => set($this, $this->exercise, 7)]);
    $told = $news($cursor);
    expect(array_column($told['athletes'], 'name'))->toBe(['Ada'])
        ->and($told['athletes'][0]['sets'][0]['id'])->toBe($set['id'])
        ->and($news($told['cursor'])['athletes'])->toBe([]);

    ($this->send)(
        ['athlete_id' => $ada, 'taken_back' => ['id' => uuid(), 'set_id' => $set['id']]],
        ['athlete_id' => $bea, 'signal' => ['id' => uuid(), 'on' => '2026-03-02', 'gave_out' => 'grip', 'effort' => 8]],
    );
    $then = $news($told['cursor']);
    expect(($this->of)($ada, $then)['sets'])->toBe([])->and(($this->of)($bea, $then))->toMatchArray(['gave_out' => 'grip', 'effort' => 8])
        ->and($news(10_000_000)['missed'])->toBeTrue();
});

it('takes a queue of every kind in order, each once, and says of each what became of it', function (): void {
    $ada = ($this->comes)('Ada');
    $set = set($this, $this->exercise, 8);
    $commands = [
        ['athlete_id' => $ada, 'set' => $set],
        ['athlete_id' => $ada, 'set' => set($this, $this->exercise, 7, replaces_id: $set['id'])],
        ['athlete_id' => $ada, 'set' => set($this, $this->exercise, 7, replaces_id: uuid())],
        ['athlete_id' => $ada, 'taken_back' => ['id' => uuid(), 'set_id' => uuid()]],
        [
            'athlete_id' => $ada,
            'beside' => ['id' => uuid(), 'performed_at' => '2026-03-02T18:00:00Z', 'accessory' => 'plank', 'seconds' => 40],
        ],
        [
            'athlete_id' => $ada,
            'coming' => ['id' => uuid(), 'class_id' => uuid(), 'on' => '2026-03-02', 'coming' => true, 'told_at' => '2026-03-02T18:00:00Z'],
        ],
        ['athlete_id' => $ada, 'set' => $set, 'pain' => ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 3]]],
        ['athlete_id' => $ada, 'pain' => ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 3]]],
        ['athlete_id' => $ada, 'set' => set($this, $this->exercise, 6, performed_at: '2026-03-02T18:05:00Z')],
    ];
    $first = ($this->send)(...$commands);

    expect(array_map(fn (array $o): ?string => $o['problem']['code'] ?? null, $first))->toBe([
        null, null, 'not-found', 'not-found', null, 'not-found', 'invalid', null, null,
    ])
        ->and(($this->send)(...$commands))->toEqual($first)
        ->and(($this->of)($ada))->toMatchArray(['paused' => true])->sets->toHaveCount(2)->beside->toHaveCount(1);
    ($this->send)(['athlete_id' => $ada, 'taken_back' => ['id' => uuid(), 'set_id' => $commands[4]['beside']['id']]]);
    expect(($this->of)($ada)['beside'])->toBe([]);
});

it('follows a day of sets once, when somebody looks, and before the sets of a later day', function (): void {
    $ada = ($this->comes)('Ada');
    followLog();
    $made = CallRecord::openOf($ada)?->version;
    foreach ([8, 8, 7] as $clean) {
        ($this->send)(['athlete_id' => $ada, 'set' => set($this, $this->exercise, $clean)]);
    }
    expect(CallRecord::openOf($ada)?->version)->toBe($made);
    $this->getJson('/api/v1/calls')->assertJsonPath('items.0.version', $made + 1);
    $this->getJson('/api/v1/calls')->assertJsonPath('items.0.version', $made + 1);

    ($this->send)(['athlete_id' => $ada, 'set' => set($this, $this->exercise, 7)]);
    $this->clock->set('2026-03-05T18:00:00Z');
    ($this->send)(['athlete_id' => $ada, 'set' => set($this, $this->exercise, 9)]);
    expect(CallRecord::openOf($ada)?->version)->toBe($made + 2)
        ->and($this->getJson("/api/v1/athletes/$ada")->json('capacity.on'))->toBe('2026-03-05');
});

it('puts gear out of use for one day: lists, ladder and session do without it, and what was done on it is still logged', function (): void {
    $ada = ($this->comes)('Ada');
    $told = fn (string $piece, bool $out, string $at): array => [
        'gear' => ['id' => uuid(), 'gear_id' => $piece, 'out' => $out, 'told_at' => $at],
    ];
    $outcomes = ($this->send)(
        $told($this->band, true, '2026-03-02T17:50:00Z'),
        $told($this->band, false, '2026-03-02T17:40:00Z'),
        $told(uuid(), true, '2026-03-02T17:50:00Z'),
        $told($this->bar, true, '2026-03-02T19:00:00Z'),
    );
    expect(array_map(fn (array $o): ?string => $o['problem']['code'] ?? null, $outcomes))->toBe([null, null, 'not-found', 'invalid']);
    $day = $this->getJson($this->floor)->json();

    expect(collect($day['gear'])->firstWhere('id', $this->band)['out'])->toBeTrue()
        ->and(($this->of)($ada, $day)['sheet']['concern']['kind'])->toBe('set-up')
        ->and(json_encode($this->getJson("/api/v1/athletes/$ada/ladder?lane=pull")->json()))->not->toContain($this->band);
    ($this->send)(['athlete_id' => $ada, 'set' => set($this, $this->exercise, 8)]);
    expect(LoggedSet::query()->count())->toBe(2);

    $this->clock->set('2026-03-09T18:00:00Z');
    expect(json_encode($this->getJson("/api/v1/athletes/$ada/ladder?lane=pull")->json()))->toContain($this->band);
});

it('takes a class and gear back in use from a queue, each once, and an athlete’s command only with its athlete', function (): void {
    $class = ['id' => uuid(), 'name' => 'Saturday', 'first_on' => '2026-03-07', 'at' => '10:00', 'minutes' => 60, 'tags' => ['evening']];
    $back = ['gear' => ['id' => uuid(), 'gear_id' => $this->band, 'out' => false, 'told_at' => '2026-03-02T17:58:00Z']];
    $commands = [
        ['gear' => ['id' => uuid(), 'gear_id' => $this->band, 'out' => true, 'told_at' => '2026-03-02T17:55:00Z']],
        ['class' => $class],
        $back,
        ['class' => [...$class, 'minutes' => 45]],
        ['set' => set($this, $this->exercise, 8)],
    ];
    $codes = array_map(fn (array $o): ?string => $o['problem']['code'] ?? null, $first = ($this->send)(...$commands));

    expect($codes)->toBe([null, null, null, 'id-taken', 'invalid'])
        ->and($first[4]['problem']['errors'][0]['pointer'])->toBe('/commands/4/athlete_id')
        ->and(($this->send)(...$commands))->toEqual($first)
        ->and(collect($this->getJson('/api/v1/classes')->json('items'))->where('name', 'Saturday'))->toHaveCount(1)
        ->and(collect($this->getJson($this->floor)->json('gear'))->firstWhere('id', $this->band)['out'])->toBeFalse();
});

it('holds a weekly class on its days, not while the gym is closed, and not once it was ended', function (): void {
    $ada = ($this->comes)('Ada');
    $held = fn (): array => array_map(fn (array $h): string => $h['on'], $this->getJson('/api/v1/classes')->json('held'));
    expect($held())->toBe(['2026-03-02', '2026-03-09']);
    $this->postJson(
        "/api/v1/athletes/$ada/time-off",
        ['id' => uuid(), 'from' => '2026-03-08', 'to' => '2026-03-10', 'why' => 'Closed', 'of_gym' => true],
    )->assertCreated();
    expect($held())->toBe(['2026-03-02'])
        ->and($this->getJson('/api/v1/classes')->json('items.0.next'))->toBe(['2026-03-02', '2026-03-16', '2026-03-23', '2026-03-30']);

    $this->getJson(str_replace('03-02', '03-03', $this->floor))->assertNotFound();
    $this->putJson(
        "/api/v1/classes/$this->class",
        [
            'id' => $this->class,
            'name' => 'Late',
            'first_on' => '2026-03-02',
            'at' => '20:15',
            'minutes' => 60,
            'weekly' => true,
            'tags' => [],
        ],
    )->assertOk()->assertJsonPath('held.0.starts_at', '2026-03-02T20:15:00Z');
    $this->deleteJson("/api/v1/classes/$this->class")->assertOk();
    expect($held())->toBe([]);
    $this->postJson(
        '/api/v1/classes',
        ['id' => uuid(), 'name' => 'X', 'first_on' => '2026-03-02', 'at' => '24:00', 'minutes' => 60],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/at');
    $this->postJson(
        '/api/v1/classes',
        ['id' => uuid(), 'name' => 'X', 'first_on' => '2026-03-02', 'at' => '18:00', 'minutes' => 5],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/minutes');
});

it('knows who else may walk in, whoever trained last first, of this gym only', function (): void {
    ($this->comes)('Ada');
    [$bea, $cid] = [($this->comes)('Bea', []), ($this->comes)('Cid', [])];
    addAthlete($this, name: 'Dan');
    $gone = addAthlete($this, name: 'Eve');
    $this->putJson("/api/v1/athletes/$gone/archive", ['archived' => true])->assertSuccessful();
    ($this->send)(['athlete_id' => $cid, 'set' => set($this, $this->exercise, 8)]);

    expect(array_column($this->getJson($this->floor)->assertOk()->json('roster'), 'name'))->toBe(['Cid', 'Bea', 'Dan']);
    ($this->send)([
        'athlete_id' => $bea,
        'coming' => [
            'id' => uuid(),
            'class_id' => $this->class,
            'on' => '2026-03-02',
            'coming' => true,
            'told_at' => '2026-03-02T17:50:00Z',
        ],
    ]);
    expect(array_column($this->getJson($this->floor)->json('roster'), 'name'))->toBe(['Cid', 'Dan']);
    $this->signInAs($this->makeCoach('coach@two.example'));
    $this->getJson($this->floor)->assertNotFound();
});

it('shows as many as a floor holds, and names those who are down for it too', function (): void {
    for ($n = 0; $n < GymClass::MOST_COMERS + 2; $n++) {
        addAthlete($this, name: sprintf('Athlete %02d', $n), tags: ['evening']);
    }
    $day = $this->getJson($this->floor)->json();

    expect($day['athletes'])->toHaveCount(GymClass::MOST_COMERS)
        ->and(array_column($day['left_over'], 'name'))->toBe(['Athlete 24', 'Athlete 25']);
});

it('shows a switch of exercise on every device, the one told last, and gear that goes out of use', function (): void {
    $ada = ($this->comes)('Ada');
    addBand($this, 29, 'Jay');
    $day = $this->getJson($this->floor)->json();
    $line = ($this->pulls)(($this->of)($ada, $day)['sheet']);
    $other = $line['others'][0]['key'];
    $switch = fn (?string $key, string $at): array => [
        'athlete_id' => $ada,
        'switch' => ['id' => uuid(), 'on' => '2026-03-02', 'line' => $line['line'], 'rung_key' => $key, 'told_at' => $at],
    ];
    $news = fn (): array => $this->getJson("$this->floor/news?since={$day['cursor']}")->json();
    expect(array_column($line['others'], 'name'))->toContain('Unassisted pull-up');

    ($this->send)($switch($other, '2026-03-02T18:05:00Z'), $switch('late', '2026-03-02T18:01:00Z'));
    expect($news()['athletes'][0]['switched'])->toBe([$line['line'] => $other])->and($news()['gear'])->toBeNull();
    ($this->send)($switch(null, '2026-03-02T18:06:00Z'));
    expect(($this->of)($ada)['switched'])->toBe([]);
    ($this->send)(['gear' => ['id' => uuid(), 'gear_id' => $this->band, 'out' => true, 'told_at' => '2026-03-02T17:55:00Z']]);
    expect(collect($news()['gear'])->firstWhere('id', $this->band)['out'])->toBeTrue();
});

it('keeps the sets of a class that goes on past midnight in sight', function (): void {
    $class = addClass($this, name: 'Late', at: '23:00', minutes: 90);
    $ada = ($this->comes)('Ada');
    $this->clock->set('2026-03-03T00:20:00Z');
    $sent = array_map(
        fn (string $at): array => ['athlete_id' => $ada, 'set' => set($this, $this->exercise, 8, performed_at: $at)],
        ['2026-03-02T23:40:00Z', '2026-03-03T00:15:00Z'],
    );
    ($this->send)(...$sent);
    $this->clock->set('2026-03-03T18:00:00Z');
    ($this->send)(['athlete_id' => $ada, 'set' => set($this, $this->exercise, 5, performed_at: '2026-03-03T17:00:00Z')]);

    expect(($this->of)($ada, $this->getJson("/api/v1/classes/$class/days/2026-03-02")->json())['sets'])->toHaveCount(2);
});

it('knows on the floor whether the session before was felt in the right place, by what was told last', function (): void {
    $ada = ($this->comes)('Ada');
    $told = fn (string $on, bool $held): array => ['athlete_id' => $ada, 'signal' => ['id' => uuid(), 'on' => $on, 'takes_hold' => $held]];
    expect(($this->of)($ada)['took_hold'])->toBeNull();
    ($this->send)($told('2026-02-27', true));
    expect(($this->of)($ada)['took_hold'])->toBeTrue();
    ($this->send)($told('2026-02-27', false));

    expect(($this->of)($ada)['took_hold'])->toBeFalse();
});
