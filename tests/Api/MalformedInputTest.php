<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

require_once __DIR__.'/Support/everyRoute.php';

const WITHOUT_A_BODY = [
    '/api/v1/imports/{import}/order', '/api/v1/imports/{import}/undoing', '/api/v1/sign-out', '/api/v1/second-factor',
    '/api/v1/bench/scale/zero', '/api/v1/recomputations/{recomputation}/resumption', '/api/v1/webhooks/{webhook}/try', '/api/v1/audit/{entry}/undo',
    '/api/v1/classes/{class}/days/{on}/board',
];

/** How many rows stand in each table that a request could write. */
function rowCounts(): array
{
    return array_map(
        fn (string $table): int => DB::table($table)->count(),
        ['athletes', 'gear', 'bands', 'band_inspections', 'weighings', 'logged_sets', 'clearances', 'calls', 'capacity_states'],
    );
}

/** Bodies that no client sends. */
function strangeBodies(): array
{
    return [
        'nothing' => '', 'not JSON' => '{"id":', 'a word' => 'null', 'a list' => '[]', 'a number' => '7', 'NaN' => '{"mass_kg":NaN}',
        'infinity' => '{"mass_kg":1e999}', 'bad UTF-8' => "{\"name\":\"\xC3\x28\"}", 'NUL key' => '{"\\u0000a":1}', 'empty key' => '{"":1}',
        'deep' => str_repeat('{"exercise":', 500).'1'.str_repeat('}', 500), 'deep list' => str_repeat('[', 100_000),
        'two keys' => '{"id":"1","id":{"a":[]}}', 'huge number' => '{"version":'.str_repeat('9', 5000).'}',
        'large' => '{"name":"'.str_repeat('a', 300_000).'"}',
    ];
}

it('never breaks and never half-writes, whatever the body', function (string $body): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $band))->assertOk();
    $set = set($this, exercise($bar, $band), 8);
    $this->postJson("/api/v1/athletes/$athlete/sets", $set)->assertCreated();
    $ids = [
        'class' => addClass($this),
        'athlete' => $athlete,
        'gear' => $bar,
        'band' => $band,
        'set' => $set['id'],
        'weighing' => $athlete,
        'import' => addPeopleFile($this),
        'member' => $this->coach->id,
        'recomputation' => $athlete,
        'call' => $this->getJson('/api/v1/calls')->json('items.0.id'),
    ];
    $link = $this->postJson("/api/v1/athletes/$athlete/link", ['id' => uuid(), 'days' => 30])->json('path');
    $this->putJson('/api/v1/settings/athletes-tell', ['tells' => ['sets', 'pain', 'soreness', 'coming']])->assertOk();
    $headers = ['Athlete-Link' => substr((string) $link, strlen('/my#')), 'Password-Link' => passwordLink($this->coach)];
    $before = rowCounts();

    foreach (everyRoute() as [$method, $path]) {
        if (in_array($method, ['GET', 'DELETE'], true) || in_array($path, WITHOUT_A_BODY, true)) {
            continue;
        }
        $address = (string) preg_replace_callback('/\{(\w+)\}/', fn (array $m): string => $ids[$m[1]], $path);
        $response = $this->raw($method, $address, $body, $headers);
        expect($response->getStatusCode())->toBeIn(
            [400, 413, 422],
            "$method $path answered {$response->getStatusCode()}: {$response->getContent()}",
        )
            ->and($response->headers->get('Content-Type'))->toBe('application/problem+json')
            ->and($response->json('errors'))->toBeArray();
    }
    expect(rowCounts())->toBe($before);
})->with(strangeBodies());

it('refuses every field of the wrong type, of every request', function (): void {
    [$athlete, $bar, $band] = [addAthlete($this), addBar($this), addBand($this)];
    $requests = [
        [
            'POST',
            '/api/v1/athletes',
            ['id' => uuid(), 'name' => 'Bo', 'kind' => 'gym', 'mass_kg' => 60, 'stature_m' => 1.7, 'reach_m' => 2.0],
        ],
        [
            'POST',
            '/api/v1/classes',
            [
                'id' => uuid(),
                'name' => 'Evening',
                'first_on' => '2026-03-02',
                'at' => '18:30',
                'minutes' => 75,
                'last_on' => '2026-06-30',
                'tags' => ['evening'],
            ],
        ],
        ['POST', '/api/v1/gear', ['id' => uuid(), 'name' => 'Bar', 'figures' => ['kind' => 'bar', 'height_m' => 2.4]]],
        ['POST', "/api/v1/athletes/$athlete/weighings", ['id' => uuid(), 'weighed_on' => '2026-03-01', 'mass_kg' => 70]],
        ['POST', "/api/v1/bands/$band/inspections", ['id' => uuid(), 'inspected_on' => '2026-03-01', 'finding' => 'sound', 'note' => 'x']],
        [
            'POST',
            '/api/v1/bench/curve',
            [
                'band' => ['name' => 'B', 'hung_length_m' => 1, 'width_mm' => 29, 'thickness_mm' => 4.5],
                'athlete_id' => $athlete,
                'bar_id' => $bar,
            ],
        ],
        [
            'POST',
            '/api/v1/bands',
            [
                'id' => uuid(),
                'name' => 'Band',
                'hung_length_m' => 1.0,
                'width_mm' => 29,
                'thickness_mm' => 4.5,
                'points' => [['length_m' => 1.5, 'force_n' => 100]],
            ],
        ],
        [
            'POST',
            "/api/v1/athletes/$athlete/sets",
            set($this, exercise($bar, $band), 8, no_counts: ['swing' => 1], pain: ['place' => 'elbow', 'level' => 3], note: 'x'),
        ],
        ['PUT', "/api/v1/athletes/$athlete/setup", exercise($bar, $band)],
        ['POST', "/api/v1/athletes/$athlete/clearances", ['id' => uuid(), 'note' => 'Seen']],
        ['POST', '/api/v1/sign-in', ['email' => 'a@b.example', 'password' => 'x']],
    ];
    $before = rowCounts();
    foreach ($requests as [$method, $path, $body]) {
        foreach (array_keys($body) as $key) {
            foreach ([[[]], [['a' => 1]], true, -1, 1e300, "\u{0}", str_repeat('x', 5000), ['deep' => ['er' => [1, 2, [3]]]]] as $strange) {
                $response = $this->json($method, $path, [$key => $strange] + $body);
                expect($response->getStatusCode())->toBe(
                    422,
                    "$method $path with $key = ".json_encode($strange)." answered {$response->getStatusCode()}",
                );
            }
        }
        $this->json($method, $path, $body + ['gym_id' => uuid()])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/gym_id');
    }
    expect(rowCounts())->toBe($before);
});

it('refuses a strange query', function (string $query): void {
    $this->getJson("/api/v1/athletes?$query")->assertStatus(422);
})->with([
    'page=0',
    'page=-1',
    'page=1e9',
    'page=999999999',
    'page=x',
    'page[]=1',
    'search=%00',
    'search=%C3%28',
    'search[]=a',
    'order=height',
    'tag[]=a',
    'page=99999999999999999999',
]);

it('answers in JSON where nothing is, and to methods nothing takes', function (): void {
    $this->getJson('/api/v1/no-such-thing')->assertNotFound()->assertJsonPath('code', 'not-found');
    $this->deleteJson('/api/v1/athletes')->assertStatus(405)->assertJsonPath('code', 'method-not-allowed');
});
