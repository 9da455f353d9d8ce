<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->roster = fn (string $query = ''): array => $this->getJson("/api/v1/athletes?$query")->assertOk()->json();
    $this->names = fn (string $query = ''): array => array_column(($this->roster)($query)['items'], 'name');
});

it('finds names whatever signs are in them, and takes no sign of a search for one of its own', function (): void {
    foreach (['Ann-Marie O’Neil', '100 % Ada', 'under_score', 'back\\slash', 'Zoë Čapek', 'Ann Lee'] as $name) {
        addAthlete($this, name: $name);
    }
    $found = fn (string $search): array => ($this->names)('search='.urlencode($search));

    expect($found('%'))->toBe(['100 % Ada'])
        ->and($found('_'))->toBe(['under_score'])
        ->and($found('\\'))->toBe(['back\\slash'])
        ->and($found('o’neil ann'))->toBe(['Ann-Marie O’Neil'])
        ->and($found('ANN'))->toBe(['Ann Lee', 'Ann-Marie O’Neil'])
        ->and($found('zoë'))->toBe(['Zoë Čapek'])
        ->and($found('nobody'))->toBe([])
        ->and(count($found('  ')))->toBe(6);
});

it('turns its pages without leaving out or repeating anybody, though names are alike', function (): void {
    for ($n = 0; $n < 57; $n++) {
        addAthlete($this, name: $n % 3 === 0 ? 'Same Name' : sprintf('Name %02d', $n));
    }
    $seen = [];
    for ($page = 1; $page !== null; $page = $answer['next_page']) {
        $answer = ($this->roster)("page=$page");
        $seen = [...$seen, ...array_column($answer['items'], 'id')];
    }

    expect($seen)->toHaveCount(57)->and(array_unique($seen))->toHaveCount(57)
        ->and(($this->roster)('page=99')['items'])->toBe([]);
});

it('keeps to a tag, and to the words of a name beside it', function (): void {
    addAthlete($this, name: 'Ada Marsh', tags: ['tuesday', 'youth']);
    addAthlete($this, name: 'Bo Marsh', tags: ['tuesday']);
    addAthlete($this, name: 'Cy Holt', tags: ['youth']);

    expect(($this->names)('tag=tuesday'))->toBe(['Ada Marsh', 'Bo Marsh'])
        ->and(($this->names)('tag=youth&search=marsh'))->toBe(['Ada Marsh'])
        ->and(($this->names)('tag=Tuesday'))->toBe([])
        ->and(($this->names)('tag='.urlencode('tues"day')))->toBe([]);
});

it('shows who was not here for two weeks, who is paused, and who was set aside, each alone', function (): void {
    $exercise = exercise(addBar($this), addBand($this));
    [$ada, $bea, $cid] = array_map(fn (string $name): string => addAthlete($this, name: $name), ['Ada', 'Bea', 'Cid']);
    foreach ([$ada, $bea] as $id) {
        $this->putJson("/api/v1/athletes/$id/setup", $exercise)->assertOk();
        $this->postJson("/api/v1/athletes/$id/sets", set($this, $exercise, 8))->assertCreated();
    }
    $this->clock->passSeconds(40 * 86400);
    $this->postJson("/api/v1/athletes/$bea/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 2]])->assertCreated();
    $this->putJson("/api/v1/athletes/$cid/archive", ['archived' => true])->assertOk();

    expect(($this->names)('show=overdue'))->toBe(['Ada'])
        ->and(($this->names)('show=paused'))->toBe(['Bea'])
        ->and(($this->names)('show=archived'))->toBe(['Cid'])
        ->and(($this->names)())->toBe(['Ada', 'Bea'])
        ->and(array_column(($this->roster)()['items'], 'overdue'))->toBe([true, true]);
});

it('sorts by the last session, those who never trained last, and by the stage', function (): void {
    $exercise = exercise(addBar($this), addBand($this));
    [$ada, $bea, $cid] = array_map(fn (string $name): string => addAthlete($this, name: $name), ['Ada', 'Bea', 'Cid']);
    foreach ([$cid, $ada] as $id) {
        $this->clock->passSeconds(86400);
        $this->putJson("/api/v1/athletes/$id/setup", $exercise)->assertOk();
        $this->postJson("/api/v1/athletes/$id/sets", set($this, $exercise, 8))->assertCreated();
    }
    $this->postJson("/api/v1/athletes/$bea/place", ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands'])->assertSuccessful();

    expect(($this->names)('order=last-session'))->toBe(['Ada', 'Cid', 'Bea'])
        ->and(($this->names)('order=stage'))->toBe(['Bea', 'Ada', 'Cid'])
        ->and(array_column(($this->roster)('order=stage')['items'], 'method_name'))->toBe(['Band taper', 'Steady ladder', 'Steady ladder']);
});

it('names the call that waits, else the one decided today, and none of yesterday', function (): void {
    $exercise = exercise(addBar($this), addBand($this));
    $id = addAthlete($this);
    $this->putJson("/api/v1/athletes/$id/setup", $exercise)->assertOk();
    logSession($this, $id, $exercise, [8, 8, 8]);
    $entry = fn (): array => array_intersect_key(($this->roster)()['items'][0], ['verdict' => 0, 'decided' => 0]);
    $call = $this->getJson('/api/v1/calls')->json('items.0');
    expect($entry())->toBe(['verdict' => $call['call']['verdict'], 'decided' => null]);
    $this->putJson("/api/v1/calls/{$call['id']}/decision", ['version' => $call['version'], 'decision' => 'accepted'])->assertOk();
    expect($entry()['decided'])->toBe('accepted');
    $this->clock->passSeconds(86400);
    expect($entry())->toBe(['verdict' => null, 'decided' => null]);
});
