<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * Speaks to a hanging scale over its line protocol (docs/formats/scale.md).
 */
final readonly class HangingScale
{
    private const CONNECT_S = 1.0;

    /** A scale that sends no LIVE line by then is read as far as it came. */
    private const LISTEN_S = 1.5;

    private const LONGEST_LINE = 200;

    private const MOST_READINGS = 400;

    /** @param  string  $room  whose scale it is, where one simulated scale stands in for many */
    public function __construct(private string $address, private string $room = '')
    {
    }

    public function of(string $room): self
    {
        return new self($this->address, $room);
    }

    /** What the scale has sent over the last seconds; null if nobody answers at its address. */
    public function listen(): ?ScaleTape
    {
        $socket = $this->connect();
        if ($socket === null) {
            return null;
        }
        $tape = new ScaleTapeReader;
        foreach (self::lines($socket) as $line) {
            $tape->take($line);
            if ($tape->isComplete() || $tape->count() >= self::MOST_READINGS) {
                break;
            }
        }
        fclose($socket);

        return $tape->tape();
    }

    /** Sends a command line; false if nobody answers or it is not accepted. */
    public function tell(string $command): bool
    {
        $socket = $this->connect();
        if ($socket === null) {
            return false;
        }
        fwrite($socket, "$command\n");
        $answer = '';
        foreach (self::lines($socket) as $line) {
            $answer = trim($line);
            if ($answer === 'OK' || str_starts_with($answer, 'ERR')) {
                break;
            }
        }
        fclose($socket);

        return $answer === 'OK';
    }

    /** @return resource|null */
    private function connect(): mixed
    {
        set_error_handler(static fn (): bool => true); // nobody there is an answer
        try {
            $socket = stream_socket_client("tcp://$this->address", $code, $message, self::CONNECT_S);
        } finally {
            restore_error_handler();
        }

        if ($socket === false) {
            return null;
        }
        stream_set_timeout($socket, 1, 500_000);

        return $this->room === '' ? $socket : $this->inRoom($socket);
    }

    /**
     * A simulated scale stands in for many: from its welcome on it speaks of this room alone.
     *
     * @param  resource  $socket
     * @return resource|null
     */
    private function inRoom(mixed $socket): mixed
    {
        foreach (self::lines($socket) as $line) {
            if (trim($line) === 'LIVE') {
                fwrite($socket, "ROOM $this->room\n");

                return $socket;
            }
            if (str_starts_with($line, 'STEADY-SCALE') && ! str_contains($line, ' simulated ')) {
                fclose($socket);

                return (new self($this->address))->connect();
            }
        }

        return $socket;
    }

    /**
     * The lines that come while somebody listens.
     *
     * @param  resource  $socket
     * @return \Generator<int, string>
     */
    private static function lines(mixed $socket): \Generator
    {
        $end = microtime(true) + self::LISTEN_S;
        while (($left = $end - microtime(true)) > 0 && self::waits($socket, $left)) {
            $line = fgets($socket, self::LONGEST_LINE);
            if ($line === false) {
                return;
            }
            yield $line;
        }
    }

    /** @param  resource  $socket */
    private static function waits(mixed $socket, float $seconds): bool
    {
        $read = [$socket];
        $write = $except = null;
        $whole = (int) $seconds;

        return stream_select($read, $write, $except, $whole, (int) (1e6 * ($seconds - $whole))) === 1;
    }
}
