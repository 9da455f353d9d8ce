<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Driver;
use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const MOST_SCRIPT_KB = 250;

/** How many tiles can be logged at with one tap. */
function loggable(Page $page): int
{
    return (int) $page->script('return document.querySelectorAll("[data-athlete] .go:not(.watch)").length');
}

/** What this device holds that the server refused. */
function refused(Page $page): array
{
    return (array) $page->script(
        'return new Promise((done) => { const open = indexedDB.open("steady-rung"); open.onsuccess = () => { const all = open.result.transaction("sets").objectStore("sets").getAll(); all.onsuccess = () => { open.result.close(); done(all.result.filter((w) => w.problem).map((w) => JSON.stringify(w))); }; }; })',
    );
}

function undone(Page $page): int
{
    return (int) $page->script(
        'return [...document.querySelectorAll("[data-athlete]")].filter((t) => t.textContent.includes("Undo")).length',
    );
}

it('shows a newcomer a class in full swing, and both evenings on the calendar', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/')->see('12 here')->see('as asked')->press('Athletes');
        expect($page->script('return document.documentElement.scrollHeight <= innerHeight'))->toBeTrue()
            ->and($page->script('return document.querySelectorAll("[data-athlete]").length'))->toBe(12);
        $page->visit('/today/classes')->see('Every Tuesday at 18:30')->see('Every Thursday at 18:30');
    } finally {
        $page->close();
    }
});

it('goes through a whole class by keyboard alone', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/today')->see('as asked')->press('Athletes');
        $all = (int) $page->script('return document.querySelectorAll("[data-athlete]").length');
        $can = loggable($page);
        for ($i = 0; $i < $all; $i++) {
            $page->key(WebDriverKeys::ARROW_RIGHT)->key(WebDriverKeys::ENTER);
        }
        Wait::until(fn (): bool => undone($page) >= $can - 1, fn (): string => undone($page)." of $can were logged.");
        for ($left = 0; $left < $all && $page->script('return document.querySelector(".chosen").ariaLabel') !== 'Corvina Tull'; $left++) {
            $page->key(WebDriverKeys::ARROW_LEFT);
        }
        $page->key('u')->key('6')->see('log it')->key(WebDriverKeys::ENTER)->see('Undo 6');
        $page->key('n')
            ->see('logged ')
            ->press('2', "//*[@aria-label='In reserve']")
            ->key(WebDriverKeys::ESCAPE)
            ->dontSee('In reserve')
            ->dontSee('wait');
        expect($page->consoleErrors())->toBe([])->and(refused($page))->toBe([]);
    } finally {
        $page->close();
    }
});

it('goes through a whole class by thumb alone, on targets large enough, in both themes without a fault', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    try {
        $page->signIn()->go('/today')->see('as asked')->press('Athletes');
        foreach (['light', 'dark'] as $theme) {
            $page->script("localStorage.setItem('steady-rung.theme', '$theme')");
            $page->visit('/today')->see('as asked')->press('Athletes');
            $small = $page->script(
                'return [...document.querySelectorAll("main button, main a, main summary")].filter((e) => e.checkVisibility()).filter((e) => { const r = e.getBoundingClientRect(); return r.height < 43.5 || r.width < 43.5; }).map((e) => e.outerHTML.slice(0, 120))',
            );
            expect($small)->toBe([], $theme)->and($page->accessibilityViolations())->toBe([], $theme)
                ->and($page->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue()
                ->and($page->script('return document.documentElement.dataset.theme'))->toBe($theme);
        }
        usleep(800_000);
        foreach (
            $page->script(
                'return [...document.querySelectorAll("[data-athlete] .go:not(.watch)")].map((e) => e.closest("[data-athlete]").dataset.athlete)',
            ) as $id
        ) {
            $page->thumb("[data-athlete='$id'] .go");
        }
        $page->see('Undo');
        $page->thumb('[data-athlete] .more')->see('How it went');
        expect($page->accessibilityViolations())->toBe([], 'pad');
        $page->script('history.back()');
        $page->dontSee('How it went')->press('Stations')->see('Beam bar');
        expect($page->accessibilityViolations())->toBe([], 'stations');
        $page->press('Who is here')->see('Somebody else walks in');
        expect($page->accessibilityViolations())->toBe([], 'who is here')
            ->and($page->consoleErrors())->toBe([])
            ->and(refused($page))->toBe([]);
    } finally {
        $page->script("localStorage.setItem('steady-rung.theme', 'light')");
        $page->close();
    }
});

it('decides the calls of the class from where one sees who did what', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/today')->see('as asked')->press('Athletes');
        $page->visit(
            (string) $page->script('return document.querySelector(".menu a[href$=after]").getAttribute("href")'),
        )->see('trained')->see('Calls of this class')->press(
            'Grip',
            "//*[@aria-label='Bastian Oakes']//*[@aria-label='What failed first?']",
        );
        Wait::until(
            fn (): bool => (bool) $page->script(
                'return document.querySelector("article [aria-pressed=true]")?.textContent.includes("Grip")',
            ),
            'What gave out was not noted.',
        );
        expect($page->accessibilityViolations())->toBe([])->and($page->consoleErrors())->toBe([]);
    } finally {
        $page->close();
    }
});

it('takes a class made and gear put out of use without a network, and the server has them as soon as it answers', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    $http = Http::signedIn(Instance::url());
    $made = fn (): int => count(array_filter(
        $http->send('GET', '/api/v1/classes')[1]['items'],
        fn (array $c): bool => $c['name'] === 'Open floor',
    ));
    $toggle = fn (string $then): string => "const b = [...document.querySelectorAll('.n-drawer button')].find((b) => b.textContent.includes('Cable column')); if (!b) return false; if (!b.textContent.includes('$then')) b.click(); return b.textContent.includes('$then');";
    try {
        $page->signIn()->go('/today')->see('as asked')->press('Athletes')->offline(true);
        $page->click(WebDriverBy::cssSelector('.menu summary'))->press('Broken or missing today');
        Wait::until(fn (): bool => (bool) $page->script($toggle('out today')), 'The machine is not out of use.');
        $page->press('close')
            ->click(WebDriverBy::cssSelector('.menu summary'))
            ->press('Classes and their days')
            ->see('Every Tuesday')
            ->see('No connection'); // which moves what stands below it
        $page->press('Make a class')->fill('Name', 'Open floor')->press('Once');
        $page->script(
            'const day = document.querySelector("input[type=date]"); day.value = "2098-12-31"; day.dispatchEvent(new Event("input", { bubbles: true }))',
        ); // no class of today, for other walks look at that
        $page->press('Make it')->see('Kept on this device')->see('2 notes wait');
        $page->press('2 notes wait')->see('Gear out of use today Cable column');
        expect($made())->toBe(0);
        $page->offline(false);
        $page->see('Nothing waits.')->press('close')->dontSee('Kept on this device');
        expect($made())->toBe(1);
        $page->go('/today')->see('as asked')->press('Athletes')->click(WebDriverBy::cssSelector('.menu summary'))->press('Broken or missing today');
        Wait::until(
            fn (): bool => (bool) $page->script(
                "return [...document.querySelectorAll('.n-drawer button')].some((b) => b.textContent.includes('Cable column') && b.textContent.includes('out today'))",
            ),
            'The machine is not out of use as the server has it.',
        );
        Wait::until(fn (): bool => (bool) $page->script($toggle('in use')), 'The machine is not back in use.');
        $page->dontSee('note waits');
    } finally {
        $page->offline(false);
        $page->close();
    }
});

it('takes a newer program when the coach says so, and keeps what waits to be sent', function (string $takesOver): void {
    $worker = dirname(__DIR__, 2).'/public/build/sw.js';
    $was = (string) file_get_contents($worker);
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/today')->see('as asked')->press('Athletes');
        Wait::until(
            fn (): bool => (bool) $page->script(
                'return navigator.serviceWorker.controller !== null || navigator.serviceWorker.ready.then(() => location.reload())',
            ),
            'No program is on the device.',
        );
        $page->see('as asked')->press('Athletes')->bar('*/api/v1/commands');
        $page->script('window.older = true; document.querySelector("[data-athlete] .go:not(.watch)").click()');
        $page->see('1 set waits');
        file_put_contents($worker, str_replace('SKIP_WAITING', $takesOver, $was)."\n// newer\n");
        $page->script('return navigator.serviceWorker.getRegistration().then((r) => r.update()).then(() => true)');
        $page->press('Take the new version');
        Wait::until(fn (): bool => $page->script('return window.older === undefined') === true, 'The older program still runs.');
        $page->see('as asked')->press('Athletes')->see('1 set waits')->dontSee('Take the new version')->bar()->dontSee('1 set waits');
        expect(refused($page))->toBe([]);
    } finally {
        file_put_contents($worker, $was);
        $page->bar()->close();
    }
})->with([
    'that takes over when asked' => 'SKIP_WAITING',
    'that the browser does not let take over' => 'NOBODY_ASKS_SO',
]);

it('loads little', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    try {
        $page->signIn()->visit('/today')->see('as asked')->press('Athletes');
        $page->script('return navigator.serviceWorker.getRegistrations().then((all) => Promise.all(all.map((r) => r.unregister())))');
        $page->visit('/today')->see('as asked')->press('Athletes');
        $kb = (float) $page->script(
            'return performance.getEntriesByType("resource").filter((e) => e.name.endsWith(".js") && !/sw\.js|workbox/.test(e.name)).reduce((sum, e) => sum + e.encodedBodySize, 0) / 1000',
        );
        expect($kb)->toBeGreaterThan(50.0)->toBeLessThan(MOST_SCRIPT_KB);
    } finally {
        $page->close();
    }
});

it('splits a workout that is typed, and logs a set of it with one tap', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/today')->see('as asked')->press('Athletes');
        $page->visit((string) $page->script('return document.querySelector(".menu a[href$=workout]").getAttribute("href")'))
            ->fill('Pulls of the workout', '5 rounds, 4 pulls')
            ->press('Split it')
            ->see('5 rounds, 4 pulls each')
            ->see('No pulls today');
        $reps = $page->script(
            'const next = document.querySelector(".rounds .next:not(:disabled)"); next.click(); return next.textContent.trim()',
        );
        $page->see("$reps logged");
        expect((int) $page->script('return document.querySelectorAll(".rounds .done").length'))->toBeGreaterThan(0);
        $page->press('Undo');
    } finally {
        $page->close();
    }
});

it('shows a class of 24 whole, in rows that are neither cut nor empty, and one sheet for the thumb', function (): void {
    $now = new DateTimeImmutable('now', new DateTimeZone('Europe/London'));
    [$class, $ids, $classId] = classOfRowers(24, 2, max($now->modify('-2 minutes'), $now->modify('today'))->format('H:i'), 60);
    $page = Page::open(Instance::url(), 1280, 800);
    $cut = <<<'JS'
        const rows = [...document.querySelectorAll('.rows [data-athlete]')];
        const isCut = (e) => e.scrollHeight > e.clientHeight + 1 || e.scrollWidth > e.clientWidth + 1 || e.getBoundingClientRect().height < 44;
        return [rows.length, rows.filter(isCut).length, document.documentElement.scrollWidth > innerWidth, document.documentElement.scrollHeight > innerHeight];
        JS;
    try {
        $page->signIn()->go('/today');
        pickClass($page, $class);
        $page->see('24 here')->press('Athletes')->see('All 24');
        expect($page->script($cut))->toBe([24, 0, false, false]);
        Page::open(Instance::url(), 820, 1180)->see('All 24');
        expect($page->script($cut))->toBe([24, 0, false, false]);
        Page::open(Instance::url(), 844, 390)->see('All 24');
        expect(array_slice((array) $page->script($cut), 0, 3))->toBe([24, 0, false]);

        // Reps with reserve and two no-counts: five taps on one screen of a phone, and the sheet stays open.
        Page::open(Instance::url(), 390, 844)->see('All 24');
        $taps = [
            "[data-athlete='{$ids[0]}'] .more",
            '.counts button:nth-child(2)',
            "[aria-label='In reserve'] button:nth-of-type(3)",
            "[aria-label='One more: Short at top']",
            "[aria-label='One more: Short at top']",
        ];
        foreach ($taps as $n => $css) {
            $page->thumb($css);
            $n !== 0 || $page->see('Tap the count');
            $n !== 1 || $page->see('Undo ')->see('logged ');
        }
        $outOfSight = <<<'JS'
            const isInSight = (e) => { const r = e.getBoundingClientRect(); return r.top >= 0 && r.bottom <= innerHeight && r.left >= 0 && r.right <= innerWidth; };
            return ['.strip', '.counts', "[aria-label='In reserve']", "[aria-label='Did not count']", "[aria-label='What you saw']", '.foot']
                .filter((css) => !isInSight(document.querySelector(css)));
            JS;
        expect($page->script($outOfSight))->toBe([])->and($page->accessibilityViolations())->toBe([], 'sheet');
        Wait::until(fn (): bool => count(array_filter(
            $page->fetched("athletes/{$ids[0]}/sets")['items'],
            fn (array $s): bool => $s['no_counts'] === ['short-at-top' => 2] && $s['reserve'] === 1,
        )) === 1, 'The log does not have it.');
    } finally {
        $page->forget()->close();
        Http::signedIn(Instance::url())->send('DELETE', "/api/v1/classes/$classId", []);
    }
});

/** Stations where more than one is up, and bands that hang in two places at once; of those who are up by what the page shows. */
function doubled(Page $page): array
{
    return (array) $page->script(<<<'JS'
        const up = [...document.querySelectorAll('.board section')].filter((s) => s.ariaLabel !== 'Floor').map((s) => [s.ariaLabel, [...s.querySelectorAll('[data-now]')]]);
        const bands = up.flatMap(([, now]) => now.flatMap((e) => e.textContent.match(/\w+ \d+ mm/g) ?? []));
        return [...up.filter(([, now]) => now.length > 1).map(([name]) => name), ...bands.filter((band, i) => bands.indexOf(band) !== i)];
        JS);
}

it('keeps an order that is moved by keyboard without the server, and a second device sees it', function (): void {
    $now = new DateTimeImmutable('now', new DateTimeZone('Europe/London'));
    $began = max($now->modify('-2 minutes'), $now->modify('today'));
    [$class, , $classId] = classOfRowers(4, 2, $began->format('H:i'), 60);
    [$page, $other] = [Page::open(Instance::url(), 1280, 800), Page::open(Instance::url(), 390, 844, Driver::running()->browser())];
    $queue = fn (Page $on): array => (array) $on->script(
        'return [...document.querySelectorAll(".board section[aria-label=\'North rings\'] [data-entry]")].map((e) => e.dataset.entry)',
    );
    try {
        foreach ([$page, $other] as $device) {
            $device->signIn()->go('/today');
            pickClass($device, $class);
            $device->see('4 here · all done about')->press('Stations')->see('North rings');
        }
        [$first, $second] = $queue($page); // both are rested, and somebody else is up
        $page->offline(true);
        $page->keyAt("[data-entry='$second'] .handle", WebDriverKeys::ARROW_UP);
        Wait::until(fn (): bool => array_slice($queue($page), 0, 2) === [$second, $first], 'The order was not moved.');
        $page->offline(false);
        $page->dontSee('waits');
        Wait::until(
            fn (): bool => array_slice($queue($other), 0, 2) === [$second, $first],
            fn (): string => 'The other device does not see it: '.implode(', ', $queue($other)),
        );
        expect([refused($page), $other->script('return document.querySelectorAll("[data-now]").length')])->toBe([[], 1]);
    } finally {
        $page->forget()->close(); // the next walk is to find the classes of the day anew
        $other->driver->quit();
        Http::signedIn(Instance::url())->send('DELETE', "/api/v1/classes/$classId", []);
    }
});

it('runs a class by station, by thumb on one device and by keyboard on another, with nothing used twice at once', function (): void {
    [$page, $other] = [Page::open(Instance::url(), 1280, 800), Page::open(Instance::url(), 390, 844, Driver::running()->browser())];
    try {
        foreach ([$page, $other] as $device) {
            $device->signIn()->go('/today')->see('all done about')->press('Stations')->see('Beam bar');
            expect(doubled($device))->toBe([]);
        }
        for ($i = 0; $i < 12 && $page->script('return document.querySelector(".chosen .go:not(.watch)")') === null; $i++) {
            $page->key(WebDriverKeys::ARROW_RIGHT);
        }
        $page->key(WebDriverKeys::ENTER)->see('Undo ')->key('u')->dontSee('Undo ');
        foreach ($other->script('return [...document.querySelectorAll("[data-now] .go:not(.watch)")].map((e) => e.closest("[data-now]").dataset.now)') as $id) {
            $other->thumb("[data-now='$id'] .go");
            expect(doubled($other))->toBe([]);
        }
        $other->see('Undo ')->dontSee('waits');
        expect($page->accessibilityViolations())->toBe([], 'stations')->and(doubled($page))->toBe([]);

        $page->click(WebDriverBy::cssSelector('.menu summary'))->press('Plan the rest anew')->see('All done about')->press('Leave it as it is');
        expect([$page->consoleErrors(), $other->consoleErrors(), refused($page), refused($other)])->toBe([[], [], [], []]);
    } finally {
        $page->close();
        $other->driver->quit();
    }
});
