<?php

declare(strict_types=1);

use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\SideView;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Feet\FootHelp;
use SteadyRung\Setup\Feet\Hop;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Stack\Counterweight;
use SteadyRung\Setup\Stack\PullDown;

/** @return list<Line> */
function parts(SideView $view, DrawnPart $part): array
{
    return array_values(array_filter($view->gear, fn (Line $line): bool => $line->part === $part));
}

/** @return array<string, float> */
function measures(SideView $view): array
{
    return array_column($view->dimensions, 'value', 'label');
}

it('draws a band from the bar to the foot or the knee, as long as it is stretched and as thick as it is wide', function (
    Attach $attach,
    float $barM,
): void {
    $body = athlete(70, 1.75, 2.1);
    $help = BandHelp::of($barM, $attach, [band(22, 0.97, 'a'), band(13, 0.97, 'b')]);
    $hang = $help->lengths($body);
    $view = $help->sideView($body);
    [$low, $beside, $high] = parts($view, DrawnPart::Band);
    $path = $hang->paths[0];

    expect($low->points[0]->distanceM($low->points[1]))->toEqualWithDelta($path->bottomM, 1e-12)
        ->and($high->points[0]->distanceM($high->points[1]))->toEqualWithDelta($path->topM, 1e-12)
        ->and($low->points[0]->yM)->toBe($barM)->and([$low->thicknessM, $beside->thicknessM])->toEqualWithDelta([0.022, 0.013], 1e-12)
        ->and(abs($low->points[0]->xM - $beside->points[0]->xM))->toBeGreaterThan(0.0175)
        ->and([$low->atTop, $high->atTop])->toBe([false, true])
        ->and(
            $attach === Attach::Foot
                ? measures($view)['foot … off the floor'] ?? measures($view)['box … to step in']
                : measures($view)['knee … off the floor'],
        )->toEqualWithDelta($barM - $path->bottomM, 1e-9);
    $joint = $attach === Attach::Foot ? $view->start->ankle->yM - 0.039 * 1.75 : $view->start->knee->yM;
    expect($joint)->toEqualWithDelta($low->points[1]->yM, 1e-9);
})->with([[Attach::Foot, 2.6], [Attach::Foot, 2.0], [Attach::Knee, 2.6]]);

it('bends the knees forward under a low bar and keeps them straight under a high one', function (): void {
    $low = BandHelp::of(1.9, Attach::Foot, [band()])->sideView(athlete(70, 1.75, 2.1))->start;
    $high = BandHelp::of(2.6, Attach::Foot, [band()])->sideView(athlete(70, 1.75, 2.1))->start;

    expect($low->knee->xM)->toBeGreaterThan($low->hip->xM + 0.1)->and($high->knee->xM)->toEqualWithDelta($high->hip->xM, 1e-3);
});

it('stands a hop on its box below the bar, and hangs foot help from it', function (): void {
    $body = athlete(70, 1.75, 2.1);
    $hop = Hop::of(2.6, 0.3, 0.25)->sideView($body);
    $foot = FootHelp::of(2.3, 0.3)->sideView($body);

    expect($hop->start->grip->yM)->toEqualWithDelta(2.4, 1e-9)->and($hop->finish->grip->yM)->toBe(2.6)
        ->and($foot->start->grip->yM)->toBe(2.3)->and($foot->start->knee->xM)->toBeGreaterThan(0.1)
        ->and(measures($foot)['bar below reach'])->toEqualWithDelta(0.1, 1e-9)
        ->and(measures($hop)['gap to reach'])->toEqualWithDelta(0.2, 1e-9);
});

it('raises the body by the pull distance from start to finish', function (Setup $setup): void {
    $body = athlete(70, 1.75, 2.1);
    $view = $setup->sideView($body);

    expect($view->finish->hip->yM - $view->start->hip->yM)->toEqualWithDelta($body->pullDistanceM(), 1e-9);
})->with(
    fn () => [
        [BandHelp::of(2.5, Attach::Foot, [band()])],
        [BandHelp::of(2.5, Attach::Knee, [band(44)])],
        [AddedWeight::of(10)],
        [Counterweight::of(20, 1.0)],
    ],
);

it('lays a row on one line from anchor through strap and arm to the shoulder', function (): void {
    $view = Row::of(2.5, 1.4, 0.3, 0.3)->sideView(athlete(70, 1.75, 2.1));
    $anchor = parts($view, DrawnPart::Bar)[0]->points[0];
    foreach ([$view->start] as $stick) {
        $straight = $anchor->distanceM($stick->grip) + $stick->grip->distanceM($stick->shoulder);
        expect($anchor->distanceM($stick->shoulder))->toEqualWithDelta($straight, 1e-9);
    }
    expect(parts($view, DrawnPart::Strap))->toHaveCount(2)->and(parts($view, DrawnPart::HeelMark)[0]->points[0]->xM)->toBe(0.3)
        ->and($view->start->head->xM)->toBeLessThan($view->start->hip->xM)
        ->and($view->finish->shoulder->yM)->toBeGreaterThan($view->start->shoulder->yM);
});

it('draws a low bar without straps', function (): void {
    $view = Row::of(1.0, 0.0, 0.85)->sideView(athlete(70, 1.75));

    expect(parts($view, DrawnPart::Strap))->toBe([])->and($view->start->grip->yM)->toBe(1.0)->and(measures($view))->not->toHaveKey('strap');
});

it('keeps everything inside its bounds', function (Setup $setup): void {
    $view = $setup->sideView(athlete(70, 1.75, 2.1));
    [$least, $most] = $view->bounds();
    $places = array_merge(
        $view->start->outline(),
        $view->finish?->outline() ?? [],
        ...array_map(fn (Line $l): array => $l->points, $view->gear),
    );
    foreach ($places as $place) {
        expect($place->xM)->toBeGreaterThanOrEqual($least->xM)->toBeLessThanOrEqual($most->xM)
            ->and($place->yM)->toBeGreaterThanOrEqual($least->yM)->toBeLessThanOrEqual($most->yM);
    }
})->with(
    fn () => [
        [BandHelp::of(2.5, Attach::Foot, [band()])],
        [Row::of(2.4, 1.5, 0.2)],
        [FootHelp::of(2.3, 0.3)],
        [PullDown::of(30)],
        [Counterweight::of(20, 1.0)],
    ],
);
