<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/support/middle.php';

use Tests\Browser\Support\Driver;
use Tests\Browser\Support\Page;

// Today of the running demo on a phone whose processor is four times slowed: the longest task on loading and while logging, and how long a
// tap takes to be answered on screen. All times are as on a quiet machine of two cores: each is divided by what a loop takes beside it.
// bin/steady start, then: php bench/taps.php [loads, 5] [taps, 10]

[$loads, $taps] = [(int) ($argv[1] ?? 5), (int) ($argv[2] ?? 10)];

/** What the loop takes in a browser on a quiet machine of two cores, its processor four times slowed. */
const LOOP_MS = 100.0;

/** How many times slower this browser is just now. */
function howSlow(Page $page): float
{
    return (float) $page->script(<<<'JS'
        const began = performance.now();
        let sum = 0;
        for (let i = 0; i < 18e6; i++) sum = Math.imul(sum ^ i, 2654435761);
        return performance.now() - began + (sum === 0.5 ? 1 : 0);
        JS) / LOOP_MS;
}

/** The longest task since the page was loaded or was asked last. */
function longestTask(Page $page): float
{
    return (float) $page->script('const most = Math.max(0, ...window.tasks); window.tasks.length = 0; return most');
}

function load(Page $page): void
{
    $page->visit('/today')->see('as asked');
    $page->script(
        'window.tasks = []; new PerformanceObserver((list) => window.tasks.push(...list.getEntries().map((e) => e.duration))).observe({ type: "longtask", buffered: true })',
    );
    usleep(1_200_000);
}

/** Milliseconds until one more tile answers a tap; nothing when all are logged at. */
function tap(Page $page): ?float
{
    $ms = (float) $page->script(<<<'JS'
        const go = [...document.querySelectorAll('[data-athlete]')].find((t) => t.querySelector('.go:not(.watch)') && !t.textContent.includes('Undo'))?.querySelector('.go');
        if (!go) return -1;
        const tile = go.closest('[data-athlete]');
        return new Promise((done) => {
            const began = performance.now();
            const look = () => (tile.textContent.includes('Undo') ? done(performance.now() - began) : requestAnimationFrame(look));
            requestAnimationFrame(look);
            go.click();
        });
        JS);

    return $ms < 0 ? null : $ms;
}

$var = getenv('STEADY_VAR') ?: dirname(__DIR__).'/var';
$page = Page::open('http://127.0.0.1:'.trim((string) file_get_contents("$var/run/port")), 390, 844);
$page->signIn()->visit('/today')->see('as asked')->slowed(4);
$page->script('return navigator.serviceWorker.getRegistrations().then((all) => Promise.all(all.map((r) => r.unregister())))');
$even = static function (Closure $measure) use ($page): ?float {
    $before = howSlow($page);
    $ms = $measure();

    return $ms === null ? null : 2 * $ms / ($before + howSlow($page));
};
$loading = [];
for ($n = 0; $n < $loads; $n++) {
    $loading[] = (float) $even(static function () use ($page): float {
        load($page);

        return longestTask($page);
    });
}
longestTask($page);
$answers = [];
for ($n = 0; $n < $taps && ($ms = $even(static fn (): ?float => tap($page))) !== null; $n++) {
    $answers[] = $ms;
    usleep(300_000);
}
$logging = longestTask($page) / howSlow($page);
if ($loading === [] || $answers === []) {
    exit("Nothing could be tapped.\n");
}
printf("longest task on loading   %4.0f ms, the middle of %d loads (most %.0f ms)\n", middle($loading), $loads, max($loading));
printf("longest task on logging   %4.0f ms\n", $logging);
printf("a tap is answered after   %4.0f ms, the middle of %d (most %.0f ms)\n", middle($answers), count($answers), max($answers));
$page->slowed(1);
Driver::running()->stop();
