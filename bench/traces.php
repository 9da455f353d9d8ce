<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/../tests/Core/Support/traces.php';

// How well traces are read whose truth is drawn: heights (found, invented, counted, refused, seconds within 0.15 s or a tenth) and forces.
foreach (heightsRead(400) + forcesRead(400) as $what => $part) {
    printf("%s: %.3f\n", $what, $part);
}
