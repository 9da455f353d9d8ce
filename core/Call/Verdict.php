<?php

declare(strict_types=1);

namespace SteadyRung\Call;

/** The verdicts, the most urgent first. */
enum Verdict: string
{
    case Refer = 'refer';
    case StepDown = 'step-down';
    case Climb = 'climb';
    case Stay = 'stay';
}
