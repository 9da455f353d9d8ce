<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

const STEP = "//*[@aria-label='Next step']";

it('takes somebody new from the screen through the baseline to the first call, by thumb', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    try {
        $page->signIn()
            ->go('/people/new')
            ->fill('Name', 'Osric Vane')
            ->fill('Bodyweight', '68')
            ->fill('Height', '176')
            ->press('Add athlete')
            ->see('Not screened yet.');
        $page->press('Screen')->press('Level with the ears')->press('Save the screen')->see('Needed: an answer to each question.');
        $page->press('None of these')->press('Save the screen')->see('Cleared')->press('Go on to the baseline');

        foreach (
            [
                ['Dead hang', '32', 'Log hang'],
                ['Active hang', '15', 'Log hang'],
                ['Hold, chin over the bar', '9', 'Log hold'],
                ['One slow lowering', '5', 'Log lowering'],
            ] as [$step, $seconds, $log]
        ) {
            $page->click(WebDriverBy::xpath(STEP."//h2[.='$step']"))->fill('Seconds', $seconds)->press($log, STEP)->see("$seconds s");
        }
        $page->click(WebDriverBy::xpath(STEP."//h2[.='Rows to failure']"))
            ->press('10', STEP)
            ->press('Log 10 clean')
            ->click(WebDriverBy::xpath(STEP."//h2[.='Reps to failure, first load']"));
        $page->press('8', STEP)->press('Log 8 clean')->see('8 clean');
        // left in the middle, taken up again where it was
        $page->go('/people')
            ->click(WebDriverBy::xpath("//a[contains(., 'Osric Vane')]"))
            ->more('Baseline')
            ->click(WebDriverBy::xpath(STEP."//h2[.='Reps to failure, second load']"));
        $page->press('3', STEP)->press('Log 3 clean')->see('3 clean');
        foreach (['Strict chin-ups', 'Strict pull-ups'] as $step) {
            $page->click(WebDriverBy::xpath(STEP."//h2[.='$step']"))->press('Skip this step');
        }
        $page->see('That is the baseline')->see('expect likely')->press('Put on this')->see('In reserve');
        tapCount($page, 7)->see('Stay');
        $page->press('Session')->see('Begun: one set logged today.')->see('Plank')->see('The ladder');
        expect($page->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue()
            ->and($page->consoleErrors())->toBe([]);
    } finally {
        $page->close();
    }
});
