<?php

declare(strict_types=1);

namespace App\Responses\Audit;

use OpenApi\Attributes as OA;

/**
 * A figure or a choice that was changed, from what to what.
 */
#[OA\Schema(schema: 'Changed')]
final readonly class ChangedResponse
{
    public function __construct(
        #[OA\Property(description: 'As it is called in the API; a figure ends with its unit.')]
        public string $what,
        #[OA\Property]
        public ?string $from,
        #[OA\Property]
        public ?string $to,
    ) {
    }
}
