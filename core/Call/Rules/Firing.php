<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

/**
 * How far a rule is met.
 */
enum Firing: string
{
    case Fires = 'fires';
    case Nearly = 'nearly';
    case Silent = 'silent';
}
