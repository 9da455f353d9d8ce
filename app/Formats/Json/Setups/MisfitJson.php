<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use SteadyRung\Setup\DoesNotFit;

/**
 * A set-up that does not fit, and why.
 */
final readonly class MisfitJson
{
    public function __construct(public bool $fits, public string $code, public string $reason)
    {
    }

    public static function of(DoesNotFit $no): self
    {
        return new self(false, $no->misfit->value, $no->reason);
    }
}
