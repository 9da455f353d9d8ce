<?php

declare(strict_types=1);

namespace App\Queries\Scripts;

use App\Context\Scripts\WebhookSignature;
use App\Models\Scripts\Webhook;
use App\Models\Scripts\WebhookDelivery;
use App\Queries\Page;
use App\Responses\Scripts\DeliveriesResponse;
use App\Responses\Scripts\DeliveryResponse;
use App\Responses\Scripts\WebhookResponse;
use App\Responses\Scripts\WebhooksResponse;

/**
 * Who is told what happens, and what became of it.
 */
final readonly class WebhooksQuery
{
    public function __construct(private WebhookSignature $signature)
    {
    }

    public function standing(): WebhooksResponse
    {
        $hooks = Webhook::query()->whereNull('ended_at')->orderBy('made_at')->orderBy('id')->get();

        return new WebhooksResponse(array_values($hooks->map(fn (Webhook $hook): WebhookResponse => new WebhookResponse(
            $hook->id,
            $hook->address,
            $hook->events,
            $this->signature->secretOf($hook->id),
            ($last = self::deliveriesOf($hook->id)->first()) === null ? null : DeliveryResponse::of($last),
        ))->all()));
    }

    public function deliveries(Webhook $hook, int $page): DeliveriesResponse
    {
        $rows = self::deliveriesOf($hook->id)->offset(($page - 1) * Page::SIZE)->limit(Page::SIZE + 1)->get();

        return new DeliveriesResponse(
            array_values($rows->take(Page::SIZE)->map(DeliveryResponse::of(...))->all()),
            $rows->count() > Page::SIZE ? $page + 1 : null,
        );
    }

    /** @return \Illuminate\Database\Eloquent\Builder<WebhookDelivery> */
    private static function deliveriesOf(string $hookId): \Illuminate\Database\Eloquent\Builder
    {
        return WebhookDelivery::query()->where('webhook_id', $hookId)->orderByDesc('made_at')->orderByDesc('id');
    }
}
