<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\Kit\Band\LoopBand;

/**
 * Sizes in which gear is usually sold and hung, to begin a kit with.
 */
final readonly class UsualGear
{
    /**
     * Heights of bars and boxes (m): a bar that most hang from with straight legs or bent knees; boxes as they stand in gyms.
     * Source: common practice.
     */
    public const BARS_M = [2.2, 2.3, 2.4, 2.5];

    public const BOXES_M = [0.3, 0.45, 0.6];

    /** Widths of loop bands (mm), all of one thickness (mm) and one length round. Source: common practice. */
    private const WIDTHS_MM = [13.0, 22.0, 32.0, 44.0, 64.0];

    private const THICKNESS_MM = 4.5;

    private const LOOP_M = 1.04;

    /** What a bar of usual thickness takes of it where the band is hitched. Source: common practice, 3–5 cm. */
    private const HITCH_M = 0.04;

    /** @return list<LoopBand> the thinnest first, as they hang from a bar; measured by nobody */
    public static function bands(): array
    {
        return array_map(
            static fn (float $mm): LoopBand => LoopBand::of("usual $mm", "$mm mm", self::LOOP_M - self::HITCH_M, $mm, self::THICKNESS_MM),
            self::WIDTHS_MM,
        );
    }
}
