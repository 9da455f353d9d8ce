<?php

declare(strict_types=1);

namespace SteadyRung\Safety\Consent;

/**
 * Who agreed.
 */
enum ConsentGiver: string
{
    case Athlete = 'athlete';
    case Guardian = 'guardian';
}
