<?php

declare(strict_types=1);

namespace App\Models\Scripts;

/**
 * Why an address did not answer. The values are permanent.
 */
enum HookFault: string
{
    case NotReached = 'not-reached';
    case NotPublic = 'not-public';
}
