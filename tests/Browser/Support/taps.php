<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Page;

const TAPS = "//*[@aria-label='Clean reps: one tap logs']";

/** Lets the time pass in which a second tap is taken for the first one's bounce. */
function rest(Page $page): Page
{
    usleep(950_000);

    return $page;
}

/** One tap on a count of clean reps logs the set. */
function tapCount(Page $page, int $clean): Page
{
    return rest($page)->click(WebDriverBy::xpath(TAPS."//b[.='$clean']/.."), "$clean");
}
