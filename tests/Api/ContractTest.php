<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

require_once __DIR__.'/Support/contract.php';
require_once __DIR__.'/Support/everyRoute.php';

/** Asked by devices that run the program before; documented no more. */
const OF_THE_PROGRAM_BEFORE = 'POST /api/v1/deeds';

/** Where a scale must hang; the bench's own tests look at them. */
const AT_THE_SCALE = ['/api/v1/bench/scale', '/api/v1/bench/scale/zero', '/api/v1/bench/scale/hang'];

beforeEach(function (): void {
    $this->asked = [];
    /** Asks a route, with what stands for its braces, and holds the answer against the document. */
    $this->ask = function (string $route, array $ids = [], array $body = [], string $query = ''): TestResponse {
        [$method, $path] = explode(' ', $route);
        $response = $this->json(
            $method,
            strtr(
                $path,
                array_combine(array_map(fn (string $key): string => "{{$key}}", array_keys($ids)), $ids),
            ).($query === '' ? '' : "?$query"),
            $body,
        );
        expect($response->isSuccessful())->toBeTrue("$route answered {$response->getStatusCode()}: {$response->getContent()}");
        expectDocumented($response, $method, $path);
        $this->asked[$route] = true;

        return $response;
    };
});

it('answers every route as the document says, in a gym with something of everything', function (): void {
    $ask = $this->ask;
    [$bar, $rings] = [addBar($this), addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.5, 'straps_m' => [1.1, 1.4]])];
    $bands = array_map(fn (int $mm): string => addBand($this, $mm, "Band $mm"), [13, 22, 32, 44]);
    $exercise = exercise($bar, $bands[2]);
    $asQuery = fn (array $of): string => 'exercise='.urlencode((string) json_encode($of));
    $id = $ask(
        'POST /api/v1/athletes',
        body: [
            'id' => uuid(),
            'name' => 'Ada',
            'kind' => 'both',
            'mass_kg' => 70,
            'stature_m' => 1.75,
            'reach_m' => 2.1,
            'tags' => ['evening'],
        ],
    )->json('id');
    $of = ['athlete' => $id];
    $screen = uuid();
    $words = $this->getJson('/api/v1/me')->json('consent_words');
    $agreed = ['id' => uuid(), 'born_on' => '1990-02-03', 'by' => 'athlete', 'words' => $words];
    $ask('POST /api/v1/athletes/{athlete}/consent', $of, $agreed);
    $ask('GET /api/v1/athletes/{athlete}/consent', $of);
    $ask('POST /api/v1/athletes/{athlete}/consent/withdrawal', $of, ['id' => uuid()]);
    $ask('POST /api/v1/athletes/{athlete}/screenings', $of, ['id' => $screen, 'overhead' => 'level']);
    $ask('GET /api/v1/athletes/{athlete}/screenings', $of);
    $ask('GET /api/v1/athletes/{athlete}/screenings/{screening}', [...$of, 'screening' => $screen]);
    $ask('GET /api/v1/athletes/{athlete}/baseline', $of);
    $ask('PUT /api/v1/athletes/{athlete}/setup', $of, $exercise);
    $ask('GET /api/v1/athletes/{athlete}/setup', $of, query: $asQuery($exercise));
    foreach ([[8, 8, 8], [8, 8, 8]] as $i => $counts) {
        $this->clock->set('2026-03-0'.(2 + 3 * $i).'T18:00:00Z');
        logSession($this, $id, $exercise, $counts);
    }
    $this->postJson(
        "/api/v1/athletes/$id/sets",
        set($this, null, 0, clean_reps: null, reserve: null, purpose: 'baseline', hang_s: 30),
    )->assertCreated();
    $set = set($this, $exercise, 6, faults: ['legs-kick'], no_counts: ['swing' => 1], note: 'Late');
    $ask('POST /api/v1/athletes/{athlete}/sets', $of, $set);
    $ask('GET /api/v1/athletes/{athlete}/sets', $of);
    $ask('POST /api/v1/athletes/{athlete}/sets/{set}/withdrawal', [...$of, 'set' => $set['id']], ['id' => uuid()]);
    $ask('GET /api/v1/athletes/{athlete}', $of);
    $ask('GET /api/v1/athletes', query: 'search=ada&order=last-session');
    $ask(
        'PUT /api/v1/athletes/{athlete}',
        $of,
        ['name' => 'Ada M', 'kind' => 'both', 'mass_kg' => 71, 'stature_m' => 1.75, 'tags' => ['evening']],
    );
    $ask('GET /api/v1/athletes/{athlete}/capacity', $of, query: 'pattern=pull');
    $ask('GET /api/v1/athletes/{athlete}/trend', $of);
    $ask('GET /api/v1/athletes/{athlete}/ladder', $of, query: 'lane=pull&advice=1');
    $ask('GET /api/v1/athletes/{athlete}/scale', $of, query: "band=$bands[2]");
    $ask('GET /api/v1/athletes/{athlete}/scale', $of, query: 'lane=seconds');
    $ask('GET /api/v1/athletes/{athlete}/instead', $of);
    $ask(
        'GET /api/v1/athletes/{athlete}/heel-mark',
        $of,
        query: 'share=0.5&'.$asQuery(exerciseOn(['kind' => 'row', 'ring_id' => $rings, 'strap_m' => 1.1, 'heel_mark_m' => 0.3])),
    );
    $ask('GET /api/v1/athletes/{athlete}/standing-height', $of, query: 'leg_part=0.5&bar_id='.$bar);
    $ask('GET /api/v1/athletes/{athlete}/for-reps', $of, query: 'reps=5');
    $ask('GET /api/v1/athletes/{athlete}/body', $of);
    $weighing = uuid();
    $ask('POST /api/v1/athletes/{athlete}/weighings', $of, ['id' => $weighing, 'weighed_on' => '2026-03-04', 'mass_kg' => 69]);
    $ask('POST /api/v1/athletes/{athlete}/weighings/{weighing}/withdrawal', [...$of, 'weighing' => $weighing], ['id' => uuid()]);

    $call = $ask('GET /api/v1/calls')->json('items.0');
    $decided = ['call' => $call['id']];
    $ask('PUT /api/v1/calls/{call}/decision', $decided, ['version' => $call['version'], 'decision' => 'accepted']);
    $ask('DELETE /api/v1/calls/{call}/decision', $decided);
    $ask(
        'PUT /api/v1/calls/{call}/decision',
        $decided,
        ['version' => $call['version'], 'decision' => 'overridden', 'verdict' => 'stay', 'reason' => 'One more week.'],
    );
    $ask('GET /api/v1/athletes/{athlete}/calls', $of);
    $ask('GET /api/v1/calls/overrides');

    $this->clock->set('2026-03-07T18:00:00Z');
    $line = $ask('GET /api/v1/athletes/{athlete}/session', $of)->json('blocks.0.line');
    $main = collect($this->getJson("/api/v1/athletes/$id/session")->json('blocks'))->firstWhere('part', 'main')['line'];
    $ask('GET /api/v1/athletes/{athlete}/session/others', $of, query: 'line='.urlencode($main));
    $ask('GET /api/v1/athletes/{athlete}/class-work', $of, query: 'reps=10');
    $ask('POST /api/v1/athletes/{athlete}/session/tried', $of, ['id' => uuid(), 'line' => $main, 'lasts' => true, 'sets' => 4]);
    $ask('POST /api/v1/athletes/{athlete}/session/changes', $of, ['id' => uuid(), 'line' => $main, 'lasts' => true, 'sets' => 4]);
    $ask('DELETE /api/v1/athletes/{athlete}/session/changes', $of, query: 'line='.urlencode($main));
    $off = uuid();
    $ask('POST /api/v1/athletes/{athlete}/time-off', $of, ['id' => $off, 'from' => '2026-03-20', 'to' => '2026-03-30', 'why' => 'Travel']);
    $ask('GET /api/v1/athletes/{athlete}/weeks', $of);
    $ask('DELETE /api/v1/athletes/{athlete}/time-off/{off}', [...$of, 'off' => $off]);
    $ask('POST /api/v1/athletes/{athlete}/place', $of, ['id' => uuid(), 'method' => 'band-taper', 'stage' => 'bands']);
    $ask('GET /api/v1/athletes/{athlete}/place', $of);
    $ask('POST /api/v1/athletes/{athlete}/comparisons', $of, ['method' => 'band-taper', 'from' => 1, 'count' => 1]);
    $ask(
        'POST /api/v1/athletes/{athlete}/signals',
        $of,
        ['id' => uuid(), 'on' => '2026-03-05', 'soreness' => 2, 'gave_out' => 'grip', 'effort' => 7],
    );
    $ask(
        'POST /api/v1/athletes/{athlete}/accessories',
        $of,
        ['id' => uuid(), 'performed_at' => '2026-03-05T18:10:00Z', 'accessory' => 'plank', 'seconds' => 40],
    );

    $class = $ask(
        'POST /api/v1/classes',
        body: [
            'id' => uuid(),
            'name' => 'Evening',
            'first_on' => '2026-03-07',
            'at' => '18:00',
            'minutes' => 75,
            'weekly' => true,
            'tags' => ['evening'],
        ],
    )->json('items.0.id');
    $day = ['class' => $class, 'on' => '2026-03-07'];
    $cursor = $ask('GET /api/v1/classes/{class}/days/{on}', $day)->json();
    $ask(
        'POST /api/v1/commands',
        body: [
            'commands' => [
                ['athlete_id' => $id, 'set' => set($this, $exercise, 7, line: $line)],
                ['athlete_id' => $id, 'taken_back' => ['id' => uuid(), 'set_id' => uuid()]],
                ['gear' => ['id' => uuid(), 'gear_id' => $bands[0], 'out' => true, 'told_at' => '2026-03-07T18:00:00Z']],
            ],
        ],
    );
    expect($ask('GET /api/v1/classes/{class}/days/{on}/news', $day, query: "since={$cursor['cursor']}")->json('athletes'))->toHaveCount(1);
    $ask('GET /api/v1/classes/{class}/days/{on}/workout', $day, query: 'task=21-15-9%20pull-ups&set=10');
    $ask('GET /api/v1/classes/{class}/days/{on}/fresh-plan', $day);
    $ask('GET /api/v1/pulse/{ticket}', ['ticket' => $cursor['pulse']]);
    $ask('GET /api/v1/classes');
    $ask('GET /api/v1/classes/{class}/report', ['class' => $class]);
    $ask('GET /api/v1/classes/{class}/report.csv', ['class' => $class]);
    $ask('POST /api/v1/athletes/{athlete}/notes', $of, ['id' => $note = uuid(), 'text' => 'Prefers the rings.']);
    $ask('GET /api/v1/athletes/{athlete}/notes', $of);
    $ask('DELETE /api/v1/athletes/{athlete}/notes/{note}', [...$of, 'note' => $note]);
    $ask('GET /api/v1/athletes/{athlete}/last-time', $of, query: $asQuery($exercise));
    $ask('GET /api/v1/athletes/{athlete}/report', $of, query: 'range=year');
    $ask('GET /api/v1/athletes/{athlete}/report.csv', $of);
    $ask('GET /api/v1/reports/bands');
    $ask('GET /api/v1/reports/bands.csv');
    $ask('GET /api/v1/reports/methods');
    $ask('GET /api/v1/reports/methods.csv');
    $ask(
        'PUT /api/v1/classes/{class}',
        ['class' => $class],
        ['id' => $class, 'name' => 'Late evening', 'first_on' => '2026-03-07', 'at' => '19:00', 'minutes' => 75, 'weekly' => true],
    );
    $ask('DELETE /api/v1/classes/{class}', ['class' => $class]);

    $ask('POST /api/v1/athletes/{athlete}/pain', $of, ['id' => uuid(), 'pain' => ['place' => 'elbow']]);
    $ask('POST /api/v1/athletes/{athlete}/clearances', $of, ['id' => uuid(), 'note' => 'Seen by the clinic.']);
    $ask('PUT /api/v1/athletes/{athlete}/archive', $of, ['archived' => true]);

    $piece = $ask('POST /api/v1/gear', body: ['id' => uuid(), 'name' => 'Box', 'figures' => ['kind' => 'box', 'height_m' => 0.4]])
        ->json('id');
    $ask('PUT /api/v1/gear/{gear}', ['gear' => $piece], ['name' => 'Low box', 'figures' => ['kind' => 'box', 'height_m' => 0.35]]);
    $ask('PUT /api/v1/gear/{gear}/retirement', ['gear' => $piece], ['retired' => true]);
    $size = ['name' => 'Kite', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5];
    $band = ['band' => $ask('POST /api/v1/bands', body: ['id' => uuid(), ...$size])->json('id')];
    $ask('PUT /api/v1/bands/{band}', $band, [...$size, 'points' => [['length_m' => 1.5, 'force_n' => 100]]]);
    $ask('POST /api/v1/bands/{band}/inspections', $band, ['id' => uuid(), 'inspected_on' => '2026-03-05', 'finding' => 'sound']);
    $ask('GET /api/v1/bands/{band}/inspections', $band);
    $ask('GET /api/v1/bands/{band}/learned', ['band' => $bands[2]]);
    $ask('GET /api/v1/bands/{band}/outdated-sets', ['band' => $bands[2]]);
    $ask('GET /api/v1/athletes/{athlete}/outdated-sets', $of);
    $order = ['recomputation' => $ask('POST /api/v1/recomputations', [], ['id' => uuid(), 'band_id' => $bands[2]])->json('id')];
    $ask('GET /api/v1/recomputations/{recomputation}', $order);
    $ask('PUT /api/v1/recomputations/{recomputation}/resumption', $order);
    $ask('PUT /api/v1/bands/{band}/retirement', $band, ['retired' => true]);
    $ask('POST /api/v1/bench/curve', body: ['band' => $size, 'athlete_id' => $id, 'bar_id' => $bar]);
    $ask('GET /api/v1/kit');
    $ask('PUT /api/v1/kit/floor', body: ['floor' => 'rubber']);

    $ask('GET /api/v1/methods');
    $ask('GET /api/v1/methods/outcomes');
    $own = ['key' => 'ours', 'name' => 'Ours'] + $ask('GET /api/v1/methods/{method}', ['method' => 'band-taper'])->json();
    $ask('POST /api/v1/methods/check', body: $own);
    $ask('PUT /api/v1/methods', body: $own);
    $ask('DELETE /api/v1/methods/{method}', ['method' => 'ours']);
    $ask('GET /api/v1/library');
    $caps = $ask('GET /api/v1/caps')->json();
    $ask(
        'PUT /api/v1/caps',
        body: array_intersect_key(
            $caps,
            ['lowerings_a_session' => 1, 'lowerings_a_week' => 1, 'hard_sets_first_month' => 1, 'hard_sets_later' => 1],
        ),
    );
    $ask('GET /api/v1/house-rules');
    $ask('POST /api/v1/house-rules/effects', body: ['trunk' => 'later']);
    $ask('PUT /api/v1/house-rules', body: ['trunk' => 'later']);

    $linked = ['athlete' => addAthlete($this, tags: ['evening'])];
    $link = $ask('POST /api/v1/athletes/{athlete}/link', $linked, ['id' => uuid(), 'days' => 30])->json('path');
    $ask('GET /api/v1/athletes/{athlete}/link', $linked);
    $ask('PUT /api/v1/settings/athletes-tell', body: ['tells' => ['sets', 'pain', 'soreness', 'coming']]);
    $class = addClass($this, name: 'Own', first_on: $this->clock->now()->format('Y-m-d'));
    $now = $this->clock->now()->format(DATE_RFC3339);
    $today = $this->getJson('/api/v1/classes')->json('today');
    $board = $ask('PUT /api/v1/classes/{class}/days/{on}/board', ['class' => $class, 'on' => $today])->json('code');
    $ask('GET /api/v1/classes/{class}/days/{on}/board', ['class' => $class, 'on' => $today]);
    $ask('PUT /api/v1/settings/board', body: ['names' => 'initials']);
    $this->withHeader('Board-Code', $board);
    $ask('GET /api/v1/board');
    $ask('DELETE /api/v1/classes/{class}/days/{on}/board', ['class' => $class, 'on' => $today]);
    $this->withHeader('Athlete-Link', substr((string) $link, strlen('/my#')));
    $ask('GET /api/v1/my');
    $home = ['id' => uuid(), 'performed_at' => $now, 'exercise' => $exercise, 'clean_reps' => 6];
    $ask('POST /api/v1/my/sets', body: $home);
    $ask('POST /api/v1/my/sets/{set}/withdrawal', ['set' => $home['id']], ['id' => uuid()]);
    $ask('POST /api/v1/my/soreness', body: ['id' => uuid(), 'on' => $today, 'soreness' => 1]);
    $ask('POST /api/v1/my/coming', body: ['id' => uuid(), 'class_id' => $class, 'on' => $today, 'coming' => false, 'told_at' => $now]);
    $pain = uuid();
    $ask('POST /api/v1/my/pain', body: ['id' => $pain, 'pain' => ['place' => 'wrist', 'level' => 2]]);
    $ask('POST /api/v1/my/pain/undoing', body: ['id' => uuid(), 'told_id' => $pain]);
    $ask('DELETE /api/v1/athletes/{athlete}/link', $linked);

    $import = uuid();
    $file = $this->call('POST', "/api/v1/imports?id=$import&kind=sets&name=log.csv", server: $this->transformHeadersToServerVars(
        ['Content-Type' => 'text/csv', 'Accept' => 'application/json', 'Origin' => 'http://127.0.0.1:8080'],
    ), content: "date,name,exercise,reps\n2026-03-01,Ada M,Pull-up,1\n");
    expect($file->status())->toBe(201);
    expectDocumented($file, 'POST', '/api/v1/imports');
    $this->asked['POST /api/v1/imports'] = true;
    $columns = array_map(fn (array $c): array => ['field' => $c['field'], 'unit' => $c['unit']], $file->json('import.columns'));
    $ask('PUT /api/v1/imports/{import}/mapping', ['import' => $import], ['columns' => $columns, 'dates' => 'day-first']);
    $ask('POST /api/v1/imports/{import}/order', ['import' => $import]);
    workOff();
    $ask('GET /api/v1/imports/{import}', ['import' => $import]);
    $ask('POST /api/v1/imports/{import}/undoing', ['import' => $import]);
    $ask('GET /api/v1/imports');

    $ask('PUT /api/v1/settings/health', body: ['consent' => 'asked', 'keep_health_years' => 10]);
    $ask('PUT /api/v1/settings/erasure', body: ['log' => 'anonymous']);
    $forgotten = addAthlete($this, name: 'Cy');
    $ask('GET /api/v1/athletes/{athlete}/erasure', ['athlete' => $forgotten]);
    $ask('POST /api/v1/athletes/{athlete}/erasure', ['athlete' => $forgotten], ['id' => uuid(), 'name' => 'Cy', 'log' => 'anonymous']);
    $ask('GET /api/v1/erasures');

    $ask('GET /api/v1/first-steps');
    $ask('PUT /api/v1/gear/{gear}', ['gear' => $bar], ['name' => 'Long beam', 'figures' => ['kind' => 'bar', 'height_m' => 2.5]]);
    $ask('POST /api/v1/audit/{entry}/undo', ['entry' => $ask('GET /api/v1/audit')['items'][0]['id']]);
    $ask('GET /api/v1/health');
    $ask('GET /api/v1/cautions');
    $ask('GET /api/v1/me');
    $ask('PUT /api/v1/settings', body: ['gym_name' => 'The Loft', 'timezone' => 'Europe/Lisbon']);
    $ask('PUT /api/v1/me', body: ['name' => 'Ines']);
    $bea = $ask('POST /api/v1/staff', body: ['id' => uuid(), 'name' => 'Bea', 'email' => 'bea@one.example', 'role' => 'coach']);
    $ask('GET /api/v1/staff');
    $ask('PUT /api/v1/staff/{member}/role', ['member' => $bea->json('id')], ['role' => 'assistant']);
    $ask('DELETE /api/v1/staff/{member}/second-factor', ['member' => $bea->json('id')]);
    $this->withHeader('Password-Link', substr((string) $bea->json('path'), strlen('/password#')));
    $ask('GET /api/v1/password-link');
    $ask('PUT /api/v1/password-link', body: ['password' => 'chalk on the hands']);
    $ask('POST /api/v1/password-links', body: ['email' => 'bea@one.example']);
    $ask('GET /api/v1/export');
    $ask('GET /api/v1/log', query: 'exercise=band');
    $ask('GET /api/v1/log.csv');
    $ask('GET /api/v1/reminders');
    $ask('GET /api/v1/athletes/{athlete}/export', $of);
    $ask('GET /api/v1/people.vcf');
    $ask('GET /api/v1/classes.ics');
    $ask('GET /api/v1/athletes/{athlete}/sessions.ics', $of);
    $ask('GET /api/v1/class-calendar');
    $given = $ask('PUT /api/v1/class-calendar', body: ['id' => uuid()])->json('path');
    $ask('GET /api/v1/calendars/classes/{token}.ics', ['token' => basename($given, '.ics')]);
    $link = $this->postJson('/api/v1/athletes/'.addAthlete($this).'/link', ['id' => uuid(), 'days' => 30])->json('path');
    $own = $this->getJson('/api/v1/my', ['Athlete-Link' => substr($link, 4)])->json('calendar');
    $ask('GET /api/v1/calendars/sessions/{token}.ics', ['token' => basename($own, '.ics')]);
    $ask('DELETE /api/v1/class-calendar');
    $ask('POST /api/v1/tokens', body: ['id' => $token = uuid(), 'name' => 'Door', 'scopes' => ['read', 'log'], 'days' => 30]);
    $ask('GET /api/v1/tokens');
    $ask('DELETE /api/v1/tokens/{token}', ['token' => $token]);
    $ask('PUT /api/v1/webhooks', body: ['id' => $hook = uuid(), 'address' => 'http://127.0.0.1:1/', 'events' => ['set.logged']]);
    $ask('POST /api/v1/webhooks/{webhook}/try', ['webhook' => $hook]);
    $ask('GET /api/v1/webhooks');
    $ask('GET /api/v1/webhooks/{webhook}/deliveries', ['webhook' => $hook]);
    $ask('DELETE /api/v1/webhooks/{webhook}', ['webhook' => $hook]);
    $ask('PUT /api/v1/me/reminders', body: ['reminders' => 'mondays']);
    $ask('PUT /api/v1/password', body: ['present' => 'right-password', 'new' => 'a longer one']);
    $ask('POST /api/v1/sign-out');
    $ask('POST /api/v1/sign-in', body: ['email' => 'bea@one.example', 'password' => 'chalk on the hands']);
    $this->signInAs($this->coach->refresh());
    $ask('DELETE /api/v1/staff/{member}', ['member' => $bea->json('id')]);
    DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $this->coach->id, 'payload' => '', 'last_activity' => 1, 'began_at' => 1]);
    $ask('DELETE /api/v1/sessions/{session}', ['session' => $ask('GET /api/v1/sessions')->json('items.0.id')]);
    $secret = $ask('POST /api/v1/second-factor')->assertCreated()->json('secret');
    $codes = $ask('PUT /api/v1/second-factor', body: ['code' => phoneCode((string) $secret, $this->clock->now())])->json('codes');
    $ask('POST /api/v1/second-factor/end', body: ['code' => $codes[0]]);
    DB::table('gyms')->update(['is_demo' => true]);
    config(['mail.default' => 'mailbox']);
    $ask('GET /api/v1/mailbox');

    $left = array_diff(
        array_map(fn (array $r): string => implode(' ', $r), everyRoute()),
        array_keys($this->asked),
        [OF_THE_PROGRAM_BEFORE],
    );
    expect(array_values(array_filter(
        $left,
        fn (string $r): bool => ! in_array(explode(' ', $r)[1], [...AT_THE_SCALE, '/api/v1/gym'], true),
    )))->toBe([]);
});

it('refuses as the document says, whatever is refused', function (): void {
    foreach (
        [
            ['GET', '/api/v1/athletes?page=0'],
            ['GET', '/api/v1/athletes/'.uuid()],
            ['POST', '/api/v1/athletes'],
            ['PUT', '/api/v1/kit/floor'],
            ['PATCH', '/api/v1/kit'],
            ['GET', '/api/v1/nowhere'],
        ] as [$method, $path]
    ) {
        $response = $this->json($method, $path, ['id' => 7]);
        expect(offDocument(
            (string) $response->getContent(),
            (object) ['$ref' => '#/components/schemas/Problem'],
        ))->toBe('', "$method $path")
            ->and($response->headers->get('Content-Type'))->toBe('application/problem+json')
            ->and($response->getStatusCode())->toBe($response->json('status'));
    }
});

it('keeps the document to what there is: every route in it, and nothing else', function (): void {
    $documented = [];
    foreach (get_object_vars(apiDocument()->paths) as $path => $operations) {
        foreach (array_keys(get_object_vars($operations)) as $method) {
            $documented[] = strtoupper($method)." $path";
        }
    }
    expect([...$documented, OF_THE_PROGRAM_BEFORE])->toEqualCanonicalizing(array_map(
        fn (array $route): string => implode(' ', $route),
        everyRoute(),
    ));
});
