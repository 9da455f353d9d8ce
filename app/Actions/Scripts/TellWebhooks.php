<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use App\Actions\FollowLogJob;
use App\Context\Gym\CurrentGym;
use App\Models\Scripts\HookEvent;
use App\Models\Scripts\Webhook;
use App\Models\Scripts\WebhookDelivery;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Notes beside what happens who is to be told of it, all or nothing with it; a job sends it. A gym that tells nobody pays nothing for it.
 */
final readonly class TellWebhooks
{
    /** Where somebody waits for calls, what was logged is followed after so long, if nobody looks first. */
    private const FOLLOWED_AFTER_S = 60;

    public function __construct(private CurrentGym $gym, private Dispatcher $jobs, private ClockInterface $clock)
    {
    }

    /** @param  array<string, string>  $ids */
    public function of(HookEvent $event, array $ids): void
    {
        $told = $this->gym->gym()->told_events;
        if (in_array($event->value, $told, true)) {
            $hooks = Webhook::query()->whereNull('ended_at')->orderBy('id')->get();
            $this->send($hooks->filter(static fn (Webhook $hook): bool => $hook->wants($event))->all(), $event, $ids);
        }
        if ($event === HookEvent::SetLogged && in_array(HookEvent::CallMade->value, $told, true)) {
            $follow = (new FollowLogJob($this->gym->id(), $ids['athlete_id']))->delay(self::FOLLOWED_AFTER_S)->afterCommit();
            $this->jobs->dispatch($follow);
        }
    }

    public function try(Webhook $hook): void
    {
        $this->send([$hook], HookEvent::Tried, []);
    }

    /**
     * @param  iterable<Webhook>  $hooks
     * @param  array<string, string>  $ids
     */
    private function send(iterable $hooks, HookEvent $event, array $ids): void
    {
        $now = $this->clock->now();
        $body = json_encode([
            'type' => $event->value,
            'timestamp' => $now->format('Y-m-d\TH:i:s.u\Z'),
            'data' => (object) $ids,
        ], JSON_THROW_ON_ERROR);
        foreach ($hooks as $hook) {
            WebhookDelivery::query()->create([
                'gym_id' => $this->gym->id(),
                'id' => (string) Str::uuid7(),
                'webhook_id' => $hook->id,
                'event' => $event,
                'body' => $body,
                'made_at' => $now,
                'next_at' => $now,
            ]);
        }
        $this->jobs->dispatch((new SendWebhooksJob($this->gym->id()))->afterCommit());
    }
}
