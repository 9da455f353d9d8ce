<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ComparedListResponse
{
    /** @param  list<ComparedResponse>  $athletes */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ComparedResponse::class))]
        public array $athletes,
    ) {
    }
}
