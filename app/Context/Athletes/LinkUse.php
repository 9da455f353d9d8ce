<?php

declare(strict_types=1);

namespace App\Context\Athletes;

/**
 * What an address opens without an account; the seal of one opens no other.
 */
enum LinkUse: string
{
    case OwnPage = 'athlete link';
    case Sessions = 'calendar of an athlete';
    case Classes = 'calendar of a gym';
    case Script = 'script of a gym';
}
