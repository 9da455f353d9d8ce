<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Part;
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

    public static function of(Row $row, Body $body): SideView
    {
        $path = $row->path($body);
        assert($path instanceof RowPath);
        $start = $path->at(0.0);
        $finish = $path->at(1.0);
        $startStick = self::stick($start, $body, $row);
        $finishStick = self::stick($finish, $body, $row);
        $mark = new Point($row->heelMarkM, 0.0);

        return new SideView($startStick, $finishStick, array_values(array_filter([
            HangView::bar($start->anchor),
            $row->strapM > 0.0 ? new Line(Part::Strap, [$start->anchor, $startStick->grip], 0.01) : null,
            $row->strapM > 0.0 ? new Line(Part::Strap, [$start->anchor, $finishStick->grip], 0.01, atTop: true) : null,
            $row->heelHeightM > 0.0 ? Line::box($mark->xM - 0.15, $mark->xM + 0.3, $row->heelHeightM) : null,
            $row->heeling->heels === Heels::Blocked ? new Line(Part::Block, [$mark->plus(0.04, $row->heelHeightM), $mark->plus(0.04, $row->heelHeightM + self::BLOCK_M)], 0.03) : null,
            new Line(Part::HeelMark, [$mark]),
        ])), array_values(array_filter([
            Dimension::length($row->strapM > 0.0 ? 'anchor' : 'bar', new Point(0.0, 0.0), $start->anchor),
            $row->strapM > 0.0 ? Dimension::length('strap', $start->anchor, $startStick->grip) : null,
            new Dimension($row->heelMarkM >= 0.0 ? 'heels past the plumb line' : 'heels before the plumb line', new Point(0.0, 0.0), $mark, abs($row->heelMarkM), 'm'),
            $row->heelHeightM > 0.0 ? Dimension::length('box under the heels', $mark->plus(0.3, 0.0), $mark->plus(0.3, $row->heelHeightM)) : null,
            new Dimension('lean', $start->heels, $start->shoulder(), $start->leanDeg(), '°'),
        ])));
    }

    private static function stick(RowPosition $position, Body $body, Row $row): Stick
    {
        $grip = $row->strapM > 0.0 ? $position->anchor->towards($position->contact, $row->strapM) : $position->anchor;
        $figure = new Figure($body);

        return $row->heeling->knees === Knees::Bent
            ? $figure->onBentKnees($position->heels, $position->shoulder(), $grip)
            : $figure->straight($position->heels, $position->shoulder(), $grip);
    }
}
