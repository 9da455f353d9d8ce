<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

require dirname(__DIR__, 3).'/vendor/autoload.php';

const JOLYON_PAGE = '/people/01900000-0000-7000-8000-000000000109';
const LAPTOP = [1280, 800];
const PHONE = [390, 844];

$click = fn (string $selector, string $then) => fn (Page $page) => $page->click(WebDriverBy::cssSelector($selector))->see($then);
$measuring = function (Page $page): void {
    $page->click(WebDriverBy::xpath(
        '//nav[@aria-label="Gear"]//button[contains(., "Finch")]',
    ))->press('Listen to the scale')->see('Simulated: pull to');
    foreach ([0.25, 0.6] as $part) {
        $page->slide('Pull to', $part);
        usleep(3_500_000); // the simulated scale settles
        $page->press('Keep this reading');
    }
    $page->see('Measured')->see('at the knee');
};
$floor = static fn (string $theme, ?Closure $then = null): Closure => static function (Page $page) use ($theme, $then): void {
    $page->script("localStorage.setItem('steady-rung.theme', '$theme')");
    $page->visit('/today')->see('as asked');
    $then === null ?: $then($page);
};
$logTwo = static function (Page $page): void {
    $page->script('[...document.querySelectorAll("[data-athlete] .go:not(.watch)")].slice(0, 2).forEach((e) => e.click())');
    $page->see('Undo');
};
$workout = static function (Page $page): void {
    $path = $page->script('return document.querySelector("a[href$=workout]").getAttribute("href")');
    $page->visit($path.'?task='.rawurlencode('21-15-9 pull-ups'))->see('in a row');
};
$sheet = static function (Page $page): void {
    $page->press('Athletes');
    $page->script('[...document.querySelectorAll("[data-athlete]")].find((e) => / mm/.test(e.innerText) && e.querySelector(".go:not(.watch)")).querySelector(".more").click()');
    $page->see('In reserve')->script('document.querySelector(".todo")?.click()');
    $page->see('Tap the count')->click(WebDriverBy::cssSelector('.counts button:nth-child(2)'))->see('Undo');
    $page->press('1', "//*[@aria-label='In reserve']")->press('One more: Short at top');
};
$board = static function (Page $page): void {
    $page->click(WebDriverBy::cssSelector('.menu summary'))->press('Board on the wall')->see('Open this address');
    $page->visit('/today/board#'.$page->script('return document.querySelector(".code").innerText.replace(" ", "")'))->see('find your name');
};
$ownPage = static function (Page $page): void {
    $page->visit((string) $page->script('return document.querySelector("input[readonly]").value.replace(location.origin, "")'));
    $page->see('Where you are');
};
$oldLog = static function (Page $page): void {
    $page->script(<<<'JS'
        const who = ['Jolyon Thatch', '"Farrow, Aldith"', 'Merrin Stope', 'Joel'], what = ['Thick green band', 'Pull-up', 'Assisted machine'];
        const line = (_, i) => `${1 + i}.${1 + (i % 9)}.2025,${who[i % 4]},${what[i % 3]},${i % 7},${20 + i},1,`;
        const text = ['Date,Athlete,Exercise,Reps,Assistance (lb),RIR,Comment', ...Array.from({ length: 28 }, line), '31.2.2025,Jolyon Thatch,Pull-up,1,,,'].join('\n');
        const box = document.querySelector('input[type=file]'), data = new DataTransfer();
        data.items.add(new File([text], 'old-log.csv', { type: 'text/csv' }));
        box.files = data.files;
        box.dispatchEvent(new Event('change'));
        JS);
    $page->see('would be left out');
};
$views = [
    'today' => [LAPTOP, '/today', 'as asked', $floor('light', $logTwo)],
    'workout' => [LAPTOP, '/today', 'as asked', $workout],
    'today-phone' => [PHONE, '/today', 'as asked', $floor('light')],
    'sheet' => [PHONE, '/today', 'as asked', $floor('light', $sheet)],
    'board' => [LAPTOP, '/today', 'as asked', $board],
    'people' => [LAPTOP, '/people', 'Aldith Farrow', null],
    'athlete' => [LAPTOP, JOLYON_PAGE, 'Biggest step', null],
    'setup' => [
        LAPTOP,
        JOLYON_PAGE,
        'Biggest step',
        fn (Page $page) => $page->click(WebDriverBy::xpath(
            '//*[@role="tab"][.="Row"]',
        ))->click(WebDriverBy::cssSelector('[data-rung^=row]'))->see('Lever of the strap'),
    ],
    'card' => [LAPTOP, JOLYON_PAGE.'/card', 'Print on A5', null],
    'kit' => [LAPTOP, '/kit', 'Readings of a hanging scale', $measuring],
    'trend' => [LAPTOP, JOLYON_PAGE.'/trend', 'How past forecasts did', null],
    'screen' => [
        LAPTOP,
        '/people/01900000-0000-7000-8000-000000000113',
        'Not screened yet',
        fn (Page $page) => $page->press('Screen')->see('Both arms overhead'),
    ],
    'session' => [LAPTOP, JOLYON_PAGE.'/session', 'Weeks ahead', null],
    'methods' => [LAPTOP, '/methods', 'Band taper', null],
    'house-rules' => [LAPTOP, '/methods/rules', 'Grip width', null],
    'own-page' => [PHONE, JOLYON_PAGE.'/link', 'Copy the link', $ownPage],
    'import' => [LAPTOP, '/imports', 'What is in the file?', $oldLog],
    'report' => [LAPTOP, '/reports?athlete='.basename(JOLYON_PAGE), 'Picture (SVG)', null],
    'calls' => [LAPTOP, '/calls', 'Refer', null],
];

foreach ($views as $name => [[$width, $height], $path, $text, $then]) {
    $page = Page::open(Instance::url(), $width, $height);
    try {
        $page->signIn()->script("localStorage.setItem('steady-rung.theme', 'light')");
        $page->visit($path)->see($text);
        $then === null ?: $then($page);
        if ($width > 500) {
            $page->script('window.scrollTo(0, 0)');
        }
        usleep(600_000); // a slide that has begun comes to its end
        $page->picture(dirname(__DIR__, 3)."/docs/screenshots/$name.png");
    } finally {
        $page->close(); // the network is back too
    }
    echo "docs/screenshots/$name.png\n";
}
