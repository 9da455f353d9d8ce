<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Workout;

use SteadyRung\CoreError;

/**
 * What was typed is no task of pulls that could be split.
 */
final class UnreadableTask extends \DomainException implements CoreError
{
}
