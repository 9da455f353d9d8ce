<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const OVERRIDE = "//*[@role='dialog']";

/** What the call says once its reasons are opened, or no longer says. */
function becauseOf(Page $page, string $reason, bool $said = true): Page
{
    Wait::until(function () use ($page, $reason, $said): bool {
        $page->script('document.querySelector(".call [aria-expanded=false]")?.click()');

        return str_contains($page->text(), $reason) === $said;
    }, "The call gives another reason than: $reason");

    return $page;
}

it('goes from an athlete and a band to the next call, on a phone', function (): void {
    $tag = 'P';
    $page = Page::open(Instance::url(), 390, 844);
    try {
        // 1. Sign in, see the roster.
        $page->forget()
            ->visit('/people')
            ->fill('Email', 'coach@hollowbrook.example')
            ->fill('Password', 'wrong')
            ->press('Sign in')
            ->see('Email or password is wrong.');
        $page->fill('Password', 'chalk-and-rope')->press('Sign in')->see('Aldith Farrow')->see('Nesta Groves');

        // 2. Add an athlete; wrong values are refused next to the field and nothing typed is lost.
        $page->press('Add an athlete')->fill('Name', "Tamsin $tag")->fill('Bodyweight', '7')->fill('Height', 'tall')->press('Add athlete')
            ->see('7 kg is outside 20–300 kg.')->see('“tall” is not a number. Allowed: 100–230 cm.');
        expect($page->valueOf('Name'))->toBe("Tamsin $tag")->and($page->valueOf('Height'))->toBe('tall');
        $page->fill('Bodyweight', '64,5')
            ->fill('Height', '171')
            ->fill('Measured reach', '250')
            ->press('Add athlete')
            ->see('250 cm is outside');
        $page->fill('Measured reach', '206')
            ->press('Add athlete')
            ->see('64.5 kg')
            ->dontSee('estimated')
            ->see('No set-up yet');
        $athlete = substr((string) parse_url($page->driver->getCurrentURL(), PHP_URL_PATH), strlen('/people/'));

        // 3. Keep the gear: a bar, a band that is estimated, a refused fit that names the point, a measured band.
        $page->press('Kit')
            ->see('Bands')
            ->press('Add a bar')
            ->fill('Name', "Mill bar $tag")
            ->fill('Height above the floor', '9999')
            ->press('Add bar')
            ->see('9999 cm is outside 50–600 cm.');
        $page->fill('Height above the floor', '245')->press('Add bar')->see("Mill bar $tag");
        $page->press('Add a band')
            ->fill('Name or shop tag', "Otter $tag")
            ->fill('Width', '29')
            ->fill('Thickness', '4.5')
            ->fill('Hung length', '100')
            ->press('Add band')
            ->see('Estimated, ±');
        foreach ([['130', '7'], ['180', '1.3'], ['230', '20']] as $i => [$cm, $kg]) {
            $n = $i + 1;
            $page->press('Add a reading')->fill("Length of point $n in cm", $cm)->fill("Force of point $n in kg", $kg);
        }
        $page->press('Save')
            ->see('Point 2 at 180 cm')
            ->fill('Force of point 2 in kg', '15')
            ->press('Save')
            ->see('Measured, ±')
            ->see("Otter $tag\ndue · Measured");

        $form = "//form[.//h2[.='Clean reps with a band']]";
        // 4. Log a baseline: clean reps with the band, and a dead hang.
        $page->go("/people/$athlete")
            ->press('Log a baseline')
            ->click(WebDriverBy::xpath("//summary[.='Another set-up, another hang']"))
            ->choose('Band', "Otter $tag", $form)
            ->choose('Bar', "Mill bar $tag", $form)
            ->press('7', "$form//*[@aria-label='Clean reps']")->press('1', "$form//*[@aria-label='In reserve']")
            ->press('Log reps')->see('Logged 7 clean.');
        $page->click(
            WebDriverBy::xpath("//*[@aria-label='Next step']//input"),
            'Seconds of the next step',
        )->fill('Seconds', '31')->press('Log hang', "//*[@aria-label='Next step']")->see('Logged 31 s hang.')->press('Done');

        // 5. See every set-up of the band on the scale; open a figure and read how it came about.
        $page->choose('Shown', "Otter $tag")->see("Otter $tag · foot")->see("Otter $tag · knee")->see('Unassisted pull-up');
        $page->click(WebDriverBy::cssSelector('[data-rung*=":foot:"]'))
            ->see('How it came about')
            ->see('Mean help')
            ->see('Mooney 1940')
            ->see('Step in with a hand');

        // 6. Choose it, log sets of a session, undo one.
        $page->press('Put on this set-up')->see('In reserve');
        becauseOf(tapCount($page, 8)->see('Logged 8 clean.'), 'Last session on this set-up: 8 clean.');
        expect($page->script(
            'const [undo, places] = [".action", ".places"].map((s) => document.querySelector(s).getBoundingClientRect()); return undo.bottom <= places.top || places.bottom <= undo.top',
        ))->toBeTrue();
        $page->press('Undo');
        becauseOf($page, 'Last session on this set-up', said: false);
        becauseOf(tapCount($page, 8), 'Last session on this set-up: 8 clean.');
        $page->press('No-count, pain, another day…')
            ->click(WebDriverBy::xpath("//button[normalize-space(.)='No-count']"))
            ->press('3 Swing')
            ->press('other')
            ->press('6', "//*[@aria-label='Clean reps']");
        becauseOf(rest($page)->press('Log 6'), '8, 6 clean');
        becauseOf(rest($page->key('1')->key('0'))->key(WebDriverKeys::ENTER), '8, 6, 10 clean');
        becauseOf($page->key('u'), 'Last session on this set-up: 8, 6 clean.');

        // 7. The call for next time, overridden with a reason; then pain, and the referral.
        becauseOf($page->see('Stay'), '2 sessions running at 3 × 8 clean.')->press('Otherwise…')
            ->press('Step down', OVERRIDE)
            ->press('Decide', OVERRIDE)
            ->see('Needed: what instead, and why.')
            ->see('Needed: the set-up to step down to.');
        $page->fill('Reason', 'Long day on the wall')
            ->choose('Set-up', '%', OVERRIDE)
            ->press('Decide', OVERRIDE)
            ->dontSee('Needed: what instead')
            ->see('Overridden');
        $page->click(WebDriverBy::xpath("//button[normalize-space(.)='Pain']"))->press('Elbow')->press('4', "//*[@aria-label='Level of 10']");
        tapCount($page, 8)->see('Refer')->see('Pulling is paused')->see('A licensed clinician looks at it');
        $page->fill('Clearing note', 'Seen by the physiotherapist')->press('Clear with this note')->dontSee('Pulling is paused.');

        // The refused sign-in and the refused band are answers of 422, which Chromium notes as failed loads.
        expect(array_filter($page->consoleErrors(), fn (string $line): bool => ! str_contains($line, 'status of 422')))->toBe([]);
    } finally {
        $page->close();
    }
});

it('shows on the scale what the core answers from the command line', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/people/01900000-0000-7000-8000-000000000100')->choose('Shown', 'Rook 32 mm')->see('Rook 32 mm · knee');
        expect($page->script('return [...document.querySelectorAll(".ticks text")].every((t) => t.getBBox().x >= 0)'))->toBeTrue();
        $shown = $page->script(
            'return [...document.querySelectorAll("[data-rung]")].map((b) => [b.dataset.rung, b.querySelector(".share").innerText, b.querySelector(".kg").innerText])',
        );
        $data = $page->fetched('kit');
        $bars = array_map(fn (array $figures) => $figures['height_m'] ?? 0.0, array_column($data['gear'], 'figures', 'id'));
        $bands = array_column($data['bands'], null, 'id');
        $compared = 0;
        foreach ($shown as [$key, $share, $kg]) {
            [, $attach, $bar, $band] = [...explode(':', $key), '', '', ''];
            $band = $bands[$band] ?? null;
            // Above every single band stands the bodyweight pull-up, and where the call goes on to two bands, those.
            if ($band === null) {
                continue;
            }
            $answer = ask('carried', [
                'body' => ['mass_kg' => 61.0, 'stature_m' => 1.68, 'reach_m' => 2.05],
                'setup' => ['kind' => 'band', 'bar_height_m' => $bars[$bar], 'attach' => $attach, 'bands' => [[
                    'id' => 'x', 'hung_length_m' => $band['hung_length_m'], 'width_mm' => $band['width_mm'], 'thickness_mm' => $band['thickness_mm'],
                    'points' => array_map(fn (array $p) => ['length_m' => $p['length_m'], 'force_n' => $p['force_n']], $band['points']),
                ]]],
            ]);
            expect($share)->toBe(round(100 * $answer->share->mean).' %')->and($kg)->toBe(number_format($answer->carried_kg->mean, 1).' kg');
            $compared++;
        }
        expect($compared)->toBeGreaterThanOrEqual(3);
    } finally {
        $page->close();
    }
});

it('keeps sets of several athletes that could not be sent, and stores each once, by itself, from whatever page, when the network is back', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    $athletes = ['01900000-0000-7000-8000-000000000110', '01900000-0000-7000-8000-000000000104'];
    $ids = fn (): array => array_merge(...array_map(
        fn (string $id): array => array_column($page->fetched("athletes/$id/sets")['items'], 'id'),
        $athletes,
    ));
    try {
        $page->signIn();
        foreach ($athletes as $id) {
            $page->visit("/people/$id")->see('In reserve');
        }
        $before = $ids();
        $page->offline(true);
        tapCount($page, 8)->see('1 set waits');
        $page->click(WebDriverBy::cssSelector('nav a[href="/people"]'))->see('Kerensa Dobbs');
        $page->click(WebDriverBy::xpath('//a[contains(., "Kerensa Dobbs")]'))->see('In reserve');
        tapCount($page, 8)->see('2 sets wait');
        $page->press('2 sets wait')->see('On this device')->press('Drop it')->see('1 set waits')->press('close')->dontSee('On this device');
        tapCount($page, 8)->see('2 sets wait')->click(WebDriverBy::cssSelector('nav a[href="/calls"]'));
        $page->offline(false);
        $page->dontSee('sets wait')->dontSee('set waits');
        expect(array_diff($ids(), $before))->toHaveCount(2);
    } finally {
        $page->close();
    }
});

it('shows the sets of one tab in another, and logs a double tap once', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    $merrin = '/people/01900000-0000-7000-8000-000000000112';
    $today = fn (): string => $page->script(
        'return document.querySelector("[aria-label=\'Sets today\']").innerText.replace(/\\s+/g, " ").trim()',
    );
    try {
        $page->signIn()->go($merrin)->see('In reserve');
        $first = $page->driver->getWindowHandle();
        $page->driver->switchTo()->newWindow();
        $page->visit($merrin)->see('In reserve');
        $before = $today();
        $page->script(
            'const b = [...document.querySelectorAll("[aria-label=\'Clean reps: one tap logs\'] b")][0].parentElement; b.click(); setTimeout(() => b.click(), 200)',
        );
        Wait::until(fn (): bool => $today() !== $before, 'The set is not shown where it was logged.');
        usleep(400_000);
        $after = $today();
        expect(count(explode(' ', $after)))->toBe($before === '' ? 1 : count(explode(' ', $before)) + 1);
        usleep(700_000); // beyond a double tap
        $page->script('[...document.querySelectorAll("[aria-label=\'Clean reps: one tap logs\'] b")][0].parentElement.click()');
        Wait::until(fn (): bool => $today() !== $after, 'The second set is not shown where it was logged.');
        $after = $today();
        $page->driver->close();
        $page->driver->switchTo()->window($first);
        Wait::until(fn (): bool => $today() === $after, 'The other tab does not show the set.');
    } finally {
        $page->close();
    }
});

it('holds the page and what was typed when the session is lost', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()
            ->see('Nesta Groves')
            ->go('/people/new')
            ->fill('Name', 'Half typed')
            ->fill('Bodyweight', '60')
            ->fill('Height', '170');
        $ended = $page->script(<<<'JS'
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            return fetch('/api/v1/sign-out', { method: 'POST', headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token } }).then((r) => r.ok);
            JS); // on the server, so that no answer still on its way can bring it back
        expect($ended)->toBeTrue();
        $page->press('Add athlete')
            ->see('You were signed out.')
            ->fill('Email', 'coach@hollowbrook.example')
            ->fill('Password', 'chalk-and-rope')
            ->press('Sign in');
        $page->dontSee('You were signed out.');
        expect($page->valueOf('Name'))->toBe('Half typed')->and($page->valueOf('Bodyweight'))->toBe('60');
    } finally {
        $page->close();
    }
});
