<?php

declare(strict_types=1);

use App\Devices\HangingScale;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Wait;

/**
 * Something that answers on a port with these bytes, to each who comes, and then holds the line or hangs up.
 *
 * @return array{Process, string} the process and its address
 */
function answering(string $bytes, bool $holds = true): array
{
    $address = freeAddress();
    $code = '$s = stream_socket_server("tcp://'.$address.'"); $kept = []; while ($c = @stream_socket_accept($s, 60)) { fwrite($c, base64_decode("'.base64_encode($bytes).'")); '.(
        $holds ? '$kept[] = $c;' : 'fclose($c);'
    ).' }';
    $process = new Process(['php', '-r', $code]);
    $process->start();
    awaitAnswer($address);

    return [$process, $address];
}

const LINES = "STEADY-SCALE 1 NOW 9000\nR 1 8800 50.00 N\nR 2 8900 5.1 kg\n";

it('reads the tape up to the live mark, and does not wait for more', function (): void {
    [$process, $address] = answering(LINES."LIVE\nR 3 8950 5.2 kg\n");
    $tape = (new HangingScale($address))->listen();
    $process->stop();

    expect($tape->readings)->toHaveCount(2)->and($tape->nowMs)->toBe(9000);
});

it('makes do with what came where the live mark never comes, or the line breaks', function (bool $holds): void {
    [$process, $address] = answering(LINES, $holds);
    $tape = (new HangingScale($address))->listen();
    $process->stop();

    expect($tape->readings)->toHaveCount(2);
})->with(['held' => [true], 'hung up' => [false]]);

it('is not taken in by something that is no scale, or talks without end', function (string $bytes, int $readings): void {
    [$process, $address] = answering($bytes);
    $tape = (new HangingScale($address))->listen();
    $process->stop();

    expect($tape === null ? -1 : count($tape->readings))->toBe($readings);
})->with([
    'nothing at all' => ['', -1],
    'a web server' => ["HTTP/1.1 400 Bad Request\r\n\r\n", -1],
    'noise' => [str_repeat("\xFF\x00\x13", 5000)."\n", -1],
    'readings without a header' => ["R 1 1 1 N\nLIVE\n", -1],
    'endless readings' => ["STEADY-SCALE 1 NOW 9\n".implode('', array_map(fn (int $i): string => "R $i $i 5.00 N\n", range(1, 5000))), 400],
]);

it('finds nobody where nobody answers', function (): void {
    expect((new HangingScale('127.0.0.1:9'))->listen())->toBeNull()->and((new HangingScale('127.0.0.1:9'))->tell('ZERO'))->toBeFalse();
});

it('is obeyed by the simulated scale, and refused what it does not know', function (): void {
    [$process, $address] = startScale();
    $scale = new HangingScale($address);
    try {
        foreach (
            ['ZERO' => true, 'HANG 51.5' => true, 'FAULT jump' => true, 'FAULT none' => true, 'FAULT melt' => false, 'HANG -5' => false, 'HANG 5e9' => false, 'DANCE' => false, '' => false] as $command => $obeyed
        ) {
            expect($scale->tell((string) $command))->toBe($obeyed, "\"$command\"");
        }
    } finally {
        $process->stop();
    }
});

it('serves many at once, and goes on when one of them leaves', function (): void {
    [$process, $address] = startScale();
    try {
        $others = array_map(fn () => stream_socket_client("tcp://$address"), range(1, 20));
        expect((new HangingScale($address))->listen()?->simulated)->toBeTrue();
        array_map(fclose(...), $others);
        Wait::until(fn (): bool => count((new HangingScale($address))->listen()->readings ?? []) > 5, 'The scale does not go on.');
        expect($process->isRunning())->toBeTrue();
    } finally {
        $process->stop();
    }
});
