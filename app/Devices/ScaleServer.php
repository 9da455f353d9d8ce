<?php

declare(strict_types=1);

namespace App\Devices;

use SteadyRung\Kit\Scale\ScaleReading;

/**
 * Serves simulated scales over the line protocol on a loopback port, to as many listeners as come: one scale a room, so that
 * what one gym hangs up another does not see.
 */
final class ScaleServer
{
    private const LONGEST_COMMAND = 100;

    private const MOST_LISTENERS = 32;

    private const MOST_ROOMS = 64;

    /** @var array<int, resource> */
    private array $listeners = [];

    /** @var array<int, string> the room each listener is in */
    private array $roomOf = [];

    /** @var array<string, SimulatedScale> the room used last stands last */
    private array $rooms;

    /** @param  resource  $socket a listening one */
    public function __construct(private readonly int $seed, private readonly mixed $socket)
    {
        $this->rooms = ['' => new SimulatedScale($seed)];
    }

    public function run(): never
    {
        $due = self::nowMs();
        while (true) {
            $this->serve(max(0, $due - self::nowMs()));
            if (self::nowMs() >= $due) {
                $due = max($due + SimulatedScale::EVERY_MS, self::nowMs());
                foreach ($this->rooms as $room => $scale) {
                    $reading = $scale->next(self::nowMs());
                    if ($reading !== null) {
                        $this->send((string) $room, self::line($reading));
                    }
                }
            }
        }
    }

    private function serve(int $waitMs): void
    {
        $read = [$this->socket, ...$this->listeners];
        $write = $except = null;
        if (stream_select($read, $write, $except, intdiv($waitMs, 1000), 1000 * ($waitMs % 1000)) < 1) {
            return;
        }
        foreach ($read as $stream) {
            $stream === $this->socket ? $this->welcome() : $this->hear($stream);
        }
    }

    private function welcome(): void
    {
        $listener = stream_socket_accept($this->socket, 0.0);
        if ($listener === false || count($this->listeners) >= self::MOST_LISTENERS) {
            return;
        }
        stream_set_blocking($listener, false);
        $this->listeners[(int) $listener] = $listener;
        $this->enter($listener, '');
    }

    /** @param  resource  $listener */
    private function enter(mixed $listener, string $room): void
    {
        $scale = $this->rooms[$room] ?? new SimulatedScale($this->seed + count($this->rooms));
        unset($this->rooms[$room]);
        $this->rooms[$room] = $scale;
        $this->rooms = array_slice($this->rooms, -self::MOST_ROOMS, null, true);
        $this->roomOf[(int) $listener] = $room;
        $lines = array_map(self::line(...), $scale->kept());
        @fwrite($listener, sprintf("STEADY-SCALE 1 simulated NOW %d\n%sLIVE\n", self::nowMs(), implode('', $lines)));
    }

    /** @param  resource  $listener */
    private function hear(mixed $listener): void
    {
        $line = fgets($listener, self::LONGEST_COMMAND);
        if ($line === false) {
            if (feof($listener)) {
                unset($this->listeners[(int) $listener], $this->roomOf[(int) $listener]);
                fclose($listener);
            }

            return;
        }
        $words = explode(' ', trim($line));
        if ($words[0] === 'ROOM' && preg_match('/^[0-9a-f-]{1,36}$/', $words[1] ?? '') === 1) {
            $this->enter($listener, $words[1]);

            return;
        }
        @fwrite(
            $listener,
            $this->obey($words, $this->rooms[$this->roomOf[(int) $listener]] ?? $this->rooms[array_key_last($this->rooms)])
                ? "OK\n"
                : "ERR not understood\n",
        );
    }

    /** @param  list<string>  $words */
    private function obey(array $words, SimulatedScale $scale): bool
    {
        $fault = $words[0] === 'FAULT' ? ScaleFault::tryFrom($words[1] ?? '') : null;
        if ($words === ['ZERO']) {
            $scale->zero();
        } elseif ($words[0] === 'HANG' && preg_match('/^\d{1,4}(\.\d{1,6})?$/', $words[1] ?? '') === 1) {
            $scale->hang((float) $words[1]);
        } elseif ($fault !== null) {
            $scale->failAs($fault);
        } else {
            return false;
        }

        return true;
    }

    private function send(string $room, string $line): void
    {
        foreach (array_keys($this->roomOf, $room, true) as $key) {
            if (@fwrite($this->listeners[$key], $line) === false) {
                unset($this->listeners[$key], $this->roomOf[$key]);
            }
        }
    }

    private static function line(ScaleReading $reading): string
    {
        return sprintf("R %d %d %.2f N\n", $reading->number, $reading->atMs, $reading->forceN);
    }

    private static function nowMs(): int
    {
        return intdiv(hrtime(true), 1_000_000);
    }
}
