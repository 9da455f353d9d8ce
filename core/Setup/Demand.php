<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

/**
 * What a set-up asks of the pull itself, relative to a strict one: the effective share, from which reps are predicted, and its
 * shape, how much more it asks at the top than at the bottom.
 */
final readonly class Demand
{
    /** The part of bodyweight a pull lifts; hands and forearms stay (from the segment table). */
    public const LIFTED = 0.934;

    /** Less than this nobody could tell from nothing. */
    private const LEAST = 0.01;

    private function __construct(public float $share, public float $shape)
    {
    }

    /**
     * Of a pull whose help takes the place of the weight lifted: at each height (q·m·g − η·help)/(q·m·g), q = 0.934, here for
     * the mean, the bottom and the top of the way up.
     *
     * @param  float  $efficiency  η, the part of the help that is felt on the way up
     */
    public static function ofPull(float $weightN, float $bottomN, float $meanN, float $topN, float $efficiency = 1.0): self
    {
        $part = $efficiency / (self::LIFTED * $weightN);

        return new self(max(self::LEAST, 1.0 - $part * ($weightN - $meanN)), $part * ($topN - $bottomN));
    }

    /** As it was computed once. */
    public static function kept(float $share, float $shape): self
    {
        return new self($share, $shape);
    }

    /** Where what is carried is what is felt: rows and pull-downs. */
    public static function asCarried(float $weightN, float $bottomN, float $meanN, float $topN): self
    {
        return new self($meanN / $weightN, ($topN - $bottomN) / $weightN);
    }
}
