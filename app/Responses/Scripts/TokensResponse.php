<?php

declare(strict_types=1);

namespace App\Responses\Scripts;

use OpenApi\Attributes as OA;

/**
 * The scripts that were let in.
 */
#[OA\Schema(schema: 'Tokens')]
final readonly class TokensResponse
{
    /** @param  list<TokenResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: TokenResponse::class))]
        public array $items,
    ) {
    }
}
