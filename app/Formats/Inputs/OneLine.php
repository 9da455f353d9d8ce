<?php

declare(strict_types=1);

namespace App\Formats\Inputs;

/**
 * Text on one line with something to be seen in it, as a name is.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final class OneLine
{
}
