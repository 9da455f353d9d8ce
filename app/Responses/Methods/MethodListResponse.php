<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class MethodListResponse
{
    /** @param  list<MethodStripResponse>  $methods */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: MethodStripResponse::class))]
        public array $methods,
    ) {
    }
}
