<?php

declare(strict_types=1);

use App\Formats\CommandLine\Answers;
use App\Formats\CommandLine\CommandLine;

require __DIR__.'/../vendor/autoload.php';

exit((new CommandLine(STDIN, STDOUT, STDERR, Answers::answer(...)))->run(array_slice($argv, 1)));
