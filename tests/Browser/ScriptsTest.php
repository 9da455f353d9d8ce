<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const LOGGED_BY_SCRIPT = '01900000-0000-7000-8000-000000000112';

/** A port that nobody listens at. */
function freePort(): int
{
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    preg_match('/:(\d+)$/', (string) stream_socket_get_name($socket, false), $port);
    fclose($socket);

    return (int) $port[1];
}

it('lets a script log a set and read a call, and tells the gym’s own program of it, signed', function (): void {
    $root = dirname(__DIR__, 2);
    [$port, $script] = [freePort(), 'Script '.substr(uuid(), -6)];
    $page = Page::open(Instance::url(), 1280, 800)->signIn()->go('/scripts')->see('Let a script in');
    $page->fill('Name', $script)->press('Log sets, weighings, pain')->press('Make a token')->see("$script is let in.");
    $page->fill('Address', "http://127.0.0.1:$port/")->press('A set was logged')->press('A call waits')->press('Set it up')
        ->see('Told nothing yet');
    expect($page->accessibilityViolations())->toBe([]);
    $token = (string) $page->script("return document.querySelector('main code').textContent");
    $http = Http::signedIn(Instance::url());
    $hook = $http->send('GET', '/api/v1/webhooks')[1]['items'][0];
    $listener = new Process(["$root/bin/steady", 'listen', (string) $port, $hook['secret']]);
    $listener->start();
    $name = $http->send('GET', '/api/v1/athletes/'.LOGGED_BY_SCRIPT)[1]['name'];
    try {
        Wait::until(fn (): bool => (new Process(['bash', '-c', ": </dev/tcp/127.0.0.1/$port"]))->run() === 0, 'The receiver does not listen.');
        $client = new Process(['python3', "$root/docs/examples/client.py", Instance::url(), $token, $name, '3']);
        expect(trim($client->mustRun()->getOutput()))->toBeIn(['climb', 'stay', 'step-down', 'switch', 'rest', 'test']);
        $set = $http->send('GET', '/api/v1/athletes/'.LOGGED_BY_SCRIPT.'/sets')[1]['items'][0];
        expect($set['clean_reps'])->toBe(3);
        Wait::until(
            fn (): bool => str_contains($listener->getOutput(), $set['id']) && str_contains($listener->getOutput(), 'call.made'),
            'Nothing was told.',
        );
        expect(array_unique(array_map(fn (string $line): string => strtok($line, ' '), explode("\n", trim($listener->getOutput())))))
            ->toBe(['signed']);
        $page->visit('/scripts')->see('arrived, answered 204')->press('What it was told')->see('A set was logged');
        $page->press('End…', "//*[@aria-label='$hook[address]']")->press('End it for good')->see('Nobody is told yet.');
        $page->press('End…', "//*[@aria-label='$script']")->press('End it for good')->see('ended');
        expect((new Process(['python3', "$root/docs/examples/client.py", Instance::url(), $token, $name, '3']))->run())->not->toBe(0);
        expect($page->consoleErrors())->toBe([]);
    } finally {
        $listener->stop(2);
        if (isset($set)) {
            $http->send('POST', '/api/v1/athletes/'.LOGGED_BY_SCRIPT."/sets/$set[id]/withdrawal", ['id' => uuid()]);
        }
    }
});
