<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

const JOLYON = '/people/01900000-0000-7000-8000-000000000109';
const FENWICK = '/people/01900000-0000-7000-8000-000000000105';

it('has no serious accessibility violation and no console error on any page', function (int $width, int $height, string $theme): void {
    $page = Page::open(Instance::url(), $width, $height);
    $look = function (string $name) use ($page): void {
        expect($page->accessibilityViolations())->toBe([], $name)->and($page->consoleErrors())->toBe([], $name);
        $wide = $page->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
        expect($wide)->toBe(0, "$name scrolls sideways");
    };
    try {
        $page->forget()->visit('/people')->see('Sign in');
        $page->script("localStorage.setItem('steady-rung.theme', '$theme')");
        $page->visit('/people')->see('Sign in');
        $look('sign-in');
        $page->signIn()->see('Aldith Farrow');
        $look('people');
        $page->go('/today/classes')->see('Every Tuesday')->press('Make a class')->see('Begins at');
        $look('classes');
        $page->go('/people/new')->see('Bodyweight');
        $page->press('Add athlete')->see('Needed');
        $look('new athlete with errors');
        $page->go(JOLYON)->see('Climb')->see('Log')->see('Biggest step');
        $look('athlete');
        $page->click(WebDriverBy::cssSelector('.ladder [data-rung]'))->see('How it came about');
        $look('why');
        $page->go(JOLYON)->see('Climb')->click(WebDriverBy::cssSelector('.facts .why'), 'pull capacity')->see('Estimate before');
        $look('why, capacity');
        $page->go(JOLYON)->see('Climb')->more('Baseline')->see('Skip this step');
        $look('baseline');
        $page->go('/people/01900000-0000-7000-8000-000000000113')->see('Not screened yet')->press('Screen')->see('Both arms overhead');
        $look('screen');
        $page->go(JOLYON.'/trend')->see('Work this week')->see('How past forecasts did');
        $look('trend');
        $page->go(JOLYON.'/session')->see('Weeks ahead');
        $look('session');
        $page->go(JOLYON.'/weeks')->see('Time off');
        $look('weeks');
        $page->go('/methods')->see('Band taper');
        $look('methods');
        $page->go('/methods/foundation')->see('Lowering block');
        $look('method');
        $page->press('Copy and change')->see('Save');
        $look('copy a method');
        $page->go('/methods/rules')->see('Grip width');
        $look('house rules');
        $page->go(JOLYON.'/compare')->see('against');
        $look('compare');
        $page->go(JOLYON)->see('Climb')->more('Stage and method')->see('Put on this stage');
        $look('place');
        $page->go(JOLYON)->see('How was it?')->press('How was it? Soreness, effort, what failed first…')->see('How hard, out of 10');
        $look('how was it');
        $page->go(JOLYON.'/screens')->press('See the answers')->see('Who looked');
        $look('screens');
        $page->go(JOLYON)->see('Climb')->press('Otherwise…')->see('Your reason is kept with the call');
        $look('override');
        $page->go(FENWICK)->see('Pulling is paused');
        $look('paused athlete');
        $page->go('/kit')
            ->see('Readings of a hanging scale')
            ->press('Listen to the scale')
            ->see('Length in use')
            ->see('at the knee')
            ->see('Looked at on');
        $look('kit');
        foreach (
            ['Add a bar' => 'Height above the floor', 'Add a ring pair' => 'Strap marks', 'Add a machine' => 'Leverage'] as $button => $field
        ) {
            $page->press($button)->see($field);
            expect($page->script(
                'const { top } = document.querySelector("main form").getBoundingClientRect(); return top > -1 && top < innerHeight / 2',
            ))->toBeTrue("$button is out of sight");
            $look("kit, $button");
        }
        $page->go(JOLYON.'/body')->see('Pull distance');
        $look('body');
        $page->go(JOLYON.'/setups')->see('How it came about');
        foreach (
            ['Row' => 'Heel mark', 'Foot help' => 'Feet on', 'Hop' => 'Small hop', 'Counterweight' => 'Stack', 'Added weight' => 'Weights on the belt', 'Hold' => 'Seconds'] as $kind => $field
        ) {
            $page->press($kind)->see($field);
            $look("set-up, $kind");
        }
        $page->go(JOLYON.'/card')->see('Print on A5');
        $look('card');
        $page->go('/cards')->see('Print on A4')->see('carries');
        $look('cards of the class');
        $page->go('/calls')->see('Refer');
        $page->press('Why');
        $look('calls');
        $page->go('/log')->see('Table (CSV)')->see('Earlier'); // whoever trained last
        $look('log');
        $page->go('/cautions')->see('Bands');
        $look('cautions');
        $page->visit('/parts?dev')->see('Parts')->see('What speaks for one.');
        $look('parts');
        expect($page->script('return document.documentElement.dataset.theme'))->toBe($theme);
        $page->go('/nowhere')->see('Nothing here');
        $look('nothing here');
    } finally {
        $page->script("localStorage.removeItem('steady-rung.theme')");
        $page->close();
    }
})->with(['laptop, light' => [1280, 800, 'light'], 'phone, dark' => [390, 844, 'dark']]);

it('has targets of 44 px where the coach taps', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    try {
        $page->signIn()->go(JOLYON)->see('In reserve');
        $small = $page->script(
            'return [...document.querySelectorAll("[aria-label=\"Log a set\"] button, [aria-label=\"Log a set\"] summary, nav a")].filter((b) => b.getClientRects().length && (b.getBoundingClientRect().height < 44 || b.getBoundingClientRect().width < 44)).map((b) => b.innerText)',
        );
        expect($small)->toBe([]);
        $page->more('Baseline')->see('Skip this step');
        expect($page->script('return parseFloat(getComputedStyle(document.querySelector(".n-drawer .n-base-close"), "::before").width)'))->toBeGreaterThanOrEqual(44);
    } finally {
        $page->close();
    }
});
