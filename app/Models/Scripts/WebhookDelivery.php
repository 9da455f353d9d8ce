<?php

declare(strict_types=1);

namespace App\Models\Scripts;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * Something that an address is told: until it answers, or for as long as it is tried.
 *
 * @property string $webhook_id
 * @property HookEvent $event
 * @property string $body as it is sent
 * @property CarbonImmutable $made_at
 * @property int $tries
 * @property CarbonImmutable|null $next_at when it is tried next; none: it arrived, or was given up
 * @property CarbonImmutable|null $delivered_at
 * @property int|null $answered the HTTP status of the latest answer
 * @property HookFault|null $fault why there was none
 */
final class WebhookDelivery extends Record
{
    /** After so many seconds it is tried again: for a day, and then given up. */
    public const WAITS_S = [60, 300, 1800, 7200, 18000, 57600];

    public $timestamps = false;

    protected $table = 'webhook_deliveries';

    protected $attributes = ['tries' => 0, 'delivered_at' => null, 'answered' => null, 'fault' => null];

    /** @var array<string, string> */
    protected $casts = [
        'event' => HookEvent::class,
        'fault' => HookFault::class,
        'made_at' => 'immutable_datetime',
        'next_at' => 'immutable_datetime',
        'delivered_at' => 'immutable_datetime',
        'tries' => 'integer',
        'answered' => 'integer',
    ];
}
