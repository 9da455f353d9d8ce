<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

use SteadyRung\CoreError;

/**
 * A set names a station or gear that the class has not.
 */
final class UnknownPlace extends \DomainException implements CoreError
{
    public static function of(string $id, string $set): self
    {
        return new self("Set {$set} names “{$id}”, and there is no such station or gear here.");
    }

    public static function ofFact(string $set, string $athlete): self
    {
        return new self("Set {$set} is not the next of {$athlete}, so it cannot have begun.");
    }
}
