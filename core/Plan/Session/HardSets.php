<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Safety\Caps;

/**
 * Hard vertical sets, which the caps count by the week.
 */
final class HardSets
{
    private int $left;

    public function __construct(AthleteContext $context, private readonly Caps $caps)
    {
        $this->left = $caps->hardSetsAWeek - $context->diary->hardVerticalsThisWeek($context->today);
    }

    /**
     * @return array{Block|null, string|null} as much of a block as the week has room for, and what is said of the rest; a try and a test
     * count for nothing
     */
    public function within(Block $block): array
    {
        if (! self::isHard($block) || $block->purpose !== null) {
            return [$block, null];
        }
        $left = max(0, $this->left);
        $note = $block->sets > $left
            ? sprintf(
                '%s: %d of %d sets, for %d hard vertical sets a week are the cap.',
                $block->words(),
                $left,
                $block->sets,
                $this->caps->hardSetsAWeek,
            )
            : null;
        $written = match (true) {
            $note === null => $block,
            $left === 0 => null,
            default => $block->inSets($left),
        };
        $this->left -= $written->sets ?? 0;

        return [$written, $note];
    }

    public static function isHard(Block $block): bool
    {
        $rung = $block->rung();

        return $rung !== null && $block->part !== SessionPart::WarmUp && $rung->exercise->setup->kind()->lane() === Lane::Pull
            && ! $rung->exercise->style->isStraightArmed();
    }
}
