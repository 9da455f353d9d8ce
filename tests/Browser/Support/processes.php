<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Support\Instance;

function pid(string $name): int
{
    return (int) file_get_contents(getenv('STEADY_VAR')."/run/$name.pid");
}

/** The PostgreSQL postmaster of this instance. */
function postmaster(): int
{
    foreach (
        [getenv('STEADY_VAR').'/pg', '/var/lib/postgresql/steady-rung-'.substr(hash('sha256', getenv('STEADY_VAR')."\n"), 0, 12)] as $folder
    ) {
        if (is_file("$folder/postmaster.pid")) {
            return (int) strtok((string) file_get_contents("$folder/postmaster.pid"), "\n");
        }
    }
    throw new RuntimeException('PostgreSQL does not run.');
}

function startAgain(): void
{
    (new Process([
        dirname(__DIR__, 3).'/bin/steady',
        'start',
        '--port',
        (string) parse_url(Instance::url(), PHP_URL_PORT),
    ]))->setTimeout(600)->mustRun();
}

/** The instance's database, as its tables' owner or as the application. */
function database(string $role, string $secret): PDO
{
    preg_match('/^DB_HOST=(.*)$/m', (string) file_get_contents(getenv('STEADY_VAR').'/.env'), $host);

    return new PDO(
        "pgsql:host=$host[1];dbname=steady",
        $role,
        (string) file_get_contents(getenv('STEADY_VAR')."/secrets/$secret"),
        [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
    );
}
