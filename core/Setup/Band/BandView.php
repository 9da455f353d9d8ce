<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Setup\HangView;
use SteadyRung\Setup\Mount;

/**
 * Draws a band from the bar to the foot or the knee, at the hang and at the top, as thick as it is wide.
 */
final class BandView
{
    private const BETWEEN_M = 0.02;

    /** Where the box to step in from stands. */
    private const BOX_LEFT_M = -0.62;

    private const BOX_WIDE_M = 0.36;

    public static function of(float $barHeightM, BandHang $hang, Mount $mount, Body $body): SideView
    {
        $figure = new Figure($body);
        $bar = new Point(0.0, $barHeightM);
        $lowest = $hang->paths[0];
        foreach ($hang->paths as $path) {
            $lowest = $path->bottomM > $lowest->bottomM ? $path : $lowest;
        }
        $low = $bar->plus(0.0, -$lowest->bottomM);
        $high = $bar->plus(0.0, -$lowest->topM);
        [$start, $finish] = $lowest->attach === Attach::Foot
            ? [$figure->hanging($bar, $low->yM), $figure->atBar($bar, $high->yM)]
            : [$figure->kneeling($bar, $low->yM, 0.0), $figure->kneeling($bar, $high->yM, $body->pullDistanceM())];
        $lift = Dimension::length(
            $lowest->attach === Attach::Foot ? 'foot … off the floor' : 'knee … off the floor',
            new Point(0.5, 0.0),
            $low->plus(0.5, 0.0),
        );
        $box = Dimension::length('box … to step in', new Point(self::BOX_LEFT_M, 0.0), new Point(self::BOX_LEFT_M, $mount->boxM));

        return new SideView($start, $finish, [
            HangView::bar($bar),
            ...self::bands($bar, $hang, false),
            ...self::bands($bar, $hang, true),
            ...(
                $mount->boxM > 0.0 ? [Line::box(self::BOX_LEFT_M, self::BOX_LEFT_M + self::BOX_WIDE_M, $mount->boxM, DrawnPart::Step)] : []
            ),
        ], [
            HangView::barHeight($bar),
            Dimension::length('band at the hang', $bar->plus(0.5, 0.0), $low->plus(0.5, 0.0)),
            // Who hangs by the foot steps in from a box as high as the foot: one measurement says both.
            ...($mount->boxM > 0.0 ? [$box] : []),
            ...($mount->boxM > 0.0 && $lowest->attach === Attach::Foot ? [] : [$lift]),
        ]);
    }

    /** @return list<Line> each band a line of its own, side by side */
    private static function bands(Point $bar, BandHang $hang, bool $atTop): array
    {
        $wholeM = array_sum(array_map(
            static fn (BandPath $p): float => $p->band->widthMm / 1000.0 + self::BETWEEN_M,
            $hang->paths,
        )) - self::BETWEEN_M;
        $leftM = -$wholeM / 2.0;
        $lines = [];
        foreach ($hang->paths as $path) {
            $widthM = $path->band->widthMm / 1000.0;
            $top = $bar->plus($leftM + $widthM / 2.0, 0.0);
            $lines[] = new Line(DrawnPart::Band, [$top, $top->plus(0.0, -($atTop ? $path->topM : $path->bottomM))], $widthM, $atTop);
            $leftM += $widthM + self::BETWEEN_M;
        }

        return $lines;
    }
}
