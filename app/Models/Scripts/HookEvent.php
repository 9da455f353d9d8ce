<?php

declare(strict_types=1);

namespace App\Models\Scripts;

/**
 * What a gym's own programs are told of. They are told ids alone, and ask the API for what they may see. The values are permanent.
 */
enum HookEvent: string
{
    case SetLogged = 'set.logged';
    case SetWithdrawn = 'set.withdrawn';
    case CallMade = 'call.made';
    case CallDecided = 'call.decided';
    case AthleteAdded = 'athlete.added';
    /** Sent on asking, to see whether anything arrives. */
    case Tried = 'webhook.tried';
}
