<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Search;

use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;

/**
 * The seconds that are asked of lowerings and holds (common practice).
 */
final class EverySeconds
{
    private const LOWERING_S = [3.0, 5.0, 8.0, 12.0];

    private const HANG_S = [15.0, 30.0, 40.0, 60.0];

    private const HOLD_S = [5.0, 10.0, 20.0, 30.0, 60.0];

    /**
     * What is timed on a set-up: hangs, lowerings and holds at the top, as far as it allows them.
     *
     * @return \Generator<int, Exercise>
     */
    public static function on(Choice $setup): \Generator
    {
        $movements = $setup->kind()->movements();
        if (in_array(Movement::Hold, $movements, true)) {
            yield from self::of(Exercise::of($setup, Movement::Hold, HoldAt::Hang, self::HANG_S[0]));
        }
        if (in_array(Movement::Lowering, $movements, true)) {
            yield from self::of(Exercise::of($setup, Movement::Lowering, seconds: self::LOWERING_S[0]));
        }
        if (in_array(Movement::Hold, $movements, true)) {
            yield from self::of(Exercise::of($setup, Movement::Hold, HoldAt::Top, self::HOLD_S[0]));
        }
    }

    /**
     * The same for other seconds.
     *
     * @return \Generator<int, Exercise>
     */
    public static function of(Exercise $exercise): \Generator
    {
        $all = match (true) {
            $exercise->style->movement === Movement::Lowering => self::LOWERING_S,
            $exercise->style->at?->isGrip() === true => self::HANG_S,
            default => self::HOLD_S,
        };
        foreach ($all as $seconds) {
            yield $exercise->lasting($seconds);
        }
    }
}
