<?php

declare(strict_types=1);

namespace App\Responses\Log;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SetPageResponse
{
    /** @param  list<SetResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SetResponse::class))]
        public array $items,
        #[OA\Property(description: 'The next page, if there is one.')]
        public ?int $next_page,
    ) {
    }
}
