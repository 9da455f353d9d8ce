<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Driver;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

it('shows the class on a wall that nobody signed in at, follows within two seconds, and survives the network', function (): void {
    [$coach, $wall] = [Page::open(Instance::url(), 1280, 800), Page::open(Instance::url(), 1280, 720, Driver::running()->browser())];
    try {
        $coach->signIn()->go('/today')->see('all done about')->press('Stations');
        $coach->click(WebDriverBy::cssSelector('.menu summary'))->press('Board on the wall')->see('Open this address');
        $code = (string) $coach->script('return document.querySelector(".code").innerText');
        $wall->visit('/today/board')->see('Board on the wall')->fill('Code of today', strtolower($code))->press('Show the class')->see('find your name');

        // A name is at least 8 % of the screen's height, and all else 4 %.
        $shares = fn (string $css): array => (array) $wall->script(
            "return [...document.querySelectorAll('$css')].filter((e) => e.innerText.trim() !== '' && e.children.length === 0)
                .map((e) => parseFloat(getComputedStyle(e).fontSize) / innerHeight)",
        );
        expect(min($shares('section .name')))->toBeGreaterThanOrEqual(0.08)
            ->and(min($shares('main *')))->toBeGreaterThanOrEqual(0.04)
            ->and($wall->script('return document.querySelectorAll("button, a, input, [onclick]").length'))->toBe(0)
            ->and($wall->script('return [...document.querySelectorAll("section")].filter((e) => e.scrollHeight > e.clientHeight + 1 || e.scrollWidth > e.clientWidth + 1).length'))
            ->toBe(0, 'Words are cut off.')
            ->and($wall->accessibilityViolations())->toBe([]);

        // Who is up at a bar does the set, and the wall knows it.
        $coach->key(WebDriverKeys::ESCAPE)->dontSee('Open this address');
        $lines = fn (): string => (string) $wall->script('return localStorage.getItem("steady-rung.board")');
        $sets = fn (): int => substr_count($lines(), '"performed_at"');
        $before = $sets();
        $coach->click(WebDriverBy::cssSelector('[data-now] .go:not(.watch)'))->see('Undo ')->dontSee('waits');
        Wait::until(fn (): bool => $sets() > $before, 'The wall does not follow.');

        Wait::until(
            fn (): bool => (bool) $wall->script('return navigator.serviceWorker.ready.then((r) => r.active?.state === "activated")'),
            'No program is on the device.',
        );
        $wall->offline(true);
        $wall->see('no connection');
        $wall->driver->navigate()->refresh();
        $wall->see('no connection');
        expect($shares('section .name'))->not->toBe([]);
        $wall->offline(false);
        $wall->dontSee('no connection');

        $coach->click(WebDriverBy::cssSelector('.menu summary'))->press('Board on the wall')->press('Close the board: the code ends');
        $coach->click(WebDriverBy::cssSelector('[data-now] .go:not(.watch)'))->see('Undo '); // news, at which the wall asks again
        $wall->see('No board has this code');
    } finally {
        $coach->close();
        $wall->driver->quit();
    }
});
