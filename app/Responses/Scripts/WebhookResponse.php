<?php

declare(strict_types=1);

namespace App\Responses\Scripts;

use App\Models\Scripts\HookEvent;
use OpenApi\Attributes as OA;

/**
 * An address that is told what happens in the gym.
 */
#[OA\Schema(schema: 'Webhook')]
final readonly class WebhookResponse
{
    /** @param  list<string>  $events */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $address,
        #[OA\Property(items: new OA\Items(type: 'string', enum: HookEvent::class))]
        public array $events,
        #[OA\Property(description: 'By it the receiver checks the signature (Standard Webhooks).')]
        public string $secret,
        #[OA\Property(description: 'What it was told last.')]
        public ?DeliveryResponse $latest,
    ) {
    }
}
