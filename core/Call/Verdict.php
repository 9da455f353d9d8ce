<?php

declare(strict_types=1);

namespace SteadyRung\Call;

/** The verdicts in their order of precedence, the most urgent first: the one order for judge, lists and screens. */
enum Verdict: string
{
    case Refer = 'refer';
    case Rest = 'rest';
    case StepDown = 'step-down';
    case SwitchTo = 'switch';
    case Climb = 'climb';
    case Test = 'test';
    case Stay = 'stay';

    public function word(): string
    {
        return ucfirst(str_replace('-', ' ', $this->value));
    }

    /** Its place in the order, 0 for the most urgent. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
