<?php

declare(strict_types=1);

namespace App\Responses\Scripts;

use App\Models\Scripts\HookEvent;
use App\Models\Scripts\HookFault;
use App\Models\Scripts\WebhookDelivery;
use OpenApi\Attributes as OA;

/**
 * Something that an address was told, and what came of it.
 */
#[OA\Schema(schema: 'Delivery')]
final readonly class DeliveryResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public HookEvent $event,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        #[OA\Property]
        public int $tries,
        #[OA\Property(format: 'date-time')]
        public ?string $delivered_at,
        #[OA\Property(description: 'When it is tried next; none: it arrived, or was given up.', format: 'date-time')]
        public ?string $next_at,
        #[OA\Property(description: 'The HTTP status of the latest answer.')]
        public ?int $answered,
        #[OA\Property(description: 'Why there was none.')]
        public ?HookFault $fault,
    ) {
    }

    public static function of(WebhookDelivery $delivery): self
    {
        return new self(
            $delivery->id,
            $delivery->event,
            $delivery->made_at->toIso8601String(),
            $delivery->tries,
            $delivery->delivered_at?->toIso8601String(),
            $delivery->next_at?->toIso8601String(),
            $delivery->answered,
            $delivery->fault,
        );
    }
}
