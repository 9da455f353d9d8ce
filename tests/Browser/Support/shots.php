<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

require dirname(__DIR__, 3).'/vendor/autoload.php';

const JOLYON_PAGE = '/people/01900000-0000-7000-8000-000000000109';

$views = [
    'people' => [1280, 800, '/people', 'Aldith Farrow', null],
    'athlete' => [1280, 800, JOLYON_PAGE, 'Expected', null],
    'why' => [1280, 800, JOLYON_PAGE, 'Expected', '[data-rung*=":knee:"]'],
    'kit' => [1280, 800, '/kit', 'Readings of a hanging scale', null],
    'calls' => [1280, 800, '/calls', 'Refer', '.line.climb .deeds button:last-child'],
    'paused' => [1280, 800, '/people/01900000-0000-7000-8000-000000000105', 'Pulling is paused', null],
    'athlete-phone' => [390, 844, JOLYON_PAGE, 'as asked: one tap', null],
    'calls-phone' => [390, 844, '/calls', 'Refer', null],
];

foreach ($views as $name => [$width, $height, $path, $text, $click]) {
    $page = Page::open(Instance::url(), $width, $height);
    try {
        $page->signIn()->visit($path)->see($text);
        if ($click !== null) {
            $page->click(WebDriverBy::cssSelector($click));
            $name === 'why' ? $page->see('Mean help') : $page->see('Would change it');
        }
        $page->script('window.scrollTo(0, 0)');
        usleep(400_000); // a slide that has begun comes to its end
        $page->picture(dirname(__DIR__, 3)."/docs/screenshots/$name.png");
    } finally {
        $page->close();
    }
    echo "docs/screenshots/$name.png\n";
}
