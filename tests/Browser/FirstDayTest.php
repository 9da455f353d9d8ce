<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

/** What a gym takes from nothing to its first call at the most: fields typed in, and clicks. */
const MOST_FIELDS = 25;

const MOST_CLICKS = 40;

/** The four fields of the first page and its key; a gym is founded once an install, so here it is there already. */
const FIRST_PAGE = [4, 1];

/** A gym with nothing in it, and its owner. */
function emptyGym(): string
{
    $db = database('steady', 'database');
    [$gym, $owner, $email] = [uuid(), uuid(), 'first-'.substr(uuid(), -8).'@weir.example'];
    $db->prepare("INSERT INTO gyms (id, name, timezone) VALUES (?, 'Weir House', 'Europe/London')")->execute([$gym]);
    $db->prepare("INSERT INTO users (id, gym_id, name, email, password, role) VALUES (?, ?, 'Ottilie', ?, ?, 'owner')")
        ->execute([$owner, $gym, $email, password_hash('rope and chalk', PASSWORD_BCRYPT, ['cost' => 4])]);

    return $email;
}

it('goes from an empty gym to the first call in few fields and clicks, each step opening the next', function (): void {
    $email = emptyGym();
    $page = Page::open(Instance::url(), 1280, 800);
    [$fields, $clicks] = FIRST_PAGE;
    $fill = function (string $label, string $value) use ($page, &$fields): void {
        $page->fill($label, $value);
        $fields++;
    };
    $press = function (string $name, string $within = '') use ($page, &$clicks): void {
        $page->press($name, $within);
        $clicks++;
    };
    $next = "//*[@aria-label='Next step']";
    try {
        $page->forget()->signIn($email, 'rope and chalk')->go('/today')->see('From here to the first session');
        expect($page->accessibilityViolations())->toBe([]);
        foreach (['Add Bar 240 cm', 'Add Band 32 mm', 'Add Band 64 mm'] as $piece) {
            $press($piece);
            $there = json_encode('[aria-label="'.substr($piece, 4).' is in the kit"]');
            Wait::until(fn (): mixed => $page->script("return document.querySelector($there) !== null"), "$piece did not come.");
        }
        $press('Add an athlete');
        $fill('Name', 'Ada Weir');
        $fill('Bodyweight', '68');
        $fill('Height', '176');
        $press('Add athlete');
        $page->see('Not screened yet.');
        foreach (['Screen', 'Level with the ears', 'None of these', 'Save the screen', 'Go on to the baseline'] as $key) {
            $press($key);
        }
        foreach ([['Dead hang', '32', 'Log hang'], ['Active hang', '15', 'Log hang'], ['Hold, chin over the bar', '9', 'Log hold'], ['One slow lowering', '5', 'Log lowering']] as [$step, $seconds, $log]) {
            $page->click(WebDriverBy::xpath("$next//h2[.='$step']")); // it is this step's turn
            $fill('Seconds', $seconds);
            $press($log, $next);
            $page->see("$seconds s");
        }
        $page->click(WebDriverBy::xpath("$next//h2[.='Reps to failure, first load']"));
        $press('8', $next);
        $press('Log 8 clean');
        $page->click(WebDriverBy::xpath("$next//h2[.='Reps to failure, second load']"));
        $press('3', $next);
        $press('Log 3 clean');
        foreach (['Strict chin-ups', 'Strict pull-ups'] as $step) {
            $page->click(WebDriverBy::xpath("$next//h2[.='$step']"));
            $press('Skip this step');
        }
        $page->see('That is the baseline');
        $press('Put on this');
        tapCount($page->see('In reserve'), 7)->see('Why?');
        $clicks++;
        $page->go('/today')->see('No class yet')->dontSee('From here to the first session');

        expect($fields)->toBeLessThanOrEqual(MOST_FIELDS)->and($clicks)->toBeLessThanOrEqual(MOST_CLICKS)
            ->and($page->consoleErrors())->toBe([]);
    } finally {
        $page->forget()->close();
    }
});

it('weighs and measures in what the gym settles, and keeps SI', function (): void {
    $email = emptyGym();
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->forget()->signIn($email, 'rope and chalk')->go('/settings')->press('pounds')->press('inches')->press('Save')->see('Saved.');
        $page->visit('/people/new')
            ->fill('Name', 'Ada Weir')
            ->fill('Bodyweight', '30')
            ->fill('Height', "5'7")
            ->see('= 67 in')
            ->press('Add athlete')
            ->see('30 lb is outside 44.09–661.39 lb.')
            ->fill('Bodyweight', '176')
            ->press('Add athlete')
            ->see('Not screened yet.');
        $ada = $page->fetched('athletes/'.$page->fetched('athletes')['items'][0]['id']);
        expect($ada['mass_kg'])->toBe(79.83)->and($ada['stature_m'])->toBe(1.702);
        $page->visit("/people/{$ada['id']}/body")->see('176.0 lb')->see('67 in')->dontSee(' kg')->dontSee(' cm');
    } finally {
        $page->forget()->close();
    }
});
