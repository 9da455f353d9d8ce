<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

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

    public static function bar(string $id): self
    {
        return new self('bar_id', $id, 'This bar is not in the kit, or is retired.');
    }

    public static function band(string $id): self
    {
        return new self('band_ids', $id, 'This band is not in the kit, or is retired.');
    }
}
