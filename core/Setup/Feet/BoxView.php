<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Feet;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Setup\HangView;

/**
 * Draws a bar with a box under it.
 */
final class BoxView
{
    private const BOX_LEFT_M = -0.25;

    private const BOX_RIGHT_M = 0.35;

    public static function of(BoxReach $reach, Body $body, float $hopM): SideView
    {
        $figure = new Figure($body);
        $bar = new Point(0.0, $reach->barHeightM);
        $gapM = $reach->gapM($body);
        $standing = $figure->hanging(new Point(0.0, $reach->boxM + $body->reachM), $reach->boxM);
        $start = $gapM > 0.0 && $hopM > 0.0
            ? $standing
            : $figure->hanging($bar, $gapM > 0.0 ? $reach->barHeightM - $body->reachM : $reach->boxM);
        $finish = $figure->atBar($bar, max($reach->boxM, $reach->barHeightM - $body->reachM + $body->pullDistanceM()));
        $top = new Point(self::BOX_RIGHT_M, $reach->boxM);
        $box = $reach->boxM > 0.0 ? [Line::box(self::BOX_LEFT_M, self::BOX_RIGHT_M, $reach->boxM)] : [];

        return new SideView($start, $finish, [HangView::bar($bar), ...$box], array_values(array_filter([
            HangView::barHeight($bar),
            $reach->boxM > 0.0 ? Dimension::length('box', new Point(self::BOX_RIGHT_M, 0.0), $top) : null,
            new Dimension(
                $gapM >= 0.0 ? 'gap to reach' : 'bar below reach',
                new Point(-0.4, $reach->boxM + $body->reachM),
                new Point(-0.4, $reach->barHeightM),
                abs($gapM),
                'm',
            ),
        ])));
    }
}
