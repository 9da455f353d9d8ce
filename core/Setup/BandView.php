<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Part;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Kit\LoopBand;

/**
 * Draws a band from the bar to the foot or the knee, at the hang and at the top, as thick as it is wide.
 */
final class BandView
{
    public static function of(BandHelp $help, Body $body): SideView
    {
        $hang = BandHang::lengths($help, $body);
        $figure = new Figure($body);
        $bar = new Point(0.0, $help->barHeightM);
        $low = $bar->plus(0.0, -$hang->bottomM);
        $high = $bar->plus(0.0, -$hang->topM);
        [$start, $finish] = $help->attach === Attach::Foot
            ? [$figure->hanging($bar, $low->yM), $figure->atBar($bar, $high->yM)]
            : [$figure->kneeling($bar, $low->yM, 0.0), $figure->kneeling($bar, $high->yM, $body->pullDistanceM())];
        $widthM = array_sum(array_map(static fn (LoopBand $b): float => $b->widthMm, $help->bands)) / 1000.0;

        return new SideView($start, $finish, [
            HangView::bar($bar),
            new Line(Part::Band, [$bar, $low], $widthM),
            new Line(Part::Band, [$bar, $high], $widthM, atTop: true),
        ], [
            HangView::barHeight($bar),
            Dimension::length('band, hang', $bar->plus(0.5, 0.0), $low->plus(0.5, 0.0)),
            Dimension::length('band, top', $bar->plus(0.8, 0.0), $high->plus(0.8, 0.0)),
            Dimension::length('clear', new Point(0.5, 0.0), $low->plus(0.5, 0.0)),
        ]);
    }
}
