<?php

declare(strict_types=1);

namespace SteadyRung\Safety\Consent;

/**
 * What a gym asks before it keeps answers about somebody's health. Pain is taken down in any case: it pauses the pulling.
 */
enum ConsentRule: string
{
    case NotAsked = 'not-asked';
    case Asked = 'asked';
    case Required = 'required';
}
