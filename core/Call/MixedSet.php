<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Call\Situation\Situation;
use SteadyRung\Exercise\Rung;

/**
 * A set begun on the next rung and finished on the present one, where the step between them is too large.
 */
final readonly class MixedSet
{
    private const FIRST_REPS = 2;

    private function __construct(public int $firstReps, public Rung $first, public int $thenReps, public Rung $then)
    {
    }

    public static function over(Situation $situation): ?self
    {
        $steps = $situation->steps;

        return $steps->up !== null && $steps->isTooLarge() && ! $situation->signs->endsStage
            ? new self(self::FIRST_REPS, $steps->up, $situation->standard->count - self::FIRST_REPS, $situation->rung())
            : null;
    }
}
