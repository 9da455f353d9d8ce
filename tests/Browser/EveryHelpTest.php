<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use SteadyRung\Body\Body;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Band\RubberLaw;
use SteadyRung\Kit\Bar;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Row\RowPath;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const KERENSA = '01900000-0000-7000-8000-000000000110';
const KERENSA_BODY = ['mass_kg' => 63.0, 'stature_m' => 1.70, 'reach_m' => 2.03];

/** @return array<string, mixed> a set-up of the gym as `bin/steady core` takes it */
function asCore(array $setup, array $kit): array
{
    $gear = array_column($kit['gear'], 'figures', 'id');
    $bands = array_column($kit['bands'], null, 'id');

    return match ($setup['kind']) {
        'band' => ['kind' => 'band', 'bar_height_m' => $gear[$setup['bar_id']]['height_m'], 'attach' => $setup['attach'], 'bands' => array_map(fn (string $id): array => [
            'id' => $id, 'attach' => $id === ($setup['knee_band_id'] ?? null) ? 'knee' : $setup['attach'], 'hung_length_m' => $bands[$id]['hung_length_m'], 'width_mm' => $bands[$id]['width_mm'], 'thickness_mm' => $bands[$id]['thickness_mm'],
            'points' => array_map(
                fn (array $p): array => ['length_m' => $p['length_m'], 'force_n' => $p['force_n']],
                $bands[$id]['points'],
            ),
        ], $setup['band_ids'])],
        'row' => [
            'kind' => 'row',
            'anchor_height_m' => isset($setup['ring_id'])
                ? $gear[$setup['ring_id']]['anchor_height_m']
                : $gear[$setup['bar_id']]['height_m'],
            'strap_m' => $setup['strap_m'] ?? 0,
            'heel_mark_m' => $setup['heel_mark_m'],
            'heel_height_m' => isset($setup['box_id']) ? $gear[$setup['box_id']]['height_m'] : 0,
            'heels' => $setup['heels'] ?? 'free',
        ],
        'foot' => [
            'kind' => 'foot',
            'bar_height_m' => $gear[$setup['bar_id']]['height_m'],
            'box_m' => isset($setup['box_id'])
                ? $gear[$setup['box_id']]['height_m']
                : array_sum(array_map(fn (string $id): float => $gear[$id]['thickness_m'], $setup['plate_ids'] ?? [])),
        ],
        'counterweight' => [
            'kind' => 'counterweight',
            'stack_kg' => $setup['stack_kg'],
            'leverage' => $gear[$setup['machine_id']]['leverage'],
        ],
        'added' => [
            'kind' => 'added',
            'added_kg' => array_sum(array_map(fn (string $id): float => $gear[$id]['mass_kg'], $setup['weight_ids'])),
        ],
        default => ['kind' => 'strict'],
    };
}

it('takes a coach from the tape measure to the printed card', function (): void {
    $tag = 'L';
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        // 1. The body: weigh, wrong and right; see the proportions with their source.
        $page->signIn()->go('/people/'.KERENSA.'/body')->see('Drillis & Contini 1966')->see('measured');
        $page->fill('Weighed today', '9')
            ->press('Note it')
            ->see('9 kg is outside 20–300 kg.')
            ->fill('Weighed today', '63')
            ->press('Note it')
            ->see('Mass: 63.0 kg');

        // 2. Kit: rings with a strap that hangs to the floor are refused; a band on the bench, measured off the scale.
        $page->go('/kit')
            ->press('Add a ring pair')
            ->fill('Name', "Hill rings $tag")
            ->fill('Height of the anchor', '250')
            ->fill('Strap marks, anchor to ring', '110, 245')
            ->press('Add ring pair')
            ->see('hangs to the floor');
        expect($page->valueOf('Strap marks, anchor to ring'))->toBe('110, 245');
        $page->fill('Strap marks, anchor to ring', '110, 150')->press('Add ring pair')->see("Hill rings $tag");
        $page->press('Add a band')
            ->fill('Name or shop tag', "Heron $tag")
            ->fill('Width', '32')
            ->fill('Thickness', '4.5')
            ->fill('Hung length', '100')
            ->see('Estimated, ±')
            ->see('at the foot');
        $page->press('Listen to the scale')->see('Simulated: pull to');
        foreach (['0.25' => 'One reading, ±', '0.7' => 'Measured, ±'] as $part => $sureness) {
            $page->slide('Pull to', (float) $part);
            $kg = RubberLaw::fromSize(1.0, 32, 4.5)->forceN(1.0 + 1.6 * (float) $part) / 9.80665;
            Wait::until(
                fn (): bool => abs((float) $page->script('return document.querySelector(".reading b").innerText') - $kg) < 0.03 * $kg
                    && str_contains($page->text(), 'Steady'),
                'The scale did not settle.',
            );
            $page->press('Keep this reading')->see($sureness);
        }
        $page->press('Add band')->see("Heron $tag")->press('Sound')->press('Note the inspection')->see('Looked at today; 0 sets since.');

        // 3, 4. Set-ups of every kind, and the questions turned round.
        $page->go('/people/'.KERENSA.'/setups')
            ->see('How it came about')
            ->press('Row')
            ->fill('Or: which heel mark for a carried share of', '55')
            ->press('Find it')
            ->click(WebDriverBy::cssSelector('.answers li:nth-child(2) button'))
            ->see('Carried, mean');
        Wait::until(fn (): bool => $page->valueOf('Heel mark') !== '0', 'No heel mark was found.');
        $page->see('55 %')->fill('Heel mark', '290')->see('Does not fit.')->see('Move the heels');
        $page->press('Foot help')
            ->choose('Bar', 'Beam bar')
            ->choose('Feet on', 'Mid box')
            ->see('Bounded, not measured')
            ->fill('Scale under the feet', '12')
            ->see('51.0 kg')
            ->fill('Scale under the feet', '');
        $page->fill('Or: which box or plates for a leg part of the travel of', '33')->press('Find it')->see('Leg part of the travel');
        $page->press('Band')->fill('Or: which band for', '6')->press('Find it');
        $page->click(WebDriverBy::cssSelector('.answers button'))->see('Mean help');
        $page->press('Hop')->choose('Feet on', 'Mid box');
        foreach (
            ['Hop' => 'A hop is never the same twice', 'Counterweight' => 'leverage', 'Added weight' => 'bodyweight + added weight', 'Pull-down' => 'does not transfer', 'Unassisted' => 'nothing taken off', 'Lowering' => 'Lowering, ', 'Hold' => 'Hang, '] as $kind => $words
        ) {
            $page->press($kind)->see($words);
        }
        expect($page->text())->not->toContain('up by the pull');
        $page->click(WebDriverBy::cssSelector('.manner summary'))->press('Under')->see(', under grip');

        // 5. The ladder, longer and shorter; put on the lowest of its rungs.
        $page->go('/people/'.KERENSA)->see('Biggest step')->see('of weight');
        $page->choose('Length of the ladder', '5 rungs at most');
        $five = count($page->fetched('athletes/'.KERENSA.'/ladder?lane=pull&most_rungs=5')['rungs']);
        Wait::until(
            fn (): bool => (int) $page->script('return Number(document.querySelector(".ladder .more").innerText.match(/\\d+/)[0])') < $five,
            'The ladder did not get shorter.',
        );
        $before = $page->fetched('athletes/'.KERENSA)['rung']['exercise'];
        $page->click(WebDriverBy::cssSelector('.ladder li.next button, .ladder li:first-child button'))
            ->see('How it came about')
            ->press('Put on this set-up')
            ->dontSee('How it came about');
        Wait::until(fn (): bool => $page->fetched('athletes/'.KERENSA)['rung']['exercise'] != $before, 'Nobody was put on the rung.');

        $page->click(WebDriverBy::cssSelector('.strip button:nth-child(2)'))
            ->see('Top hold, 20 s')
            ->fill('Seconds', '17')
            ->press('Log hang')
            ->see('Logged 17 s');

        // 6, 7. Its drawing on a card; the card of the set-up in use.
        $page->go('/people/'.KERENSA.'/card')->see('Kerensa Dobbs')->see('3 × 8')->see('Test the anchor before anyone hangs.');
        $page->go('/cards')->see('Kerensa Dobbs')->see('Merrin Stope')->press('Aldith Farrow');
        Wait::until(
            fn (): bool => ! $page->script('return document.querySelector("[aria-label=\\"Card of Aldith Farrow\\"]") !== null'),
            'Her card is still there.',
        );
        expect(array_filter($page->consoleErrors(), fn (string $line): bool => ! str_contains($line, 'status of 422')))->toBe([]);
    } finally {
        $page->close();
    }
});

it('shows on the ladder, the bench and the set-up page what the core answers from the command line', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/people/'.KERENSA)->see('Biggest step');
        $kit = $page->fetched('kit');
        $compared = [];
        foreach (['Pull' => 'pull', 'Row' => 'row'] as $tab => $lane) {
            $ladder = $page->fetched('athletes/'.KERENSA."/ladder?lane=$lane&most_rungs=8");
            $exercises = array_column([...array_column($ladder['rungs'], 'rung'), ...array_filter([$ladder['now']])], 'exercise', 'key');
            $page->click(WebDriverBy::xpath("//*[@role='tab'][.='$tab']"), $tab);
            Wait::until(
                fn (): bool => (bool) $page->script(
                    "return document.querySelector('[role=tab][aria-selected=true]').innerText === '$tab' && document.querySelector('.ladder [data-rung]') !== null",
                ),
                "The lane $tab is not shown.",
            );
            $page->script(
                'document.querySelectorAll(".ladder .more").forEach((b) => b.innerText.startsWith("Only") || b.click())',
            ); // a short ladder is whole
            $shown = Wait::until(
                fn (): array => $page->script(
                    'return [...document.querySelectorAll(".ladder li")].map((li) => [li.querySelector("button").dataset.rung, li.querySelector("button").dataset.share, li.querySelector(".share").innerText])',
                ),
                'No rungs.',
            );
            foreach (array_filter($shown, fn (array $s): bool => isset($exercises[$s[0]])) as [$key, $share, $percent]) {
                $answer = ask(
                    'carried',
                    ['body' => KERENSA_BODY, 'exercise' => ['setup' => asCore($exercises[$key]['setup'], $kit)] + $exercises[$key]],
                );
                expect((float) $share)->toEqualWithDelta($answer->share->mean, 1e-9)
                    ->and($percent)->toBe(round(100 * $answer->share->mean).' %');
                $compared[$exercises[$key]['setup']['kind']] = true;
            }
        }
        expect(array_keys($compared))->toContain('band')->toContain('row')->toContain('strict');

        $page->go('/kit')->see('at the knee')->choose('Athlete', 'Kerensa Dobbs')->choose('Bar', 'Beam bar');
        $wren = array_values(array_filter($kit['bands'], fn (array $b): bool => $b['name'] === 'Wren 13 mm'))[0];
        $beam = array_values(array_filter($kit['gear'], fn (array $g): bool => $g['name'] === 'Beam bar'))[0];
        foreach (['foot', 'knee'] as $attach) {
            $answer = ask(
                'carried',
                [
                    'body' => KERENSA_BODY,
                    'setup' => asCore(['kind' => 'band', 'bar_id' => $beam['id'], 'attach' => $attach, 'band_ids' => [$wren['id']]], $kit),
                ],
            );
            Wait::until(
                fn (): bool => $page->script(
                    "return document.querySelector('[data-help=$attach]')?.innerText",
                ) === number_format(63.0 - $answer->carried_kg->mean, 1).' kg',
                "The bench shows another help at the $attach.",
            );
        }
    } finally {
        $page->close();
    }
});

it('draws the band as long, the heels where and the body at the angle that is computed', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn();
        $kit = $page->fetched('kit');
        $gear = array_column($kit['gear'], null, 'name');
        $swift = array_column($kit['bands'], null, 'name')['Swift 22 mm'];
        $rings = $gear['North rings'];
        $body = Body::of(...array_values(KERENSA_BODY));
        $card = fn (array $setup) => $page->visit(
            '/people/'.KERENSA.'/card?exercise='.urlencode((string) json_encode(['setup' => $setup])),
        )->see('Print on A5');
        $read = 'const svg = document.querySelector(".side-view"), px = Number(svg.dataset.pxPerM), floor = Number(svg.dataset.floorPx);
            const points = (e) => e.getAttribute("points").split(" ").map((p) => p.split(",").map(Number)); ';

        $card(['kind' => 'band', 'bar_id' => $gear['Beam bar']['id'], 'attach' => 'foot', 'band_ids' => [$swift['id']]]);
        $drawn = $page->script($read
            .'const band = (g) => { const line = points(g.querySelector("polyline")), a = line[0], b = line.at(-1); return { length: (b[1] - a[1]) / px, width: Number(g.querySelector("polyline").getAttribute("stroke-width")) / px, bar: (floor - a[1]) / px }; };
            return [...document.querySelectorAll("[data-part=band]")].map(band)');
        $help = BandHelp::of(Bar::of('b', 'b', 2.38)->heightM, Attach::Foot, [LoopBand::of('s', 's', 0.97, 22, 4.5)]);
        [$path] = $help->lengths($body)->paths;
        expect($drawn[0]['length'])->toEqualWithDelta($path->bottomM, 1e-3)->and($drawn[1]['length'])->toEqualWithDelta($path->topM, 1e-3)
            ->and($drawn[0]['width'])->toEqualWithDelta(0.022, 1e-3)->and($drawn[0]['bar'])->toEqualWithDelta(2.38, 1e-3);

        $card(['kind' => 'row', 'ring_id' => $rings['id'], 'strap_m' => 1.4, 'heel_mark_m' => 0.15]);
        $drawn = $page->script($read.'const trunk = points(document.querySelector("[data-part=trunk]"));
            const mark = document.querySelector("[data-part=heel-mark] path").getAttribute("d").match(/L ([\d.]+) ([\d.]+)/);
            const strap = points(document.querySelector("[data-part=strap] polyline"));
            return { lean: Math.atan2(trunk[1][0] - trunk[0][0], trunk[1][1] - trunk[0][1]) * 180 / Math.PI, mark: (Number(mark[1]) - strap[0][0]) / px, strap: Math.hypot(strap[1][0] - strap[0][0], strap[1][1] - strap[0][1]) / px, anchor: (floor - strap[0][1]) / px, written: Number(document.querySelector("[data-dimension=lean]").dataset.value), text: document.querySelector("[data-dimension=lean] text").textContent }');
        $path = Row::of(2.45, 1.4, 0.15)->path($body);
        assert($path instanceof RowPath);
        expect($drawn['lean'])->toEqualWithDelta($path->at(0.0)->leanDeg(), 0.1)
            ->and($drawn['written'])->toEqualWithDelta($path->at(0.0)->leanDeg(), 1e-9)
            ->and($drawn['text'])->toBe(sprintf('lean %.0f°', $path->at(0.0)->leanDeg()))
            ->and($drawn['mark'])->toEqualWithDelta(0.15, 1e-3)
            ->and($drawn['strap'])->toEqualWithDelta(1.4, 1e-3)
            ->and($drawn['anchor'])->toEqualWithDelta(2.45, 1e-3);
    } finally {
        $page->close();
    }
});

it('prints a card on one page of A5, legibly, and a class several to a page of A4', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/people/'.KERENSA.'/card')->see('Print on A5');
        expect($page->printedPages())->toBe(1);
        expect($page->printedTypePt('.setup-card', 130))->toBeGreaterThanOrEqual(11);

        $page->go('/cards')->see('Merrin Stope')->see('carries');
        expect($page->printedTypePt('.setup-card', 94))->toBeGreaterThanOrEqual(11);
        $cards = (int) $page->script('return document.querySelectorAll(".setup-card").length');
        expect($cards)->toBeGreaterThan(10)->and($page->printedPages())->toBeLessThanOrEqual((int) ceil($cards / 4));
    } finally {
        $page->close();
    }
});

it('keeps the bench usable when the scale falls silent, repeats itself or jumps', function (): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()
            ->go('/kit')
            ->press('Add a band')
            ->fill('Name or shop tag', 'Bench')
            ->fill('Width', '29')
            ->fill('Thickness', '4.5')
            ->fill('Hung length', '100');
        $page->press('Listen to the scale')->see('Simulated: pull to');
        $page->slide('Pull to', 0.4);
        $page->see('Steady');
        $keep = fn (): bool => (bool) $page->script(
            'return [...document.querySelectorAll("button")].find((b) => b.innerText === "Keep this reading").disabled',
        );
        foreach (
            ['jumps' => 'Jumping: hold the band still', 'falls silent' => 'Silent: no reading', 'repeats itself' => 'Stuck: it repeats'] as $fault => $words
        ) {
            $page->choose('The scale', $fault)->see($words);
            expect($keep())->toBeTrue($fault);
            $page->choose('The scale', 'works')->see('Steady');
            Wait::until(fn (): bool => ! $keep(), 'The reading cannot be kept again.');
        }
        // Whatever the scale does, readings can be typed; one that cannot be right is named and can be rejected.
        foreach ([['130', '7'], ['180', '1.3'], ['230', '20']] as $i => [$cm, $kg]) {
            $n = $i + 1;
            $page->press('Add a reading')->fill("Length of point $n in cm", $cm)->fill("Force of point $n in kg", $kg);
        }
        $page->see('Point 2 at 180 cm')->press('Remove point 2')->see('Measured, ±')->dontSee('Take it again');
    } finally {
        $page->choose('The scale', 'works');
        $page->close();
    }
});
