<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/**
 * A ChromeDriver of our own and one browser under it: started once, ended with us; a stale one of an earlier run is ended by its pid.
 */
final class Driver
{
    private const FLAGS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--force-prefers-reduced-motion', '--hide-scrollbars',
    ];

    private static ?self $running = null;

    public readonly RemoteWebDriver $browser;

    private function __construct(private readonly Process $process, private readonly string $url)
    {
        Wait::until(static fn (): bool => str_contains((string) Wait::get("$url/status"), '"ready":true'), 'ChromeDriver does not answer.');
        $this->browser = $this->browser();
    }

    /** One more browser, on a profile that outlives it. */
    public function browser(?string $profile = null): RemoteWebDriver
    {
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(
            ChromeOptions::CAPABILITY,
            (new ChromeOptions)->addArguments([...self::FLAGS, ...$profile === null ? [] : ["--user-data-dir=$profile"]]),
        );
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return RemoteWebDriver::create($this->url, $capabilities, 180_000, 300_000);
    }

    /** Ends the browser on a profile as a fall on the floor would. */
    public static function kill(string $profile): void
    {
        $its = ['-f', '--', "--user-data-dir=$profile"];
        (new Process(['pkill', '-KILL', ...$its]))->run();
        Wait::until(static fn (): bool => (new Process(['pgrep', ...$its]))->run() !== 0, 'The browser still runs.');
        array_map(unlink(...), glob("$profile/Singleton*") ?: []);
    }

    public static function running(): self
    {
        return self::$running ??= self::start();
    }

    public function stop(): void
    {
        $this->browser->quit();
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
        register_shutdown_function(static fn () => self::$running?->stop());

        return new self($process, "http://127.0.0.1:$port");
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
