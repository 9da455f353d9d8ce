<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Measure;
use SteadyRung\Strength\RepPrediction;

/**
 * What is offered after a set that fell far short: the same movement with more help, of what the sheet of the day has beside it. A step down
 * for good looks farther, and goes by what is felt (Pick).
 */
final readonly class MoreHelp
{
    /** Of the fewest reps asked; the part at which a session counts as failed, here for one set (memory). */
    private const SHORT_PART = 0.6;

    /** Fewer clean reps than this are short; none where reps of one set are not asked. */
    public static function shortBelow(Block $block): ?int
    {
        return $block->amount->measure === Measure::Reps ? (int) ceil(self::SHORT_PART * $block->amount->low) : null;
    }

    /**
     * The hardest of those that carry less of the body and are likely to give the reps asked; else the next that carries less.
     *
     * @param  list<array{Rung, RepPrediction|null}>  $others  what could be done instead, and what is likely on it
     */
    public static function after(Block $block, array $others): ?Rung
    {
        $now = $block->rung();
        if ($now === null || self::shortBelow($block) === null) {
            return null;
        }
        $easier = array_filter(
            $others,
            static fn (array $other): bool => $other[0]->share() < $now->share()
                && $other[0]->lane() === $now->lane() && $other[0]->exercise->style->movement === $now->exercise->style->movement,
        );
        $likely = array_filter(
            $easier,
            static fn (array $o): bool => ($o[1]?->chanceOf((float) $block->amount->low) ?? 0.0) >= Pick::LIKELY_AGAIN,
        );

        return self::hardest(array_column($likely === [] ? $easier : $likely, 0));
    }

    /** @param  array<Rung>  $rungs */
    private static function hardest(array $rungs): ?Rung
    {
        usort($rungs, static fn (Rung $a, Rung $b): int => $b->share() <=> $a->share());

        return $rungs[0] ?? null;
    }
}
