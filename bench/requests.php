<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/../tests/Browser/Support/Http.php';
require __DIR__.'/support/middle.php';
require __DIR__.'/support/processor.php';

use Tests\Browser\Support\Http;

// Processor time a request costs the running demo instance (php-fpm and PostgreSQL together), as ratios to the bare signed-in
// route /api/v1/me of the same round, the middle of the rounds. php bench/requests.php [requests a route, 320]

const ROUNDS = 20;

/** Fewer are lost in the ticks that processor time is counted in. */
const LEAST_EACH = 8;

const MERRIN = '/api/v1/athletes/01900000-0000-7000-8000-000000000112';

$root = dirname(__DIR__);
$var = getenv('STEADY_VAR') ?: "$root/var";
$url = 'http://127.0.0.1:'.trim((string) file_get_contents("$var/run/port"));
$each = max(LEAST_EACH, (int) ceil((int) ($argv[1] ?? 320) / ROUNDS));

$http = Http::signedIn($url);
/** @var list<array{string, array<string, mixed>}> $class who is on a set-up and may pull, with what */
$class = [];
[, $roster] = $http->send('GET', '/api/v1/athletes');
foreach ($roster['items'] ?? [] as $entry) {
    [, $athlete] = $http->send('GET', "/api/v1/athletes/{$entry['id']}");
    if (
        ($athlete['rung'] ?? null) !== null
        && $athlete['paused_on'] === null
        && ($athlete['rung']['exercise']['movement'] ?? 'full') !== 'hold'
    ) {
        $class[] = [$entry['id'], $athlete['rung']['exercise']];
    }
}
$turn = 0;
$logNext = static function () use ($http, $class, &$turn): array {
    [$athlete, $exercise] = $class[$turn++ % count($class)] ?? exit("The demo is not there.\n");

    return $http->send(
        'POST',
        '/api/v1/commands',
        [
            'commands' => [[
                'athlete_id' => $athlete,
                'set' => [
                    'id' => (string) Ramsey\Uuid\Uuid::uuid7(),
                    'performed_at' => gmdate(DATE_RFC3339),
                    'purpose' => 'work',
                    'exercise' => $exercise,
                    'clean_reps' => 5,
                    'reserve' => 2,
                ],
            ]],
        ],
    );
};
[, $classes] = $http->send('GET', '/api/v1/classes');
$floor = "/api/v1/classes/{$classes['held'][0]['id']}/days/{$classes['held'][0]['on']}";
[, $day] = $http->send('GET', $floor);
$askNews = static fn (): array => $http->send('GET', "/api/v1/pulse/{$day['pulse']}");
$measured = [
    'health' => static fn () => $http->send('GET', '/api/v1/health'),
    'me' => static fn () => $http->send('GET', '/api/v1/me'),
    'kit' => static fn () => $http->send('GET', '/api/v1/kit'),
    'roster' => static fn () => $http->send('GET', '/api/v1/athletes'),
    'athlete' => static fn () => $http->send('GET', MERRIN),
    'pull ladder' => static fn () => $http->send('GET', MERRIN.'/ladder?lane=pull&most_rungs=8&advice=yes'),
    'row ladder' => static fn () => $http->send('GET', MERRIN.'/ladder?lane=row&most_rungs=8&advice=yes'),
    'floor' => static fn () => $http->send('GET', $floor),
    'no news' => $askNews,
    'log a set' => $logNext,
];
$fpm = (int) file_get_contents("$var/run/fpm.pid");
$sql = postmaster($var);
$ask = static function (string $name) use ($measured): void {
    [$status] = $measured[$name]();
    if ($status >= 300) {
        exit("$name answered $status\n");
    }
};
foreach (array_keys($measured) as $name) {
    for ($i = 0; $i < 8; $i++) {
        $ask($name);
    }
}
// In rounds, each with its own bare route: the speed of the machine changes within a minute. Sets by themselves, for whoever looks
// after one pays for following the log.
foreach ([array_diff(array_keys($measured), ['log a set']), ['me', 'log a set']] as $names) {
    $costs = $ratios = [];
    for ($round = 0; $round < ROUNDS; $round++) {
        foreach ($names as $name) {
            $began = usedMs($fpm, $sql);
            for ($i = 0; $i < $each; $i++) {
                $ask($name);
            }
            $costs[$name][] = (usedMs($fpm, $sql) - $began) / $each;
        }
        foreach ($names as $name) {
            $ratios[$name][] = $costs[$name][$round] / $costs['me'][$round];
        }
    }
    foreach ($names as $name) {
        sort($ratios[$name]);
        printf(
            "%-12s %6.1f ms of processor, %5.2f × me (%.2f to %.2f in nine rounds of ten)\n",
            $name,
            middle($costs[$name]),
            middle($ratios[$name]),
            $ratios[$name][1],
            $ratios[$name][ROUNDS - 2],
        );
    }
}
