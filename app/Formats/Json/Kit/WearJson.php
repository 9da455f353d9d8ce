<?php

declare(strict_types=1);

namespace App\Formats\Json\Kit;

use OpenApi\Attributes as OA;

/**
 * How long ago a band was looked at, how often it was used since, and whether it is due.
 */
#[OA\Schema]
final readonly class WearJson
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public ?string $inspected_on,
        #[OA\Property(description: 'Sets since the last inspection.')]
        public int $uses_since,
        #[OA\Property]
        public bool $due,
        #[OA\Property]
        public string $text,
    ) {
    }
}
