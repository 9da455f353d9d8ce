<?php

declare(strict_types=1);

use App\Formats\CommandLine\CommandLine;

require __DIR__.'/../vendor/autoload.php';

exit((new CommandLine(STDIN, STDOUT, STDERR))->run(array_slice($argv, 1)));
