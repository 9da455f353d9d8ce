<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CallPageResponse
{
    /** @param  list<KeptCallResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: KeptCallResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
