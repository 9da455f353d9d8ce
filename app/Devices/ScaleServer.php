<?php

declare(strict_types=1);

namespace App\Devices;

use SteadyRung\Kit\ScaleReading;

/**
 * Serves a simulated scale over the line protocol on a loopback port, to as many listeners as come.
 */
final class ScaleServer
{
    private const LONGEST_COMMAND = 100;

    private const MOST_LISTENERS = 32;

    /** @var array<int, resource> */
    private array $listeners = [];

    /** @param  resource  $socket a listening one */
    public function __construct(private readonly SimulatedScale $scale, private readonly mixed $socket)
    {
    }

    public function run(): never
    {
        $due = self::nowMs();
        while (true) {
            $this->serve(max(0, $due - self::nowMs()));
            if (self::nowMs() >= $due) {
                $due = max($due + SimulatedScale::EVERY_MS, self::nowMs());
                $reading = $this->scale->next(self::nowMs());
                if ($reading !== null) {
                    $this->send(self::line($reading));
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
        $lines = array_map(self::line(...), $this->scale->kept());
        @fwrite($listener, sprintf("STEADY-SCALE 1 simulated NOW %d\n%sLIVE\n", self::nowMs(), implode('', $lines)));
        $this->listeners[(int) $listener] = $listener;
    }

    /** @param  resource  $listener */
    private function hear(mixed $listener): void
    {
        $line = fgets($listener, self::LONGEST_COMMAND);
        if ($line === false) {
            if (feof($listener)) {
                unset($this->listeners[(int) $listener]);
                fclose($listener);
            }

            return;
        }
        @fwrite($listener, $this->obey(trim($line)) ? "OK\n" : "ERR not understood\n");
    }

    private function obey(string $command): bool
    {
        $words = explode(' ', $command);
        $fault = $words[0] === 'FAULT' ? ScaleFault::tryFrom($words[1] ?? '') : null;
        if ($words === ['ZERO']) {
            $this->scale->zero();
        } elseif ($words[0] === 'HANG' && preg_match('/^\d{1,4}(\.\d{1,6})?$/', $words[1] ?? '') === 1) {
            $this->scale->hang((float) $words[1]);
        } elseif ($fault !== null) {
            $this->scale->failAs($fault);
        } else {
            return false;
        }

        return true;
    }

    private function send(string $line): void
    {
        foreach ($this->listeners as $key => $listener) {
            if (@fwrite($listener, $line) === false) {
                unset($this->listeners[$key]);
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
