<?php

declare(strict_types=1);

namespace App\Responses\Erase;

use OpenApi\Attributes as OA;

/**
 * Who was erased, without their names, the latest first.
 */
#[OA\Schema(schema: 'ErasureList')]
final readonly class ErasureListResponse
{
    /** @param  list<ErasureResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ErasureResponse::class))]
        public array $items,
    ) {
    }
}
