<?php

declare(strict_types=1);

namespace App\Responses\Scripts;

use OpenApi\Attributes as OA;

/**
 * Who is told what happens in the gym.
 */
#[OA\Schema(schema: 'Webhooks')]
final readonly class WebhooksResponse
{
    /** @param  list<WebhookResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: WebhookResponse::class))]
        public array $items,
    ) {
    }
}
