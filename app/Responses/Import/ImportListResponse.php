<?php

declare(strict_types=1);

namespace App\Responses\Import;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportList')]
final readonly class ImportListResponse
{
    /** @param  list<ImportResponse>  $items */
    public function __construct(
        #[OA\Property(description: 'The latest, newest first.', items: new OA\Items(ref: ImportResponse::class))]
        public array $items,
    ) {
    }
}
