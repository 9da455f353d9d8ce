<?php

declare(strict_types=1);

namespace App\Responses\Audit;

use OpenApi\Attributes as OA;

/**
 * A page of what was done, the latest first.
 */
#[OA\Schema(schema: 'AuditPage')]
final readonly class AuditPageResponse
{
    /** @param  list<AuditEntryResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: AuditEntryResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
