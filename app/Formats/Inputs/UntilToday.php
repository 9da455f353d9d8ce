<?php

declare(strict_types=1);

namespace App\Formats\Inputs;

/**
 * A day that has come where the gym is.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final class UntilToday
{
}
