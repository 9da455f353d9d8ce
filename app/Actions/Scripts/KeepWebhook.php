<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use App\Models\Scripts\HookEvent;
use App\Models\Scripts\Webhook;
use App\Models\Scripts\WebhookDelivery;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Sets up who is told what, changes it, or ends it.
 */
final readonly class KeepWebhook
{
    public const MOST = 10;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private ClockInterface $clock)
    {
    }

    /** @throws Problem if it has ended, or there are too many */
    public function keep(User $owner, WebhookSet $set): Webhook
    {
        return $this->during(function () use ($owner, $set): Webhook {
            $webhook = Webhook::query()->find($set->id) ?? $this->another($owner, $set->id);
            if ($webhook->ended_at !== null) {
                throw new Problem(ProblemCode::NotFound, 'This webhook has ended. Set up another one.');
            }
            $webhook->fill([
                'address' => $set->address,
                'events' => array_map(static fn (HookEvent $e): string => $e->value, $set->events),
            ])->save();

            return $webhook;
        });
    }

    /** What still waits for it is not sent any more. */
    public function end(string $id): void
    {
        $this->during(function () use ($id): void {
            $webhook = Webhook::query()->findOrFail($id);
            $webhook->fill(['ended_at' => $webhook->ended_at ?? $this->clock->now()])->save();
            WebhookDelivery::query()->where('webhook_id', $id)->whereNotNull('next_at')->update(['next_at' => null]);
        });
    }

    private function another(User $owner, string $id): Webhook
    {
        if (Webhook::query()->whereNull('ended_at')->count() >= self::MOST) {
            throw Problem::invalid('/address', sprintf('%d webhooks are set up, and no more can be. End one first.', self::MOST));
        }

        return new Webhook([
            'gym_id' => $this->gym->id(),
            'id' => $id,
            'user_id' => $owner->id,
            'made_at' => $this->clock->now(),
        ]);
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $change
     * @return T
     */
    private function during(\Closure $change): mixed
    {
        return $this->db->transaction(function () use ($change): mixed {
            $gym = Gym::query()->lockForUpdate()->findOrFail($this->gym->id());
            $outcome = $change();
            $wanted = Webhook::query()->whereNull('ended_at')->get()->pluck('events')->flatten()->unique()->values()->all();
            $gym->fill(['told_events' => $wanted])->save();
            $this->gym->enter($gym);

            return $outcome;
        });
    }
}
