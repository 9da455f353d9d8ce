<?php

declare(strict_types=1);

namespace App\Responses\Scripts;

use OpenApi\Attributes as OA;

/**
 * A page of what an address was told, the latest first.
 */
#[OA\Schema(schema: 'Deliveries')]
final readonly class DeliveriesResponse
{
    /** @param  list<DeliveryResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: DeliveryResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
