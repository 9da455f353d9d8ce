<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;

const MERRIN = '/api/athletes/01900000-0000-7000-8000-000000000112';

function pid(string $name): int
{
    return (int) file_get_contents(getenv('STEADY_VAR')."/run/$name.pid");
}

/** The PostgreSQL postmaster of this instance. */
function postmaster(): int
{
    foreach ([getenv('STEADY_VAR').'/pg', '/var/lib/postgresql/steady-rung-'.substr(hash('sha256', getenv('STEADY_VAR')."\n"), 0, 12)] as $folder) {
        if (is_file("$folder/postmaster.pid")) {
            return (int) strtok((string) file_get_contents("$folder/postmaster.pid"), "\n");
        }
    }
    throw new RuntimeException('PostgreSQL does not run.');
}

function startAgain(): void
{
    (new Process([dirname(__DIR__, 2).'/bin/steady', 'start', '--port', (string) parse_url(Instance::url(), PHP_URL_PORT)]))->setTimeout(120)->mustRun();
}

it('refuses a write without the CSRF token', function (): void {
    $http = Http::signedIn(Instance::url());

    expect($http->send('POST', '/api/sign-out', withToken: false)[0])->toBe(419)
        ->and($http->send('GET', '/api/me')[0])->toBe(200);
});

it('answers a body of 5 MB with 413 in JSON', function (): void {
    [$status, $problem] = Http::signedIn(Instance::url())->send('POST', '/api/athletes', '{"name":"'.str_repeat('a', 5_000_000).'"}');

    expect($status)->toBe(413)->and($problem['code'])->toBe('body-too-large');
});

it('serves pages with a policy that loads nothing from elsewhere', function (): void {
    $headers = array_change_key_case(get_headers(Instance::url().'/people', true) ?: []);

    expect($headers['content-security-policy'])->toContain("default-src 'self'")->and($headers['x-content-type-options'])->toBe('nosniff');
});

it('loses no acknowledged set when php-fpm or PostgreSQL is killed while logging', function (string $victim): void {
    $log = fn (string $id) => ['id' => $id, 'performed_at' => gmdate(DATE_RFC3339), 'purpose' => 'baseline', 'hang_s' => 12];
    $http = Http::signedIn(Instance::url());
    $acknowledged = $unanswered = [];
    for ($i = 0; $i < 40; $i++) {
        if ($i === 15) {
            // In the middle of a request: the kill comes from beside while this loop goes on.
            $target = $victim === 'PostgreSQL' ? postmaster() : pid('fpm');
            $killer = new Process(['sh', '-c', $victim === 'PostgreSQL' ? "sleep 0.02; kill -9 $target" : "sleep 0.02; pkill -9 -g $target php-fpm8.2"]);
            $killer->start();
        }
        $id = uuid();
        [$status] = $http->send('POST', MERRIN.'/sets', $log($id));
        $status === 201 ? $acknowledged[] = $id : $unanswered[] = $id;
    }
    expect($unanswered)->not->toBe([])->and(count($acknowledged))->toBeGreaterThanOrEqual(15);
    startAgain();

    $http = Http::signedIn(Instance::url());
    foreach ($unanswered as $id) {
        expect($http->send('POST', MERRIN.'/sets', $log($id))[0])->toBeIn([200, 201, 409]);
    }
    $stored = [];
    for ($page = 1; $page !== null; $page = $answer['next_page']) {
        [$status, $answer] = $http->send('GET', MERRIN."/sets?page=$page");
        expect($status)->toBe(200);
        array_push($stored, ...array_column($answer['items'], 'id'));
    }
    expect(array_diff([...$acknowledged, ...$unanswered], $stored))->toBe([])->and(count($stored))->toBe(count(array_unique($stored)));
})->with(['php-fpm', 'PostgreSQL']);

it('starts in under five seconds when everything is there, and stops only its own', function (): void {
    $began = microtime(true);
    startAgain();

    expect(microtime(true) - $began)->toBeLessThan(5.0)->and(Http::signedIn(Instance::url())->send('GET', '/api/me')[0])->toBe(200);
});
