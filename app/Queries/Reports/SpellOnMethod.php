<?php

declare(strict_types=1);

namespace App\Queries\Reports;

use App\Formats\Day;

/**
 * From when to when somebody trained by a method without a strict rep, and whether it ended with one.
 */
final readonly class SpellOnMethod
{
    public function __construct(
        public string $athleteId,
        public string $method,
        public string $from,
        public string $to,
        public bool $gotThere,
    ) {
    }

    public function days(): int
    {
        return Day::number($this->to) - Day::number($this->from);
    }
}
