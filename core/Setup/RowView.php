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
use SteadyRung\Drawing\Stick;

/**
 * Draws a row: anchor, straps, heel mark and the leaning body.
 */
final class RowView
{
    public static function of(Row $row, Body $body): SideView
    {
        $path = RowPath::of($row, $body);
        assert($path instanceof RowPath);
        $start = $path->at(0.0);
        $finish = $path->at(1.0);
        $startStick = self::stick($start, $body, $row->strapM);
        $finishStick = self::stick($finish, $body, $row->strapM);
        $mark = new Point($row->heelMarkM, 0.0);

        return new SideView($startStick, $finishStick, array_values(array_filter([
            HangView::bar($start->anchor),
            $row->strapM > 0.0 ? new Line(Part::Strap, [$start->anchor, $startStick->grip], 0.01) : null,
            $row->strapM > 0.0 ? new Line(Part::Strap, [$start->anchor, $finishStick->grip], 0.01, atTop: true) : null,
            $row->heelHeightM > 0.0 ? Line::box($mark->xM - 0.15, $mark->xM + 0.3, $row->heelHeightM) : null,
            new Line(Part::HeelMark, [$mark]),
        ])), array_values(array_filter([
            Dimension::length('anchor', new Point(0.0, 0.0), $start->anchor),
            $row->strapM > 0.0 ? Dimension::length('strap', $start->anchor, $startStick->grip) : null,
            new Dimension($row->heelMarkM >= 0.0 ? 'heels past the plumb line' : 'heels before the plumb line', new Point(0.0, 0.0), $mark, abs($row->heelMarkM), 'm'),
            $row->heelHeightM > 0.0 ? Dimension::length('box', $mark->plus(0.3, 0.0), $mark->plus(0.3, $row->heelHeightM)) : null,
            new Dimension('lean', $start->heels, $start->shoulder(), $start->leanDeg(), '°'),
        ])));
    }

    private static function stick(RowPosition $position, Body $body, float $strapM): Stick
    {
        $grip = $strapM > 0.0 ? $position->anchor->towards($position->contact, $strapM) : $position->anchor;

        return (new Figure($body))->straight($position->heels, $position->shoulder(), $grip);
    }
}
