<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Symfony\Component\Process\Process;

/**
 * A ChromeDriver of our own: started once, ended with us; a stale one of an earlier run is ended by its pid.
 */
final class Driver
{
    private static ?self $running = null;

    private function __construct(private readonly Process $process, public readonly string $url)
    {
    }

    public static function running(): self
    {
        return self::$running ??= self::start();
    }

    public function stop(): void
    {
        $this->process->stop(3);
        if (is_file(self::pidFile())) {
            unlink(self::pidFile());
        }
        self::$running = null;
    }

    private static function start(): self
    {
        self::endStale();
        $port = self::freePort();
        $process = new Process(['/usr/bin/chromedriver', "--port=$port", '--allowed-ips=127.0.0.1']);
        $process->setTimeout(null)->start();
        file_put_contents(self::pidFile(), (string) $process->getPid());
        $driver = new self($process, "http://127.0.0.1:$port");
        register_shutdown_function(static fn () => self::$running?->stop());
        Wait::until(static fn (): bool => str_contains((string) Wait::get("$driver->url/status"), '"ready":true'), 'ChromeDriver does not answer.');

        return $driver;
    }

    private static function endStale(): void
    {
        $pid = is_file(self::pidFile()) ? (int) file_get_contents(self::pidFile()) : 0;
        if ($pid > 0 && is_file("/proc/$pid/cmdline") && str_contains((string) file_get_contents("/proc/$pid/cmdline"), 'chromedriver')) {
            posix_kill($pid, SIGTERM);
        }
    }

    private static function pidFile(): string
    {
        return (getenv('STEADY_VAR') ?: dirname(__DIR__, 3).'/var').'/run/chromedriver.pid';
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No free port.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
