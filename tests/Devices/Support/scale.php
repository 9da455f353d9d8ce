<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Support\Wait;

/** An address nobody listens at yet. */
function freeAddress(): string
{
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $address = (string) stream_socket_get_name($socket, false);
    fclose($socket);

    return $address;
}

/** Waits until somebody answers there. */
function awaitAnswer(string $address): void
{
    $answers = function () use ($address): bool {
        set_error_handler(static fn (): bool => true);
        try {
            return stream_socket_client("tcp://$address", $code, $message, 0.2) !== false;
        } finally {
            restore_error_handler();
        }
    };
    Wait::until($answers, "Nobody answers at $address.");
}

/**
 * Starts the simulated scale on a port of its own.
 *
 * @return array{Process, string} the process and its address
 */
function startScale(): array
{
    $address = freeAddress();
    $folder = sys_get_temp_dir().'/scale-'.bin2hex(random_bytes(6));
    mkdir($folder);
    file_put_contents("$folder/port", explode(':', $address)[1]);
    $process = new Process(['php', dirname(__DIR__, 3).'/bin/scale.php', "$folder/port", "$folder/pid"]);
    $process->start();
    awaitAnswer($address);

    return [$process, $address];
}
