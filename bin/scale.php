<?php

declare(strict_types=1);

use App\Devices\ScaleServer;

require __DIR__.'/../vendor/autoload.php';

// Takes the file that holds its port and the one for its process id.
[, $portFile, $pidFile] = $argv;
$socket = stream_socket_server('tcp://127.0.0.1:'.trim((string) file_get_contents($portFile)));
if ($socket === false || file_put_contents($pidFile, (string) getmypid()) === false) {
    exit(1);
}
(new ScaleServer(random_int(1, 1 << 30), $socket))->run();
