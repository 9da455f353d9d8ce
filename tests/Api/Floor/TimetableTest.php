<?php

declare(strict_types=1);

use App\Context\Floor\KeptTimetable;
use App\Models\Floor\ClassOrder;
use App\Models\Floor\ClassTimetable;
use App\Models\Floor\GymClass;
use App\Models\Gym\Role;
use Illuminate\Support\Facades\DB;
use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\StationKind;
use SteadyRung\Floor\Timetable\Turn;

beforeEach(function (): void {
    [$this->bar, $this->loft, $this->band] = [addBar($this), addBar($this, name: 'Loft bar'), addBand($this, 44, 'Heron')];
    $this->exercise = exercise($this->bar, $this->band);
    $this->class = addClass($this);
    $this->floor = "/api/v1/classes/$this->class/days/2026-03-02";
    $this->comes = function (string $name, ?array $exercise = null): string {
        $id = addAthlete($this, name: $name, tags: ['evening']);
        $this->postJson("/api/v1/athletes/$id/screenings", ['id' => uuid(), 'overhead' => 'level'])->assertCreated();
        $this->putJson("/api/v1/athletes/$id/setup", $exercise ?? $this->exercise)->assertOk();
        $this->postJson("/api/v1/athletes/$id/sets", set($this, $exercise ?? $this->exercise, 9, performed_at: '2026-02-27T18:00:00Z'))->assertCreated();

        return $id;
    };
    $this->send = fn (array ...$commands): array => $this->postJson('/api/v1/commands', ['commands' => $commands])->assertOk()->json('outcomes');
    $this->day = fn (): array => $this->getJson($this->floor)->assertOk()->json();
    $this->turnsOf = fn (array $timetable, string $id): array => array_values(array_filter($timetable['turns'], fn (array $t): bool => $t['athlete_id'] === $id));
    /** Pulls in a band at the first bar. */
    $this->pulls = fn (array $timetable, string $id): array => array_values(array_filter(($this->turnsOf)($timetable, $id), fn (array $t): bool => str_contains($t['line'], 'band|full')));
    $this->clock->set('2026-03-02T18:00:00Z');
});

/** @return list<string> turns that are at one station, or on one band, at the same time; of turns whose lines say how long they take */
function doubledIn(array $day): array
{
    $lines = [];
    foreach ($day['athletes'] as $athlete) {
        foreach ($athlete['sheet']['lines'] ?? [] as $line) {
            $lines[$athlete['id']][$line['line']] = $line;
        }
    }
    $taken = $doubled = [];
    foreach ($day['timetable']['turns'] as $turn) {
        $line = $lines[$turn['athlete_id']][$turn['line']];
        $needs = [$turn['athlete_id'], ...($turn['station'] === 'floor' ? [] : [$turn['station']]), ...($line['rung']['bands'] ?? [])];
        foreach ($needs as $need) {
            foreach ($taken[$need] ?? [] as [$from, $to]) {
                if ($turn['at_s'] < $to && $from < $turn['at_s'] + $line['set_s']) {
                    $doubled[] = "$need at {$turn['at_s']} s";
                }
            }
            $taken[$need][] = [$turn['at_s'], $turn['at_s'] + $line['set_s']];
        }
    }

    return $doubled;
}

it('times everybody’s sets so that nothing is used twice at once, and says when all are done', function (): void {
    $ids = array_map($this->comes, ['Ada', 'Bea', 'Cid', 'Dan']);
    $day = ($this->day)();
    $timetable = $day['timetable'];
    expect(doubledIn($day))->toBe([])
        ->and(array_unique(array_column($timetable['turns'], 'athlete_id')))->toEqualCanonicalizing($ids)
        ->and($timetable['ends_at'])->toBeGreaterThan('2026-03-02T18:10:00Z')
        ->and($timetable['fits'])->toBe($timetable['ends_at'] <= '2026-03-02T19:15:00Z');
    $asked = array_sum(array_map(fn (array $a): int => array_sum(array_column($a['sheet']['lines'], 'sets')), $day['athletes']));
    expect($timetable['turns'])->toHaveCount($asked);
});

it('takes work beside the pull that two coaches logged within half of its rest for one set', function (int $apartS, int $fewer): void {
    $ada = ($this->comes)('Ada');
    $day = ($this->day)();
    $line = collect($day['athletes'][0]['sheet']['lines'])->first(fn (array $l): bool => $l['rung'] === null && $l['sets'] > 1);
    $ofLine = fn (array $timetable): int => count(array_filter(($this->turnsOf)($timetable, $ada), fn (array $t): bool => $t['line'] === $line['line']));
    $this->clock->set('2026-03-02T18:10:00Z');
    $send = fn (string $at): array => ($this->send)([
        'athlete_id' => $ada,
        'beside' => ['id' => uuid(), 'performed_at' => $at, 'accessory' => $line['accessory'], 'reps' => 10],
    ]);
    $send('2026-03-02T18:05:00Z');
    $this->signInAs(colleague($this->coach, Role::Assistant));
    $send((new DateTimeImmutable('2026-03-02T18:05:00Z'))->modify(sprintf('+%d seconds', $line['rest_s'] / 2 + $apartS))->format(DATE_RFC3339));

    $by = array_column(($this->day)()['athletes'][0]['beside'], 'by');
    expect($ofLine($day['timetable']) - $ofLine(($this->day)()['timetable']))->toBe($fewer)->and(array_unique($by))->toHaveCount(2);
})->with(['just within' => [-1, 1], 'just beyond' => [1, 2]]);

it('takes what was logged as done, times the rest behind it, and works the same news out once', function (): void {
    [$ada, $bea] = [($this->comes)('Ada'), ($this->comes)('Bea')];
    $day = ($this->day)();
    $first = ($this->turnsOf)($day['timetable'], $ada)[0];
    $line = collect($day['athletes'][0]['sheet']['lines'])->firstWhere('line', $first['line']);
    $this->clock->set('2026-03-02T18:05:00Z');
    $done = $line['rung'] === null
        ? ['beside' => ['id' => uuid(), 'performed_at' => '2026-03-02T18:05:00Z', 'accessory' => $line['accessory'], 'reps' => 10]]
        : ['set' => set($this, $line['rung']['exercise'], 8, line: $line['line'])];
    ($this->send)(['athlete_id' => $ada, ...$done]);
    $news = $this->getJson("$this->floor/news?since={$day['cursor']}")->assertOk()->json();
    $left = ($this->turnsOf)($news['timetable'], $ada);
    expect($left)->toHaveCount(count(($this->turnsOf)($day['timetable'], $ada)) - 1)
        ->and($left[0]['at_s'])->toBeGreaterThanOrEqual(300 + $line['rest_s'])
        ->and(min(array_column(($this->turnsOf)($news['timetable'], $bea), 'at_s')))->toBeGreaterThanOrEqual(300);

    $timedAt = ClassTimetable::query()->sole()->timed_at;
    $this->clock->passSeconds(30);
    expect(($this->day)()['timetable'])->toBe($news['timetable'])->and(ClassTimetable::query()->sole()->timed_at)->toEqual($timedAt);
    $this->clock->passSeconds(31); // nobody told anything, and somebody is slower than was planned
    expect(($this->day)()['timetable']['ends_at'])->toBeGreaterThanOrEqual($news['timetable']['ends_at'])
        ->and(ClassTimetable::query()->sole()->timed_at)->not->toEqual($timedAt);
});

it('leaves out who is away, paused or has something to do first, and lets in who comes late', function (): void {
    [$ada, $bea] = [($this->comes)('Ada'), ($this->comes)('Bea')];
    $dan = addAthlete($this, name: 'Dan', tags: ['evening']);
    $told = fn (bool $coming): array => ['athlete_id' => $bea, 'coming' => [
        'id' => uuid(), 'class_id' => $this->class, 'on' => '2026-03-02', 'coming' => $coming, 'told_at' => $this->clock->now()->format(DATE_RFC3339),
    ]];
    $who = fn (): array => array_values(array_unique(array_column(($this->day)()['timetable']['turns'] ?? [], 'athlete_id')));
    expect($who())->toEqualCanonicalizing([$ada, $bea])->not->toContain($dan);
    ($this->send)($told(false));
    expect($who())->toBe([$ada]);
    $this->clock->set('2026-03-02T18:20:00Z');
    ($this->send)($told(true));
    $timetable = ($this->day)()['timetable'];
    expect(($this->turnsOf)($timetable, $bea)[0]['at_s'])->toBeGreaterThanOrEqual(1200);
    $this->postJson("/api/v1/athletes/$ada/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 4]])->assertSuccessful();
    expect($who())->toBe([$bea]);
});

it('goes on in the order that a coach tells, once, and keeps it when the class is timed anew', function (): void {
    [$ada, $bea] = [($this->comes)('Ada'), ($this->comes)('Bea')];
    $timetable = ($this->day)()['timetable'];
    [$a, $b] = [($this->pulls)($timetable, $ada)[0], ($this->pulls)($timetable, $bea)[0]];
    [$first, $second] = $a['at_s'] < $b['at_s'] ? [$a, $b] : [$b, $a];
    $order = ['order' => ['id' => uuid(), 'class_id' => $this->class, 'on' => '2026-03-02', 'turns' => [['at_s' => $first['at_s'] - 1] + $second], 'told_at' => '2026-03-02T18:00:00Z']];
    ($this->send)($order);
    ($this->send)($order);
    expect(ClassOrder::query()->count())->toBe(1);
    $isFirst = function () use ($first, $second): bool {
        $timetable = ($this->day)()['timetable'];

        return ($this->pulls)($timetable, $second['athlete_id'])[0]['at_s'] < ($this->pulls)($timetable, $first['athlete_id'])[0]['at_s'];
    };
    expect($isFirst())->toBeTrue();
    $this->clock->passSeconds(61);
    expect($isFirst())->toBeTrue();
    $this->putJson("/api/v1/gear/$this->loft/out", ['out' => true]);
    expect($isFirst())->toBeTrue();
});

it('never writes over an order what was timed before it was told', function (): void {
    $ada = ($this->comes)('Ada');
    $turn = ($this->turnsOf)(($this->day)()['timetable'], $ada)[0];
    $before = ClassTimetable::query()->sole();
    $this->clock->passSeconds(1);
    ($this->send)(['order' => ['id' => uuid(), 'class_id' => $this->class, 'on' => '2026-03-02', 'turns' => [['at_s' => 777] + $turn], 'told_at' => '2026-03-02T18:00:01Z']]);
    $late = Search::plan(Evening::of(600, 0, ['floor' => StationKind::Floor], [], [new Comer($ada, 0, [new Turn('1 plank', 60, 0, ['floor'])])]));
    $keep = fn (?ClassTimetable $read) => app(KeptTimetable::class)->keep(GymClass::query()->findOrFail($this->class), '2026-03-02', 99, $read, $late, [], new stdClass);
    $keep($before);
    $keep(null);
    expect(array_column(ClassTimetable::query()->sole()->told, 2))->toContain(777);
    $keep(ClassTimetable::query()->sole());
    expect(ClassTimetable::query()->sole()->told)->toBe([[$ada, '1 plank', 0, 'floor']]);
});

it('refuses an order of no class, of a day without it, or of turns out of range', function (): void {
    $turn = ['athlete_id' => uuid(), 'line' => 'pulls', 'n' => 1, 'at_s' => 60, 'station' => 'floor'];
    $told = fn (array $changes, array $turns = []): array => ['order' => $changes + [
        'id' => uuid(), 'class_id' => $this->class, 'on' => '2026-03-02', 'turns' => [$turns + $turn], 'told_at' => '2026-03-02T18:00:00Z',
    ]];
    $outcomes = ($this->send)(
        $told(['class_id' => uuid()]), $told(['on' => '2026-03-03']), $told([], ['n' => 0]), $told([], ['at_s' => 50_000]), $told(['turns' => 'all']), $told([]),
    );
    expect(array_map(fn (array $o): ?string => $o['problem']['code'] ?? null, $outcomes))
        ->toBe(['not-found', 'not-found', 'invalid', 'invalid', 'invalid', null])
        ->and($outcomes[2]['problem']['errors'][0]['pointer'])->toEndWith('/order/turns/0/n');
});

it('plans nothing on gear that is out, and gives another way round where two need one band', function (): void {
    $other = exercise($this->loft, $this->band);
    [$ada, $bea] = [($this->comes)('Ada'), ($this->comes)('Bea', $other)];
    $day = ($this->day)();
    expect(doubledIn($day))->toBe([]);
    $shown = array_merge(...array_map(fn (array $c): array => [$c['piece'], ...array_column($c['ways'], 'kind')], $day['timetable']['collisions']));
    expect(array_diff($shown, [$this->band, $this->bar, $this->loft, 'keep', 'swap', 'switch']))->toBe([]);
    ($this->send)(['gear' => ['id' => uuid(), 'gear_id' => $this->band, 'out' => true, 'told_at' => '2026-03-02T18:00:00Z']]);
    $pulls = fn (array $day, string $id): array => array_filter(($this->pulls)($day['timetable'], $id), function (array $turn) use ($day, $id): bool {
        $line = collect(collect($day['athletes'])->firstWhere('id', $id)['sheet']['lines'])->firstWhere('line', $turn['line']);

        return in_array($this->band, $line['rung']['bands'] ?? [], true);
    });
    $out = ($this->day)();
    expect($pulls($out, $ada))->toBe([])->and($pulls($out, $bea))->toBe([]);
});

it('sends somebody from a long queue to rings that nobody uses, where the row there is about as hard', function (): void {
    $rings = fn (string $name, float $anchorM): string => addGear($this, $name, ['kind' => 'rings', 'anchor_height_m' => $anchorM, 'straps_m' => [1.2, 1.4]]);
    [$north, $long] = [$rings('North rings', 2.4), $rings('Long rings', 2.5)];
    $row = ['setup' => ['kind' => 'row', 'ring_id' => $north, 'strap_m' => 1.4, 'heel_mark_m' => 0.0]];
    foreach (['Ada', 'Bea', 'Cid', 'Dan', 'Eve', 'Fay'] as $name) {
        $id = ($this->comes)($name, $row);
        $this->postJson("/api/v1/athletes/$id/place", ['id' => uuid(), 'method' => 'rows-first', 'stage' => 'upright', 'reason' => 'Rows.'])->assertSuccessful();
        foreach ($this->getJson("/api/v1/athletes/$id/session")->json('blocks') as $block) {
            if (($block['rung']['exercise']['setup']['ring_id'] ?? null) !== $north) {
                $this->postJson("/api/v1/athletes/$id/session/changes", ['id' => uuid(), 'line' => $block['line'], 'lasts' => false, 'left_out' => true]);
            }
        }
    }
    $ways = array_merge(...array_column(($this->day)()['timetable']['collisions'], 'ways'));
    expect(array_count_values(array_column($ways, 'kind')))->toHaveKey('switch')
        ->and(array_filter($ways, fn (array $w): bool => $w['kind'] === 'switch' && ($w['switches'] === null || $w['rung_key'] === null)))->toBe([]);
});

it('offers what the whole search finds, tells nothing by it, and is silent once a class is over', function (): void {
    ($this->comes)('Ada');
    ($this->comes)('Bea');
    $this->getJson("$this->floor/fresh-plan")->assertNotFound(); // nothing was told yet
    $told = ($this->day)()['timetable'];
    $fresh = $this->getJson("$this->floor/fresh-plan")->assertOk()->json();
    expect($fresh['ends_at'])->toBeLessThanOrEqual($fresh['told_ends_at'])
        ->and($fresh['told_ends_at'])->toBe($told['ends_at'])
        ->and($fresh['turns'])->toHaveCount(count($told['turns']))
        ->and(($this->day)()['timetable'])->toBe($told);
    $this->clock->set('2026-03-02T20:16:00Z');
    expect(($this->day)()['timetable'])->toBeNull();
    $this->getJson("$this->floor/fresh-plan")->assertNotFound();
});

it('says the day before when a class would be done, and forgets the timetables of weeks ago', function (): void {
    ($this->comes)('Ada');
    $next = "/api/v1/classes/$this->class/days/2026-03-09";
    ($this->day)();
    $timetable = $this->getJson($next)->assertOk()->json('timetable');
    expect($timetable['ends_at'])->toStartWith('2026-03-09T18')->and($timetable['turns'][0]['at_s'])->toBe(0)
        ->and(DB::table('class_timetables')->orderBy('held_on')->pluck('held_on')->all())->toBe(['2026-03-02', '2026-03-09']);
    $this->clock->set('2026-03-16T18:00:00Z');
    $this->getJson("/api/v1/classes/$this->class/days/2026-03-16")->assertOk();
    expect(DB::table('class_timetables')->orderBy('held_on')->pluck('held_on')->all())->toBe(['2026-03-09', '2026-03-16']);
});
