<?php

declare(strict_types=1);

use App\Context\Floor\ChangeTicket;
use App\Http\Controllers\Floor\PulseController;
use App\Http\ProblemRenderer;
use App\Providers\AnsweringPostgres;
use Illuminate\Database\Connection;
use Illuminate\Database\PostgresConnection;

require __DIR__.'/../vendor/autoload.php';

// The question of every device at every second, answered without waking the framework.
/** @var array{app: array{key: string}, database: array{connections: array{pgsql: array<string, mixed>}}} $config */
$config = require (string) getenv('APP_CONFIG_CACHE');
$db = $config['database']['connections']['pgsql'];
try {
    $connect = static fn (): PDO => (new AnsweringPostgres)->connect($db);
    $connection = (new PostgresConnection($connect))->setReconnector(static fn (Connection $lost) => $lost->setPdo($connect));
    $answer = (new PulseController(new ChangeTicket($config['app']['key']), $connection))(basename((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH)));
} catch (Throwable $error) {
    $answer = (new ProblemRenderer)($error);
}
$answer->headers->set('Cache-Control', 'no-store');
$answer->send();
