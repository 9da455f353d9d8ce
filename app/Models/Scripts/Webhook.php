<?php

declare(strict_types=1);

namespace App\Models\Scripts;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * An address that is told what happens in the gym.
 *
 * @property string $user_id who set it up
 * @property string $address
 * @property list<string> $events of HookEvent
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $ended_at
 */
final class Webhook extends Record
{
    public $timestamps = false;

    protected $table = 'webhooks';

    protected $attributes = ['ended_at' => null];

    /** @var array<string, string> */
    protected $casts = ['events' => 'array', 'made_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];

    public function wants(HookEvent $event): bool
    {
        return in_array($event->value, $this->events, true);
    }
}
