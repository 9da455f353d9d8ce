<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CallPageResponse
{
    /** @param  list<CallResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: CallResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
