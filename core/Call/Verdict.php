<?php

declare(strict_types=1);

namespace SteadyRung\Call;

/** The verdicts in their order of precedence, the most urgent first: the one order for judge, lists and screens. */
enum Verdict: string
{
    case Refer = 'refer';
    case StepDown = 'step-down';
    case Climb = 'climb';
    case Stay = 'stay';

    /** Its place in the order, 0 for the most urgent. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
