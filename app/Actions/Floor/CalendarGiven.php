<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use OpenApi\Attributes as OA;

/**
 * A new address for the classes' calendar; the one before ends.
 */
#[OA\Schema(schema: 'CalendarInput')]
final readonly class CalendarGiven
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
    ) {
    }
}
