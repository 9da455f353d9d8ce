<?php

declare(strict_types=1);

namespace App\Formats\Inputs;

/**
 * A day that has come, in the last century too.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final class Birthday
{
    public const EARLIEST = '1900-01-01';
}
