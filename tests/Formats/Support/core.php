<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Symfony\Component\Process\Process;

/** Runs `bin/steady core`. */
function core(string $input, string ...$arguments): Process
{
    $process = new Process([dirname(__DIR__, 3).'/bin/steady', 'core', ...array_values($arguments)]);
    $process->setInput($input)->setTimeout(null)->run();

    return $process;
}

/** @param  array<string, mixed>  $request */
function ask(string $topic, array $request): stdClass
{
    $process = core(json_encode($request, JSON_THROW_ON_ERROR), $topic);
    expect($process->getErrorOutput())->toBe('')->and($process->getExitCode())->toBe(0);
    $answer = json_decode($process->getOutput(), flags: JSON_THROW_ON_ERROR);
    expect(fitsSchema($answer, "$topic.answer"))->toBeTrue();

    return $answer;
}

function fitsSchema(mixed $data, string $name): bool
{
    static $validator = null;
    if ($validator === null) {
        $validator = new Validator;
        $validator->resolver()?->registerPrefix('https://steady-rung.example/formats/', dirname(__DIR__, 3).'/docs/formats');
    }

    return $validator->validate($data, "https://steady-rung.example/formats/$name.schema.json")->isValid();
}
