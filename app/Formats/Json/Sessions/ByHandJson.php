<?php

declare(strict_types=1);

namespace App\Formats\Json\Sessions;

use OpenApi\Attributes as OA;
use SteadyRung\Plan\Context\LineChange;

/**
 * That a line was changed by hand.
 */
#[OA\Schema]
final readonly class ByHandJson
{
    private function __construct(
        #[OA\Property(description: 'From now on; else for the next session.')]
        public bool $lasts,
    ) {
    }

    public static function of(?LineChange $change): ?self
    {
        return $change === null ? null : new self($change->lasts);
    }
}
