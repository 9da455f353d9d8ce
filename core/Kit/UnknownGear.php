<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\CoreError;

/**
 * A choice names gear that is not in the kit.
 */
final class UnknownGear extends \DomainException implements CoreError
{
    private function __construct(public readonly string $field, public readonly string $gearId, string $message)
    {
        parent::__construct($message);
    }

    /** Gear of this noun ("bar"), looked for because of this field ("bar_id"). */
    public static function named(string $noun, string $field, string $id): self
    {
        return new self($field, $id, "This $noun is not in the kit, or is retired.");
    }
}
