<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/**
 * Asks SciPy (Debian's python3-scipy): the code reads `given` and sets `answer`.
 *
 * @param  array<mixed>  $given
 */
function scipy(string $code, array $given): mixed
{
    $program = "import json, sys\nimport numpy as np\ngiven = json.load(sys.stdin)\n$code\nprint(json.dumps(answer))\n";
    $process = new Process(['/usr/bin/python3', '-c', $program]);
    $process->setInput(json_encode($given, JSON_THROW_ON_ERROR))->setTimeout(null)->mustRun();

    return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}
