<?php

declare(strict_types=1);

use SteadyRung\Body\Figure;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\Stick;

/** @return array<string, float> lengths of the limbs of a figure, as parts of stature */
function limbs(Stick $stick, float $statureM): array
{
    return array_map(fn (float $m): float => $m / $statureM, [
        'trunk' => $stick->hip->distanceM($stick->shoulder),
        'thigh' => $stick->hip->distanceM($stick->knee),
        'shank' => $stick->knee->distanceM($stick->ankle),
        'upper arm' => $stick->shoulder->distanceM($stick->elbow),
    ]);
}

it('keeps its limbs as long as the proportions say, hanging, pulled up, with bent knees, kneeling or leaning', function (
    string $pose,
): void {
    $body = athlete(70, 1.8, 2.2);
    $figure = new Figure($body);
    $bar = new Point(0.0, 2.6);
    $shoulder = new Point(-1.1, sqrt((0.818 * 1.8) ** 2 - 1.1 ** 2));
    $stick = match ($pose) {
        'hang' => $figure->hanging($bar, 0.4),
        'bent' => $figure->hanging(new Point(0.0, 2.0), 0.05),
        'top' => $figure->atBar($bar, 0.4 + $body->pullDistanceM()),
        'kneel' => $figure->kneeling($bar, 2.6 - (2.2 - 0.285 * 1.8), 0.0),
        default => $figure->straight(new Point(0.0, 0.0), $shoulder, new Point(-0.6, 1.4)),
    };
    $limbs = limbs($stick, 1.8);

    expect($limbs['trunk'])->toEqualWithDelta(0.818 - 0.530, 1e-9)
        ->and($limbs['thigh'])->toEqualWithDelta(0.530 - 0.285, 1e-6)
        ->and($limbs['shank'])->toEqualWithDelta(0.285 - 0.039, 1e-6)
        ->and($limbs['upper arm'])->toEqualWithDelta(0.186, 1e-9);
})->with(['hang', 'bent', 'top', 'kneel', 'lean']);

it('hangs by the hands with the arms overhead, and comes to the bar with the chin', function (): void {
    $body = athlete(70, 1.8, 2.2);
    $hang = (new Figure($body))->hanging(new Point(0.0, 2.6), 0.4);
    $top = (new Figure($body))->atBar(new Point(0.0, 2.6), 0.4 + $body->pullDistanceM());

    expect($hang->grip->distanceM($hang->shoulder))->toEqualWithDelta($body->armM(), 1e-9)
        ->and($top->shoulder->yM - $hang->shoulder->yM)->toEqualWithDelta($body->pullDistanceM(), 1e-9)
        ->and($top->elbow->yM)->toBeLessThan($top->shoulder->yM);
});
