<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Wait;

const MERRIN = '/api/v1/athletes/01900000-0000-7000-8000-000000000112';

it('refuses a write without the CSRF token', function (): void {
    $http = Http::signedIn(Instance::url());

    expect($http->send('POST', '/api/v1/sign-out', withToken: false)[0])->toBe(419)
        ->and($http->send('GET', '/api/v1/me')[0])->toBe(200);
});

it('answers a body of 5 MB with 413 in JSON', function (): void {
    [$status, $problem] = Http::signedIn(Instance::url())->send('POST', '/api/v1/athletes', '{"name":"'.str_repeat('a', 5_000_000).'"}');

    expect($status)->toBe(413)->and($problem['code'])->toBe('body-too-large');
});

it('says of an address it cannot read what is wrong, as of any request', function (string $path, int $status): void {
    [$answered, $problem] = (new Http(Instance::url()))->send('GET', $path);

    expect($answered)->toBe($status)->and($problem)->toMatchArray(['status' => $status, 'code' => 'bad-request']);
})->with([['/api/v1/athletes/%00', 400], ['/%zz', 400], ['/api/v1/'.str_repeat('a', 9000), 414]]);

it('serves pages with a policy that loads nothing from elsewhere', function (): void {
    $headers = array_change_key_case(get_headers(Instance::url().'/people', true) ?: []);

    expect($headers['content-security-policy'])->toContain("default-src 'self'")->and($headers['x-content-type-options'])->toBe('nosniff');
});

/** @return list<string> everything this instance writes down beside its tables */
function logFiles(): array
{
    preg_match('/^DB_HOST=(.*)\.socket$/m', (string) file_get_contents(getenv('STEADY_VAR').'/.env'), $data);
    $files = array_merge(
        glob(getenv('STEADY_VAR').'/log/*') ?: [],
        glob(getenv('STEADY_VAR').'/storage/logs/*') ?: [],
        glob("$data[1]/log/*") ?: [],
    );

    return array_values(array_filter($files, is_file(...)));
}

it('refuses with 503 what waits too long for a row, answers of its health meanwhile, and writes down nobody’s words', function (): void {
    $words = 'Hushed words of a physiotherapist';
    $owner = database('steady', 'database');
    $owner->beginTransaction();
    $owner->query("SELECT * FROM athletes WHERE id = '".basename(MERRIN)."' FOR UPDATE");
    $waiting = fn (): int => (int) $owner->query("SELECT count(*) FROM pg_stat_activity WHERE wait_event_type = 'Lock'")->fetchColumn();
    $http = Http::signedIn(Instance::url());
    $stuck = [];
    foreach (range(1, 4) as $ignored) {
        $stuck[] = $http->begin('POST', MERRIN.'/clearances', ['id' => uuid(), 'note' => $words]);
    }
    Wait::until(fn (): bool => $waiting() > 0, 'Nothing waits for the row.');
    expect((new Http(Instance::url()))->send('GET', '/api/v1/health')[0])->toBe(200);
    foreach ($stuck as $wait) {
        [$status, $problem, $headers] = $wait();
        expect($status)->toBe(503)->and($problem['code'])->toBe('busy')->and($headers)->toMatch('/^Retry-After: \d+/mi');
    }
    $owner->rollBack();
    expect(logFiles())->not->toBe([]);
    foreach (logFiles() as $file) {
        expect((string) file_get_contents($file))->not->toContain($words)
            ->and(substr(sprintf('%o', fileperms($file)), -3))->toBe('600', $file);
    }
});

it('signs in to its database as one who can neither change nor delete what is append-only, nor what the tables are', function (): void {
    $app = database('steady_app', 'app-database');
    foreach (
        [
            'UPDATE logged_sets SET clean_reps = 0',
            'DELETE FROM logged_sets',
            'UPDATE clearances SET note = NULL',
            'DELETE FROM weighings',
            'DELETE FROM athletes',
            'DELETE FROM signals',
            'DELETE FROM erasures',
            'CREATE TABLE own (id int)',
            'DROP TABLE calls',
        ] as $statement
    ) {
        expect(fn () => $app->exec($statement))->toThrow(PDOException::class);
    }
    expect(
        $app->query('SELECT rolsuper OR rolcreatedb OR rolcreaterole FROM pg_roles WHERE rolname = current_user')->fetchColumn(),
    )->toBeFalse();
});

it('erases as one who may delete what is kept of people and nothing else, with a password that the web server does not have', function (): void {
    $eraser = database('steady_eraser', 'eraser-database');
    expect($eraser->exec("DELETE FROM logged_sets WHERE gym_id = '00000000-0000-0000-0000-000000000000'"))->toBe(0);
    foreach (['DELETE FROM gyms', 'DELETE FROM bands', 'DELETE FROM set_bands', 'DELETE FROM erasures', 'INSERT INTO logged_sets DEFAULT VALUES', 'SELECT * FROM users', 'DROP TABLE calls'] as $statement) {
        expect(fn () => $eraser->exec($statement))->toThrow(PDOException::class);
    }
    expect((string) file_get_contents(getenv('STEADY_VAR').'/.env'))->not->toContain('ERASER');
});

it('makes no session for who only asks whether it is well', function (): void {
    $sessions = fn (): int => (int) database('steady', 'database')->query('SELECT count(*) FROM sessions')->fetchColumn();
    $before = $sessions();
    foreach (range(1, 3) as $ignored) {
        (new Http(Instance::url()))->send('GET', '/api/v1/health');
    }
    expect($sessions())->toBe($before);
});

/** The class that is on, and its ticket to ask for news. */
function pulseOfToday(Http $http): array
{
    [$today] = array_values(array_filter($http->send('GET', '/api/v1/classes')[1]['held'], fn (array $h): bool => ! $h['weekly']));
    [$status, $day] = $http->send('GET', "/api/v1/classes/{$today['id']}/days/{$today['on']}");
    expect($status)->toBe(200);

    return [$day['pulse'], $day['cursor'], $day['athletes'][0]['id']];
}

it('answers the pulse to whoever holds the ticket, grown by one with each command, and to nobody else', function (): void {
    $http = Http::signedIn(Instance::url());
    [$ticket, $cursor, $athlete] = pulseOfToday($http);
    $anybody = new Http(Instance::url());
    expect($anybody->send('GET', "/api/v1/pulse/$ticket"))->toBe([200, ['cursor' => $cursor]]);
    $http->send(
        'POST',
        '/api/v1/commands',
        ['commands' => [['athlete_id' => $athlete, 'signal' => ['id' => uuid(), 'on' => gmdate('Y-m-d', time() - 86400), 'effort' => 6]]]],
    );
    expect($anybody->send('GET', "/api/v1/pulse/$ticket"))->toBe([200, ['cursor' => $cursor + 1]]);
    foreach ([strrev($ticket), substr($ticket, 0, -1), $ticket.'0', 'x', "$ticket/more"] as $wrong) {
        [$status, $problem] = $anybody->send('GET', "/api/v1/pulse/$wrong");
        expect($status)->toBe(404, $wrong)->and($problem['code'])->toBe('not-found');
    }
    [$gym, $mark] = explode('.', $ticket, 2);
    expect($anybody->send('GET', '/api/v1/pulse/'.strrev($gym).".$mark")[0])->toBe(404);
});

it('keeps the pulse out of caches, and makes no session for it', function (): void {
    $http = Http::signedIn(Instance::url());
    [$ticket] = pulseOfToday($http);
    $sessions = fn (): int => (int) database('steady', 'database')->query('SELECT count(*) FROM sessions')->fetchColumn();
    $before = $sessions();
    foreach ([$ticket, 'made-up'] as $asked) {
        $headers = array_change_key_case(get_headers(Instance::url()."/api/v1/pulse/$asked", true) ?: []);
        expect($headers['cache-control'])->toContain('no-store')->and($headers)->not->toHaveKey('set-cookie');
    }
    expect($sessions())->toBe($before);
});

it('hands nothing of the program out: no file of it, no configuration, no secret', function (string $path): void {
    $body = (string) @file_get_contents(Instance::url().$path, context: stream_context_create(['http' => ['ignore_errors' => true]]));

    expect($body)->not->toContain('<?php')->not->toContain('APP_KEY')->not->toContain('DB_PASSWORD');
})->with([
    '/.env', '/pulse.php', '/index.php', '/../var/.env', '/%2e%2e/var/.env', '/api/v1/../../var/.env', '/.git/config',
    '/storage/logs/laravel.log', '/artisan',
]);

it('takes a set and answers the pulse while one coach asks for eight comparisons, of which it works out one', function (): void {
    $http = Http::signedIn(Instance::url());
    [$ticket, $cursor] = pulseOfToday($http);
    $comparisons = array_map(
        fn (int $n): Closure => $http->begin('POST', MERRIN.'/comparisons', ['method' => 'band-taper', 'from' => 4 * $n, 'count' => 4]),
        range(0, 7),
    );
    expect(
        $http->send(
            'POST',
            MERRIN.'/sets',
            ['id' => uuid(), 'performed_at' => gmdate(DATE_RFC3339), 'purpose' => 'baseline', 'hang_s' => 12],
        )[0],
    )->toBe(201)
        ->and((new Http(Instance::url()))->send('GET', "/api/v1/pulse/$ticket")[0])->toBe(200);
    $statuses = array_map(fn (Closure $wait): int => $wait()[0], $comparisons);
    expect($statuses)->toContain(200, 429)->and(array_diff($statuses, [200, 429]))->toBe([]);
});

it('serves everybody else while one address opens six hundred connections and says hardly a word, and ends those in time', function (): void {
    $address = parse_url(Instance::url(), PHP_URL_HOST).':'.parse_url(Instance::url(), PHP_URL_PORT);
    $slow = [];
    foreach (range(1, 600) as $n) {
        $from = stream_context_create(['socket' => ['bindto' => '127.0.0.'.(2 + $n % 4).':0']]);
        $socket = stream_socket_client("tcp://$address", $code, $message, 60, STREAM_CLIENT_CONNECT, $from)
            ?: throw new RuntimeException("The connection $n was refused.");
        fwrite($socket, "GET /api/v1/health HTTP/1.1\r\nX-Slow: ");
        stream_set_blocking($socket, false);
        $slow[] = $socket;
    }
    expect(Http::signedIn(Instance::url())->send('GET', '/api/v1/me')[0])->toBe(200);
    Wait::until(function () use ($slow): bool {
        array_map(fn ($socket): string|false => fread($socket, 8192), $slow);

        return array_filter($slow, fn ($socket): bool => ! feof($socket)) === [];
    }, 'Slow connections are still open.');
});

it('never ends a process that only has the number of one of its own', function (): void {
    $var = sys_get_temp_dir().'/steady-stale-'.getmypid();
    $shell = new Process(['bash', '-c', <<<'SH'
        source "$ROOT/bin/lib/common.sh"; source "$ROOT/bin/lib/instance.sh"
        sleep 60 & foreign=$!
        for name in nginx fpm scale; do echo $foreign >"$RUN/$name.pid"; printf '%s 1 an-earlier-boot' $foreign >"$RUN/$name.pid.own"; done
        stop_server; stop_scale
        kill -0 $foreign && kill $foreign && echo lives
        SH], env: ['ROOT' => dirname(__DIR__, 2), 'STEADY_VAR' => $var]);

    expect(trim($shell->mustRun()->getOutput()))->toEndWith('lives');
    (new Process(['rm', '-rf', $var]))->mustRun();
});

it('leaves everything running when it is asked to start on a port that is taken', function (): void {
    $holder = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port.');
    $port = substr((string) strrchr((string) stream_socket_get_name($holder, false), ':'), 1);
    $start = new Process([dirname(__DIR__, 2).'/bin/steady', 'start', '--port', $port]);

    expect($start->run())->not->toBe(0)->and($start->getErrorOutput())->toContain("Port $port is taken; nothing was changed.")
        ->and((new Http(Instance::url()))->send('GET', '/api/v1/health')[0])->toBe(200);
});

it('loses no acknowledged set when php-fpm or PostgreSQL is killed while logging', function (string $victim): void {
    $log = fn (string $id) => ['id' => $id, 'performed_at' => gmdate(DATE_RFC3339), 'purpose' => 'baseline', 'hang_s' => 12];
    $http = Http::signedIn(Instance::url());
    $acknowledged = $unanswered = [];
    for ($i = 0; $i < 40; $i++) {
        if ($i === 15) {
            // In the middle of a request: the kill comes from beside while this loop goes on.
            $target = $victim === 'PostgreSQL' ? postmaster() : pid('fpm');
            $killer = new Process([
                'sh',
                '-c',
                $victim === 'PostgreSQL' ? "sleep 0.02; kill -9 $target" : "sleep 0.02; pkill -9 -g $target php-fpm8.2",
            ]);
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
})->with(['php-fpm', 'PostgreSQL'])->group('kills');

it('starts again when everything is there, and goes on', function (): void {
    startAgain();

    expect(Http::signedIn(Instance::url())->send('GET', '/api/v1/me')[0])->toBe(200);
});

it('takes what its killed web server left behind for its own, and starts', function (): void {
    posix_kill(pid('nginx'), SIGKILL);
    startAgain();

    expect(Http::signedIn(Instance::url())->send('GET', '/api/v1/me')[0])->toBe(200);
})->group('kills');

it('leaves nothing running once it is stopped, no scale either', function (): void {
    $root = dirname(__DIR__, 2);
    $ours = fn (): string => trim(
        (new Process([
            'pgrep',
            '-af',
            '--',
            getenv('STEADY_VAR').'/run|^php '.$root.'/bin/scale.php '.getenv('STEADY_VAR'),
        ]))->setTimeout(null)->mustRun()->getOutput(),
    );
    expect($ours())->toContain('scale.php');
    unlink(getenv('STEADY_VAR').'/run/scale.pid');
    (new Process(["$root/bin/steady", 'stop']))->setTimeout(null)->mustRun();
    $left = new Process(['pgrep', '-af', '--', '/bin/scale.php '.getenv('STEADY_VAR')]);
    $left->run();
    startAgain();

    expect($left->getOutput())->toBe('')->and((new Http(Instance::url()))->send('GET', '/api/v1/health')[0])->toBe(200);
})->group('kills');
