<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * Where somebody is signed in, the latest first.
 */
#[OA\Schema(schema: 'SessionList')]
final readonly class SessionListResponse
{
    /** @param  list<SignedInResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SignedInResponse::class))]
        public array $items,
    ) {
    }
}
