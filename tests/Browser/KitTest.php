<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const LEOFRIC = '/people/01900000-0000-7000-8000-000000000111';
const MERRINS_PAGE = '/people/01900000-0000-7000-8000-000000000112';

function pickGear(Page $page, string $name): Page
{
    return $page->click(WebDriverBy::xpath("//nav[@aria-label='Gear']//button[contains(., '$name')]"), $name);
}

/** @return array{string, string} an athlete on a band that is due, and the band's name */
function onDueBand(Page $page): array
{
    $due = array_column(array_filter($page->fetched('kit')['bands'], fn (array $band): bool => $band['wear']['due']), 'name', 'id');
    foreach (array_column($page->fetched('athletes')['items'], 'id') as $athlete) {
        $bands = $page->fetched("athletes/$athlete")['rung']['exercise']['setup']['band_ids'] ?? [];
        if (count($bands) === 1 && isset($due[$bands[0]])) {
            return [$athlete, $due[$bands[0]]];
        }
    }
    throw new RuntimeException('Nobody in the demo is on one band that is due.');
}

it('keeps gear of every kind, refuses what cannot be beside the field, and keeps what was typed, on a phone', function (): void {
    $tag = 'P';
    $page = Page::open(Instance::url(), 390, 844);
    try {
        $page->signIn()->go('/kit')->see('Bands');
        $page->press('Add a box')
            ->press('Add box')
            ->see('Needed')
            ->fill('Name', "Crate $tag")
            ->fill('Height', '900')
            ->press('Add box')
            ->see('900 cm is outside 5–150 cm.');
        expect($page->valueOf('Name'))->toBe("Crate $tag");
        $page->fill('Height', '42,5')->press('Add box')->see("Crate $tag")->press('Save')->press('Retire')->see('Take back into use');
        $page->press('Add a plate')->fill('Name', "Slab $tag")->fill('Thickness', '2.5')->press('Add plate')->see("Slab $tag");
        $page->press('Add a weight')
            ->fill('Name', "Disc $tag")
            ->fill('Mass', 'heavy')
            ->press('Add weight')
            ->see('“heavy” is not a number. Allowed: 0.1–100 kg.')
            ->fill('Mass', '7.5')
            ->press('Add weight')
            ->see('7.5 kg');
        $page->press('Add a machine')
            ->fill('Name', "Winch $tag")
            ->press('Is pulled down')
            ->fill('Step of the stack', '5')
            ->fill('Whole stack', '3')
            ->press('Add machine')
            ->see('3 kg is outside 5–300 kg.')
            ->fill('Whole stack', '60')->fill('Leverage', 'much')->press('Add machine')->see(
                '“much” is not a number.',
            )->fill('Leverage', '0.5')->press('Add machine')->dontSee('Add machine')->see("Winch $tag");

        // What was added is there to be put together at once.
        $page->go(MERRINS_PAGE.'/setups')
            ->see('How it came about')
            ->press('Pull-down')
            ->choose('Machine', "Winch $tag")
            ->fill('Stack', '40')
            ->see('20.0 kg');
        expect(array_filter($page->consoleErrors(), fn (string $line): bool => ! str_contains($line, 'status of 422')))->toBe([]);
    } finally {
        $page->close();
    }
});

it('reminds of a band that is due where it is used; a fault takes it out of use, and everything follows at once', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        [$athlete, $band] = onDueBand($page->signIn());
        $page->go("/people/$athlete")->see($band)->see('look at it before the next set');
        $page->click(WebDriverBy::cssSelector('.due a'))->see('Inspections')->see('Due.');
        expect($page->script('return document.querySelector("[aria-current=true]").innerText'))->toContain($band);
        $page->press('Nick')
            ->see('A fault takes the band out of use at once.')
            ->fill('Note (optional)', 'At the hitch')
            ->press('Note the inspection')
            ->see('Take back into use')
            ->see('At the hitch');

        $page->go("/people/$athlete")->see('This band is not in the kit, or is retired.')->see('Biggest step');
        $isOffered = fn (): bool => (bool) $page->script(
            'return [...document.querySelectorAll(".ladder .name")].some((b) => b.innerText.includes('.json_encode($band).'))',
        );
        Wait::until(fn (): bool => ! $isOffered(), 'The ladder still offers the band that is out.');

        pickGear($page->go('/kit'), $band)->press('Take back into use')
            ->dontSee('Take back into use')
            ->press('Sound')
            ->press('Note the inspection')
            ->see('Looked at today');
        $page->go("/people/$athlete")->see('Biggest step')->dontSee('look at it before the next set')->dontSee('is retired');
    } finally {
        $page->close();
    }
});

it('changes the ladder at once when gear is taken away and brought back', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    $rungs = function () use ($page): array {
        $page->script('document.querySelectorAll(".ladder .more").forEach((b) => b.innerText.startsWith("Only") || b.click())');
        $page->see('Only those round now');

        return $page->script('return [...document.querySelectorAll(".ladder [data-rung]")].map((b) => b.innerText)');
    };
    try {
        $page->signIn()->go(LEOFRIC)->see('Biggest step');
        $before = $rungs();
        pickGear($page->go('/kit'), 'Beam bar')->press('Retire')->see('Take back into use');
        $page->go(LEOFRIC)->see('Biggest step');
        $without = Wait::until(
            fn (): ?array => str_contains(implode(' ', $now = $rungs()), 'Beam bar') ? null : $now,
            'The bar is still on the ladder.',
        );
        expect($without)->not->toBe([]);
        pickGear($page->go('/kit'), 'Beam bar')->press('Take back into use')->dontSee('Take back into use');
        $page->go(LEOFRIC)->see('Biggest step');
        Wait::until(fn (): bool => $rungs() === $before, 'The ladder is not what it was.');
    } finally {
        $page->close();
    }
});

it('is worked with the keyboard alone: a rung opened, read, and closed again', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go(LEOFRIC)->see('Biggest step');
        $page->keyAt('.ladder [data-rung]', WebDriverKeys::ENTER);
        $page->see('How it came about')->type(WebDriverKeys::ESCAPE)->dontSee('How it came about');
        $unnamed = $page->script(
            'return [...document.querySelectorAll("main button, main a, main input")].filter((e) => !(e.innerText || e.getAttribute("aria-label") || e.labels?.length || e.closest("[aria-label]"))).map((e) => e.outerHTML.slice(0, 120))',
        );
        expect($unnamed)->toBe([]);
    } finally {
        $page->close();
    }
});

it('shows one lane at a time, and any of them, on a phone', function (): void {
    $page = Page::open(Instance::url(), 390, 844);
    $first = fn (): ?string => $page->script('return document.querySelector(".ladder [data-rung]")?.dataset.rung');
    try {
        $page->signIn()->go(LEOFRIC)->see('Biggest step');
        foreach (
            ['Row' => '/^row/', 'Pull-down' => '/^(band-)?pulldown/', 'Pull' => '/^(band:|foot|strict|counterweight|low-bar)/'] as $lane => $kind
        ) {
            $page->click(WebDriverBy::xpath("//*[@role='tab'][.='$lane']"), $lane);
            Wait::until(fn (): bool => preg_match($kind, (string) $first()) === 1, "The lane $lane is not shown.");
            expect($page->script('return document.querySelectorAll("[role=tab][aria-selected=true]").length'))->toBe(1);
        }
    } finally {
        $page->close();
    }
});

it('says so when the network is gone, and asks again when it is back', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go(LEOFRIC.'/setups')->see('How it came about');
        $page->offline(true);
        $page->press('Lowering')->see('No connection')->offline(false);
        $page->press('Try again')->see('Lowering, ');
        $page->go(LEOFRIC.'/setups')
            ->see('How it came about')
            ->press('Row')
            ->fill('Or: which heel mark for a carried share of', 'half')
            ->press('Find it')
            ->see('“half” is not a number.');
        $page->fill('Or: which heel mark for a carried share of', '99')->press('Find it')->see('No row of this gym gives 99 %');
        expect($page->valueOf('Or: which heel mark for a carried share of'))->toBe('99');
    } finally {
        $page->close();
    }
});
