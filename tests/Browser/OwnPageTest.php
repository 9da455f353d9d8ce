<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

const HOBART = '/people/01900000-0000-7000-8000-000000000107';

it('lets an athlete log from home by their link, with one thumb, and the coach see it and end the link', function (): void {
    $coach = fn (): Page => Page::open(Instance::url(), 1280, 800);
    $phone = fn (): Page => Page::open(Instance::url(), 360, 740);
    $small = <<<'JS'
        return [...document.querySelectorAll('main button, .keys button, summary')]
            .filter((e) => e.checkVisibility() && e.getBoundingClientRect().height < 43.5).map((e) => e.textContent)
        JS;
    $page = $coach();
    try {
        $page->signIn()->go(HOBART)->see('Hobart Quill')->more('Own page')->see('Copy the link');
        $path = (string) $page->script('return document.querySelector("input[readonly]").value.replace(location.origin, "")');
        expect($path)->toStartWith('/my#');

        $page = $phone()->forget()->visit($path)->see('Hobart Quill')->see('Where you are')->see('Your best');
        expect($page->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue()
            ->and($page->script('return document.querySelector("link[rel=manifest]").getAttribute("href")'))->toBe('/my.webmanifest')
            ->and($page->script($small))->toBe([])
            ->and($page->accessibilityViolations())->toBe([]);
        $page->press('I did a set')->press('1 more');
        expect($page->accessibilityViolations())->toBe([])->and($page->script('return location.hash'))->toBe((string) strstr($path, '#'));
        $page->click(WebDriverBy::xpath("//button[starts-with(normalize-space(.), 'Log ')]"))->see('by yourself')->dontSee('How many more');
        expect($page->consoleErrors())->toBe([]);
        $page->visit('/people')->see('Sign in')->visit('/my')->see('by yourself'); // the link is kept on the device, and signs nobody in

        $page = $coach()->signIn()->go(HOBART)->see('Hobart Quill')->more('Log')->see('by themselves');
        $page->go(HOBART.'/link')->see('Looked at')->press('End this link')->press('End it now')->see('No link yet');
        $page = $phone()->visit($path)->see('This link has ended');
        expect($page->text())->not->toContain('Hobart');
    } finally {
        $page->close();
    }
});
