<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

const ELSPETH = '/people/01900000-0000-7000-8000-000000000104';

it('goes through the calls of a class by keyboard alone, and takes one back', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/calls')->see('to decide')->see('Climb');
        foreach (range(1, 3) as $ignored) {
            $page->key(WebDriverKeys::ARROW_DOWN);
        }
        $page->key('w')->see('Would change it');
        $page->key(WebDriverKeys::ENTER)->see('Accepted');
        $page->key(WebDriverKeys::ARROW_UP)->key('u')->dontSee('accepted');
        $page->key('o')->see('Your reason is kept with the call')->press('close')->dontSee('Your reason is kept with the call');
        expect($page->consoleErrors())->toBe([]);
    } finally {
        $page->close();
    }
});

it('goes through calls by thumb alone, each target large enough', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    try {
        $page->signIn()->go('/calls')->see('to decide');
        $page->press('Accept', "//li[contains(@aria-label, 'Isaura Wickham')]")->see('Accepted')->press('Undo')->dontSee('accepted');
        $small = $page->script(
            'return [...document.querySelectorAll("main button, main a")].filter((e) => e.offsetParent && e.getBoundingClientRect().height < 24).map((e) => e.textContent)',
        );
        expect($small)->toBe([])->and($page->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
    } finally {
        $page->close();
    }
});

it('shows whom a house rule touches before it is saved, and the session keeps to it', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go(ELSPETH.'/session')->see('Plank');
        $page->go('/methods/rules')
            ->see('Trunk work')
            ->press('left for later')
            ->see('not saved')
            ->press('See whom it touches')
            ->see('Elspeth Rowntree');
        $page->press('Save the rules')->dontSee('not saved');
        $page->go(ELSPETH.'/session')->see('Gate')->dontSee('Plank');
        $page->go('/methods/rules')
            ->see('Trunk work')
            ->press('alongside (default)')
            ->press('See whom it touches')
            ->see('Elspeth Rowntree')
            ->press('Save the rules')
            ->dontSee('not saved');
        expect($page->consoleErrors())->toBe([]);
    } finally {
        $page->close();
    }
});

it('copies a method, refuses it broken with the reason, keeps it mended, and assigns it', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    $dialog = "//*[@role='dialog']";
    try {
        $page->signIn()->go('/methods/rows-first')->see('Gate')->press('Copy and change')->see('Save');
        $page->fill('Name', 'Rows at the Mill')->fill('Gate, reps', '99')->see('cannot be finished');
        $page->fill('Gate, reps', '10')->dontSee('cannot be finished')->press('Save', $dialog)->see('Rows at the Mill')->see('Drop');
        $page->go(ELSPETH)
            ->more('Stage and method')
            ->see('Put on this stage')
            ->choose('Method', 'Rows at the Mill', $dialog)
            ->see('1 Rows, step by step to level');
        $page->press('Put on this stage', $dialog)->dontSee('Put on this stage');
        $page->more('Stage and method')->see('Rows at the Mill')->see('Gate: 3 × 10 in 2 sessions');
        $page->go('/methods/rows-first-ours')->see('Drop')->press('Drop')->see('1 athlete is on it. Assign another method first.');
        $page->go(ELSPETH)
            ->more('Stage and method')
            ->see('Put on this stage')
            ->choose('Method', 'Band taper', $dialog)
            ->press('3 Bands, thickest needed first')
            ->press('Put on this stage', $dialog)
            ->dontSee('Put on this stage')
            ->see('Bands, thickest needed first');
        $page->go('/methods/rows-first-ours')->see('Drop')->press('Drop')->see('Width for the weeks')->dontSee('Rows at the Mill');
        expect(array_filter(
            $page->consoleErrors(),
            static fn (string $error): bool => preg_match('~methods/(check|rows-first-ours)~', $error) !== 1,
        ))->toBe([]); // what was refused is an answer
    } finally {
        $page->close();
    }
});

it('logs work beside the pull, what was told, and prints the session on one page', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go(ELSPETH.'/session')->see('Plank');
        expect($page->printedPages())->toBe(1);
        $page->click(WebDriverBy::xpath(
            "//li[contains(., 'Plank')]//button[starts-with(normalize-space(.), 'Log')]",
        ))->fill('Load (optional)', '5')->press('Log set 1')->see('Log set 2');
        $page->go(ELSPETH)
            ->see('How was it?')
            ->press('How was it? Soreness, effort, what failed first…')
            ->see('How hard, out of 10')
            ->press('7', "//*[@aria-label='How hard, out of 10']")
            ->press('1', "//*[@aria-label='Soreness of 5']")
            ->press('Note it')
            ->dontSee('How hard, out of 10');
        expect($page->consoleErrors())->toBe([]);
    } finally {
        $page->close();
    }
});

it('changes a line by hand, sees what it touches, goes back to the method, and plans around time off', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    $main = "//section[@aria-label='Main']";
    try {
        $page->signIn()->go(ELSPETH.'/session')->see('Main');
        $page->click(WebDriverBy::xpath("$main//button[contains(., 'Change')]"))
            ->see('Holds for')
            ->fill('Sets', '1')
            ->see('the gate cannot be met')
            ->press('Change it', "//*[@role='dialog']")
            ->see('By hand, for the next session');
        $page->click(WebDriverBy::xpath("$main//button[contains(., 'Back to the method')]"))->dontSee('By hand');
        $page->press('Add a line')
            ->see('Holds for')
            ->choose('What', 'Loaded carry')
            ->see('2 × 30 m')
            ->press('Add it', "//*[@role='dialog']")
            ->see('By hand');
        $page->click(WebDriverBy::xpath(
            "//li[contains(., 'Loaded carry')]//button[contains(., 'Back to the method')]",
        ))->dontSee('Loaded carry');
        $page->go(ELSPETH.'/weeks')->see('None noted')->press('Note time off')->see('Needed: the first day.');
        expect($page->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue()
            ->and($page->consoleErrors())->toBe([]);
    } finally {
        $page->close();
    }
});
