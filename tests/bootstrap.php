<?php

declare(strict_types=1);

// The tests have an instance of their own; they never touch the one a coach uses.
if (getenv('STEADY_VAR') === false) {
    putenv('STEADY_VAR='.dirname(__DIR__).'/var/test');
}

require dirname(__DIR__).'/vendor/autoload.php';
