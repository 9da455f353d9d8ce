<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/../tests/Browser/Support/Http.php';
require __DIR__.'/support/processor.php';

use Ramsey\Uuid\Uuid;
use Tests\Browser\Support\Http;

// What a class costs the running demo instance, freshly filled, in one run: a set against the bare signed-in route, the same with two
// million
// sets of others in the log, and twenty devices that see each other's sets within two seconds.
// STEADY_VAR=… php bench/floor.php [requests, 200] [rows, 2000000] [seconds of polling, 40]

[$requests, $rows, $pollS] = [(int) ($argv[1] ?? 200), (int) ($argv[2] ?? 2_000_000), (float) ($argv[3] ?? 40)];

const DEVICES = 20;

/** As the client does. */
const POLL_S = 1.0;

const SET_EVERY_S = 8.0;

const ROWS_OF_ONE = 1000;

$var = getenv('STEADY_VAR') ?: dirname(__DIR__).'/var';
$http = Http::signedIn('http://127.0.0.1:'.trim((string) file_get_contents("$var/run/port")));
$processes = [(int) file_get_contents("$var/run/fpm.pid"), postmaster($var)];
[, $classes] = $http->send('GET', '/api/v1/classes');
$today = array_values(array_filter($classes['held'] ?? [], static fn (array $h): bool => ! $h['weekly']))[0]
    ?? exit("No class of the demo is on.\n");
$floor = "/api/v1/classes/{$today['id']}/days/{$today['on']}";
[, $day] = $http->send('GET', $floor);
$class = array_values(array_filter(
    $day['athletes'],
    static fn (array $a): bool => ! $a['paused'] && ($a['sheet']['lines'][0] ?? null) !== null,
));
$turn = 0;
$log = static function () use ($http, $class, &$turn): void {
    $athlete = $class[$turn++ % count($class)];
    $line = array_values(array_filter(
        $athlete['sheet']['lines'],
        static fn (array $l): bool => $l['rung'] !== null && ($l['rung']['exercise']['movement'] ?? 'full') === 'full',
    ))[0]
        ?? null;
    if ($line === null) {
        return;
    }
    $set = [
        'id' => (string) Uuid::uuid7(),
        'performed_at' => gmdate(DATE_RFC3339),
        'purpose' => 'work',
        'exercise' => $line['rung']['exercise'],
        'clean_reps' => 5,
        'line' => $line['line'],
    ];
    [$status, $body] = $http->send('POST', '/api/v1/commands', ['commands' => [['athlete_id' => $athlete['id'], 'set' => $set]]]);
    $status === 200 && $body['outcomes'][0]['problem'] === null || exit('A set was refused: '.json_encode($body)."\n");
};
/** Milliseconds of processor a time, and the 95th percentile of the milliseconds it took. */
$measure = static function (Closure $ask) use ($processes, $requests): array {
    for ($i = 0; $i < 20; $i++) {
        $ask();
    }
    $began = usedMs(...$processes);
    $took = [];
    for ($i = 0; $i < $requests; $i++) {
        $at = hrtime(true);
        $ask();
        $took[] = (hrtime(true) - $at) / 1e6;
    }
    $used = (usedMs(...$processes) - $began) / $requests;
    sort($took);

    return [$used, $took[(int) floor(0.95 * (count($took) - 1))]];
};
$cursors = array_fill(0, DEVICES, $day['cursor']);
$due = array_map(static fn (int $i): float => $i * POLL_S / DEVICES, range(0, DEVICES - 1));
[$setAt, $polls, $news] = [0.0, 0, 0];
$began = usedMs(...$processes);
for ($start = microtime(true); ($t = microtime(true) - $start) < $pollS;) {
    if ($t >= $setAt) {
        $log();
        $setAt += SET_EVERY_S;
    }
    foreach ($due as $i => $at) {
        if ($t >= $at) {
            $due[$i] = $at + POLL_S;
            $polls++;
            if ($http->send('GET', "/api/v1/pulse/{$day['pulse']}")[1]['cursor'] !== $cursors[$i]) {
                [, $told] = $http->send('GET', "$floor/news?since={$cursors[$i]}");
                $cursors[$i] = $told['cursor'];
                $news += count($told['athletes']);
            }
        }
    }
    usleep(5000);
}
$part = (usedMs(...$processes) - $began) / 1000 / $pollS;
printf(
    "%d devices          %5.1f %% of a core, with a set every %.0f s (%d polls, %d times told)\n",
    DEVICES,
    100 * $part,
    SET_EVERY_S,
    $polls,
    $news,
);

$bare = static fn () => $http->send('GET', '/api/v1/me');
$measure($bare);
$measure($log);
/** In turn, so that what the machine does besides falls on both. */
$rounds = array_map(static fn (): array => [$measure($bare)[0], ...$measure($log)], range(1, 3));
[$meMs, $setMs, $p95] = array_map(static fn (int $of): float => array_sum(array_column($rounds, $of)) / count($rounds), [0, 1, 2]);
printf("a set of a class   %5.1f ms of processor, %.2f × the bare route (%.1f ms)\n", $setMs, $setMs / $meMs, $meMs);

if ($rows > 0) {
    fill($rows);
    $measure($log);
    [$fullMs, $fullP95] = $measure($log);
    [, $again] = $measure($log);
    printf(
        "with %s sets    p95 %.1f ms, %.2f × that of the log before (%.1f ms); %.2f × its processor time\n",
        number_format($rows),
        min($fullP95, $again),
        min($fullP95, $again) / $p95,
        $p95,
        $fullMs / $setMs,
    );
}

/** So many sets of as many athletes as it takes, over ten years, in the demo gym; they stay. */
function fill(int $rows): void
{
    $app = require __DIR__.'/../bootstrap/app.php';
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    $db = $app->make('db');
    $gym = $db->table('gyms')->where('is_demo', true)->value('id');
    $like = $db->table('logged_sets')->where('gym_id', $gym)->whereNotNull('setup_key')->orderByDesc('performed_at')->first();
    $columns = array_keys(array_diff_key(
        get_object_vars($like),
        array_flip([
            'id', 'athlete_id', 'performed_at', 'trained_on', 'logged_at', 'replaces_id', 'part_of', 'fingerprint', 'pain',
            'pain_told_at',
        ]),
    ));
    $athletes = intdiv($rows, ROWS_OF_ONE);
    $db->statement(
        "INSERT INTO athletes (gym_id, id, name, kind, mass_kg, stature_m, created_at, updated_at) SELECT ?, gen_random_uuid(), 'Of the bench ' || i, 'gym', 70, 1.75, now(), now() FROM generate_series(1, ?) AS i",
        [$gym, $athletes],
    );
    foreach ($db->table('athletes')->where('name', 'like', 'Of the bench %')->pluck('id') as $n => $athlete) {
        $db->statement(
            sprintf(
                "INSERT INTO logged_sets (%s, id, athlete_id, performed_at, trained_on, logged_at) SELECT %s, gen_random_uuid(), ?, at, at::date, at FROM logged_sets, generate_series(1, ?) AS i, LATERAL (SELECT now() - i * interval '3.65 days' - interval '1 day') AS a(at) WHERE gym_id = ? AND id = ?",
                implode(', ', $columns),
                implode(', ', $columns),
            ),
            [$athlete, ROWS_OF_ONE, $gym, $like->id],
        );
        if ($n % 100 === 0) {
            fprintf(STDERR, "%d of %d athletes\r", $n, $athletes);
        }
    }
    $db->statement('ANALYZE logged_sets');
}
