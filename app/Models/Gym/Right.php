<?php

declare(strict_types=1);

namespace App\Models\Gym;

/**
 * What somebody who works in a gym may do beside seeing it: the abilities of Laravel's Gate. Who has which stands in Role.
 */
enum Right: string
{
    /** What happens on the floor: sets, pain, soreness, who comes, weighings, gear out for a day. */
    case Log = 'log';
    /** Athletes, calls, sessions, set-ups, places in methods, classes, links to own pages. */
    case Coach = 'coach';
    /** The answers of screens, clearances, what is kept of one athlete. */
    case Health = 'health';
    case Kit = 'kit';
    /** Methods, house rules and caps. */
    case Rules = 'rules';
    /** Import, and export of the whole gym. */
    case Records = 'records';
    /** The gym's name, what athletes may tell, who works here. */
    case Gym = 'gym';
}
