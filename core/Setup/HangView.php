<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;

/**
 * Draws a body hanging from a bar and with the chin at it.
 */
final class HangView
{
    private const BAR_THICKNESS_M = 0.03;

    /** Clear of the floor where the height of the bar is not known. */
    private const CLEAR_M = 0.15;

    private const RULE_X_M = -0.75;

    public static function bar(Point $at): Line
    {
        return new Line(DrawnPart::Bar, [$at], self::BAR_THICKNESS_M);
    }

    public static function barHeight(Point $bar): Dimension
    {
        return Dimension::length('bar', new Point(self::RULE_X_M, 0.0), new Point(self::RULE_X_M, $bar->yM));
    }

    /**
     * @param  list<Line>  $gear
     * @param  list<Dimension>  $dimensions
     */
    public static function of(Body $body, ?float $barHeightM = null, array $gear = [], array $dimensions = []): SideView
    {
        $bar = new Point(0.0, $barHeightM ?? $body->reachM + self::CLEAR_M);
        $figure = new Figure($body);
        $soleM = $bar->yM - $body->reachM;

        return new SideView(
            $figure->hanging($bar, max(0.0, $soleM)),
            $figure->atBar($bar, max(0.0, $soleM + $body->pullDistanceM())),
            [self::bar($bar), ...$gear],
            [
                ...($barHeightM === null ? [] : [self::barHeight($bar)]),
                Dimension::length(
                    "pull to the {$body->top->value}",
                    new Point(0.45, $bar->yM - $body->pullDistanceM()),
                    new Point(0.45, $bar->yM),
                ),
                ...$dimensions,
            ],
        );
    }
}
