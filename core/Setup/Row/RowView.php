<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Drawing\Stick;
use SteadyRung\Setup\HangView;

/**
 * Draws a row: anchor, straps, heel mark and the leaning body.
 */
final class RowView
{
    /** What stands against blocked heels. */
    private const BLOCK_M = 0.12;

    public static function of(RowPath $path, RowStand $stand, Heeling $heeling, Body $body): SideView
    {
        $start = $path->at(0.0);
        $finish = $path->at(1.0);
        $startStick = self::stick($start, $body, $stand, $heeling);
        $finishStick = self::stick($finish, $body, $stand, $heeling);
        $mark = new Point($stand->heelMarkM, 0.0);

        return new SideView($startStick, $finishStick, array_values(array_filter([
            HangView::bar($start->anchor),
            $stand->strapM > 0.0 ? new Line(DrawnPart::Strap, [$start->anchor, $startStick->grip], 0.01) : null,
            $stand->strapM > 0.0 ? new Line(DrawnPart::Strap, [$start->anchor, $finishStick->grip], 0.01, atTop: true) : null,
            $stand->heelHeightM > 0.0 ? Line::box($mark->xM - 0.15, $mark->xM + 0.3, $stand->heelHeightM) : null,
            $heeling->heels === Heels::Blocked
                ? new Line(
                    DrawnPart::Block,
                    [$mark->plus(0.04, $stand->heelHeightM), $mark->plus(0.04, $stand->heelHeightM + self::BLOCK_M)],
                    0.03,
                )
                : null,
            new Line(DrawnPart::HeelMark, [$mark]),
        ])), array_values(array_filter([
            Dimension::length($stand->strapM > 0.0 ? 'anchor' : 'bar', new Point(0.0, 0.0), $start->anchor),
            $stand->strapM > 0.0 ? Dimension::length('strap', $start->anchor, $startStick->grip) : null,
            new Dimension(
                $stand->heelMarkM >= 0.0 ? 'heels past the plumb line' : 'heels before the plumb line',
                new Point(0.0, 0.0),
                $mark,
                abs($stand->heelMarkM),
                'm',
            ),
            $stand->heelHeightM > 0.0
                ? Dimension::length('box under the heels', $mark->plus(0.3, 0.0), $mark->plus(0.3, $stand->heelHeightM))
                : null,
            new Dimension('lean', $start->heels, $start->shoulder(), $start->leanDeg(), '°'),
        ])));
    }

    private static function stick(RowPosition $position, Body $body, RowStand $stand, Heeling $heeling): Stick
    {
        $grip = $stand->strapM > 0.0 ? $position->anchor->towards($position->contact, $stand->strapM) : $position->anchor;
        $figure = new Figure($body);

        return $heeling->knees === Knees::Bent
            ? $figure->onBentKnees($position->heels, $position->shoulder(), $grip)
            : $figure->straight($position->heels, $position->shoulder(), $grip);
    }
}
