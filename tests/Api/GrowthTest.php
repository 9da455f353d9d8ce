<?php

declare(strict_types=1);

use App\Formats\Stored\StoredCapacity;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use SteadyRung\Strength\Filter\CapacityFilter;

/** Ten years in the log: 5,000 sets of each of 24 athletes of 60, with their capacities, calls, bands and looks. */
function tenYears(string $gym, string $coach, array $bands): void
{
    DB::statement('SET session_replication_role = replica'); // the rows are right by how they are made
    DB::statement("INSERT INTO athletes (gym_id, id, name, kind, mass_kg, stature_m, created_at, updated_at, last_trained_on)
        SELECT '$gym', ('01910000-0000-7000-8000-'||lpad(a::text, 12, '0'))::uuid, 'Athlete '||a, 'gym', 70, 1.75, now(), now(), '2026-03-01' FROM generate_series(1, 60) a");
    DB::statement("INSERT INTO logged_sets (gym_id, id, athlete_id, user_id, purpose, performed_at, trained_on, mass_kg, exercise, setup_key, work_key, held_at, setup_name, pattern,
            carried_kg, carried_share, effective_share, share_sd, clean_reps, no_counts, reserve, hang_s, logged_at)
        SELECT '$gym', ('01920000-0000-7000-8000-'||lpad(n::text, 12, '0'))::uuid, ('01910000-0000-7000-8000-'||lpad((1 + n % 24)::text, 12, '0'))::uuid, '$coach',
            CASE WHEN n % 50 = 0 THEN 'baseline' ELSE 'work' END, t, t::date, 70, '{\"kind\":\"strict\"}', 'strict', 'strict', CASE WHEN n % 50 = 0 THEN 'hang' END, 'Unassisted pull-up', 'pull',
            70, 1, 1, 0, CASE WHEN n % 50 = 0 THEN NULL ELSE 6 END, '{}', 1, CASE WHEN n % 50 = 0 THEN 20 + n % 30 END, t
        FROM generate_series(1, 120000) n CROSS JOIN LATERAL (SELECT timestamptz '2016-03-01 18:00+00' + n * interval '43.75 minutes' AS t) at");
    DB::statement("INSERT INTO capacity_states (gym_id, athlete_id, pattern, trained_on, share, low80, high80, opens_month, taught, state)
        SELECT DISTINCT gym_id, athlete_id, 'pull', trained_on, 1, 0.9, 1.1, false, '{}'::jsonb, CASE WHEN trained_on > '2026-02-10' THEN ? END FROM logged_sets WHERE gym_id = '$gym'", [StoredCapacity::write(
        CapacityFilter::usual()->prior(20500),
    )]);
    DB::statement(
        "INSERT INTO set_bands SELECT gym_id, unnest('{".implode(',', $bands)
            ."}'::uuid[]), trained_on, id FROM logged_sets WHERE gym_id = '$gym' AND id > '01920000-0000-7000-8000-000000104000'",
    );
    DB::statement("INSERT INTO calls (gym_id, id, athlete_id, version, verdict, call, situation, made_at, decision, decided_at)
        SELECT '$gym', gen_random_uuid(), athlete_id, 1, 'stay', '{}', '{}', min(logged_at), 'accepted', max(logged_at) FROM logged_sets WHERE gym_id = '$gym' GROUP BY athlete_id, trained_on");
    DB::statement('SET session_replication_role = DEFAULT');
}

it('reads no more of ten years of log than of one week', function (): void {
    $bands = array_map(fn (int $mm): string => addBand($this, $mm, "Band $mm"), [13, 22, 32, 44]);
    $bar = addBar($this);
    tenYears($this->coach->gym_id, $this->coach->id, $bands);
    DB::statement('ANALYZE');
    $athlete = '01910000-0000-7000-8000-000000000007';
    $this->clock->set('2026-03-02T18:00:00Z');
    $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $bands[2]))->assertOk();

    $queries = [];
    DB::listen(function (QueryExecuted $query) use (&$queries): void {
        $queries[$query->sql] ??= str_replace('"withdrawn" = 0', '"withdrawn" = false', $query->toRawSql());
    });
    foreach (
        [
            '/api/v1/athletes',
            '/api/v1/athletes?order=last-session',
            "/api/v1/athletes/$athlete",
            "/api/v1/athletes/$athlete/sets",
            "/api/v1/athletes/$athlete/calls",
            '/api/v1/calls',
            '/api/v1/kit',
            "/api/v1/athletes/$athlete/ladder?lane=pull",
            "/api/v1/athletes/$athlete/trend",
            "/api/v1/athletes/$athlete/report?range=month",
            "/api/v1/athletes/$athlete/last-time?exercise=".urlencode((string) json_encode(exercise($bar, $bands[2]))),
            "/api/v1/bands/{$bands[2]}/learned",
            "/api/v1/athletes/$athlete/baseline",
            "/api/v1/athletes/$athlete/session",
            "/api/v1/athletes/$athlete/place",
            '/api/v1/methods',
            '/api/v1/calls/overrides',
        ] as $path
    ) {
        $this->getJson($path)->assertOk();
    }
    $this->postJson("/api/v1/athletes/$athlete/sets", set($this, exercise($bar, $bands[2]), 6))->assertCreated();
    $this->postJson(
        "/api/v1/athletes/$athlete/sets",
        set($this, null, 0, clean_reps: null, reserve: null, purpose: 'baseline', hang_s: 30),
    )->assertCreated();
    $queries = array_filter($queries, fn (string $sql): bool => preg_match('/^(select|insert into .* select|with)/i', ltrim($sql)) === 1);
    $read = [];
    foreach ($queries as $sql) {
        $plan = json_decode(DB::select("EXPLAIN (ANALYZE, FORMAT JSON) $sql")[0]->{'QUERY PLAN'}, true);
        $read[$sql] = rowsRead($plan[0]['Plan']);
    }
    arsort($read);

    expect(count($read))->toBeGreaterThan(20)->and(reset($read))->toBeLessThan(1500, (string) array_key_first($read));
});

/** Rows that the leaves of a plan touched, those thrown away among them. */
function rowsRead(array $plan): float
{
    if (isset($plan['Plans'])) {
        return array_sum(array_map(rowsRead(...), $plan['Plans']));
    }

    return $plan['Actual Loops'] * (
        $plan['Actual Rows'] + ($plan['Rows Removed by Filter'] ?? 0) + ($plan['Rows Removed by Index Recheck'] ?? 0)
    );
}
