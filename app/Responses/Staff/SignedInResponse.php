<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * A browser in which somebody is signed in.
 */
#[OA\Schema(schema: 'SignedIn')]
final readonly class SignedInResponse
{
    public function __construct(
        #[OA\Property(description: 'What it is ended by.')]
        public string $id,
        #[OA\Property(description: 'What the browser calls itself.')]
        public ?string $agent,
        #[OA\Property(description: 'When it was signed in.', format: 'date-time')]
        public string $began_at,
        #[OA\Property(description: 'When it was last heard of, to a minute.', format: 'date-time')]
        public string $seen_at,
        #[OA\Property(description: 'Whether it is the one that asks.')]
        public bool $here,
    ) {
    }
}
