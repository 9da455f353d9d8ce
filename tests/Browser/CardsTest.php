<?php

declare(strict_types=1);

use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

/** @return array<string, array<string, mixed>> an exercise of every kind, of the demo's gear */
function demoExercises(array $kit): array
{
    $gear = array_column($kit['gear'], 'id', 'name');
    $bands = array_column($kit['bands'], 'id', 'name');

    return [
        'strict' => ['setup' => ['kind' => 'strict']],
        'band under the foot' => [
            'setup' => ['kind' => 'band', 'bar_id' => $gear['Crane bar'], 'attach' => 'foot', 'band_ids' => [$bands['Rook 32 mm']]],
        ],
        'two bands under the knee' => [
            'setup' => [
                'kind' => 'band',
                'bar_id' => $gear['Beam bar'],
                'attach' => 'knee',
                'band_ids' => [$bands['Wren 13 mm'], $bands['Heron 44 mm']],
            ],
        ],
        'row, upright' => ['setup' => ['kind' => 'row', 'ring_id' => $gear['North rings'], 'strap_m' => 1.4, 'heel_mark_m' => -0.6]],
        'row, heels on a box' => [
            'setup' => [
                'kind' => 'row',
                'ring_id' => $gear['Long rings'],
                'strap_m' => 2.2,
                'heel_mark_m' => 0.3,
                'box_id' => $gear['High box'],
            ],
        ],
        'row on a low bar' => ['setup' => ['kind' => 'row', 'bar_id' => $gear['Rack bar'], 'heel_mark_m' => 0.7]],
        'foot help' => ['setup' => ['kind' => 'foot', 'bar_id' => $gear['Beam bar'], 'box_id' => $gear['Mid box'], 'grade' => 'toes']],
        'hop' => ['setup' => ['kind' => 'hop', 'bar_id' => $gear['Beam bar'], 'plate_ids' => [$gear['Block plate']], 'hop_m' => 0.25]],
        'counterweight' => ['setup' => ['kind' => 'counterweight', 'machine_id' => $gear['Miller’s hoist'], 'stack_kg' => 20]],
        'added weight' => ['setup' => ['kind' => 'added', 'weight_ids' => [$gear['Disc 5 kg']]]],
        'pull-down' => ['setup' => ['kind' => 'pulldown', 'machine_id' => $gear['Cable column'], 'stack_kg' => 30]],
        'lowering' => ['setup' => ['kind' => 'strict'], 'movement' => 'lowering', 'seconds' => 5],
        'hold' => ['setup' => ['kind' => 'strict'], 'movement' => 'hold', 'at' => 'top', 'seconds' => 20],
        'split bands, upper half, under' => [
            'setup' => [
                'kind' => 'band',
                'bar_id' => $gear['Beam bar'],
                'attach' => 'foot',
                'band_ids' => [$bands['Wren 13 mm'], $bands['Heron 44 mm']],
                'knee_band_id' => $bands['Wren 13 mm'],
            ],
            'movement' => 'upper-half',
            'grip' => 'under',
        ],
        'legs in front' => ['setup' => ['kind' => 'low-bar', 'bar_id' => $gear['Rack bar']]],
        'row, knees bent, heels blocked' => [
            'setup' => ['kind' => 'row', 'bar_id' => $gear['Rack bar'], 'heel_mark_m' => 0.4, 'heels' => 'blocked', 'knees' => 'bent'],
        ],
        'band pull-down' => [
            'setup' => [
                'kind' => 'band-pulldown',
                'bar_id' => $gear['Sluice bar'],
                'band_ids' => [$bands['Rook 32 mm']],
                'stance' => 'kneeling',
            ],
        ],
    ];
}

/** Words of the drawing that stick out of it, or lie on one another. */
const WORDS_IN_TROUBLE = <<<'JS'
    const svg = document.querySelector('.side-view'), sheet = svg.getBoundingClientRect();
    const words = [...svg.querySelectorAll('text')].map((t) => ({ text: t.textContent, box: t.getBoundingClientRect() }));
    const out = words.filter(({ box }) => box.left < sheet.left - 1 || box.right > sheet.right + 1 || box.top < sheet.top - 1 || box.bottom > sheet.bottom + 1).map((w) => w.text + ' sticks out');
    const over = words.flatMap((a, i) => words.slice(i + 1).filter((b) => {
        const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left), high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
        return wide > 3 && high > 3;
    }).map((b) => a.text + ' lies on ' + b.text));
    return [...out, ...over];
    JS;

it('draws every kind of help for small and tall so that every word can be read, and prints it on one page of A5', function (
    string $athlete,
): void {
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn();
        $kit = $page->fetched('kit');
        foreach (demoExercises($kit) as $name => $exercise) {
            $page->visit("/people/$athlete/card?exercise=".urlencode((string) json_encode($exercise)))->see('Print on A5');
            if ($page->script('return document.querySelector(".side-view") === null')) {
                continue; // it does not fit this body, and the card says why
            }
            expect($page->script(WORDS_IN_TROUBLE))->toBe([], $name)
                ->and($page->printedPages())->toBe(1, $name);
        }
    } finally {
        $page->close();
    }
})->with(['Merrin, 1.57 m' => ['01900000-0000-7000-8000-000000000112'], 'Leofric, 1.88 m' => ['01900000-0000-7000-8000-000000000111']]);
