<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use App\Context\Gym\CurrentGym;
use App\Context\Scripts\WebhookSignature;
use App\Models\Scripts\HookFault;
use App\Models\Scripts\Webhook;
use App\Models\Scripts\WebhookDelivery;
use GuzzleHttp\ClientInterface;
use GuzzleHttp\Exception\TransferException;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Sends what is due. Before it is sent it is put off, so that two workers never send the same and one that dies in between loses none: it
 * may arrive twice then, under the same id. What does not arrive is tried again later.
 */
final readonly class SendWebhooks
{
    private const AT_ONCE = 10;

    private const PUT_OFF_S = 120;

    private const ANSWER_WITHIN_S = 4;

    private const KEPT_DAYS = 30;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private ClientInterface $http,
        private WebhookSignature $signature,
        private ReachablePlace $places,
        private Dispatcher $jobs,
        private ClockInterface $clock,
    ) {
    }

    public function due(?string $gymId): void
    {
        foreach ($this->claimed($gymId) as $ofGym => $ids) {
            $this->gym->enter($ofGym);
            $away = [];
            foreach (WebhookDelivery::query()->whereIn('id', $ids)->orderBy('made_at')->orderBy('id')->get() as $delivery) {
                if (isset($away[$delivery->webhook_id])) {
                    $delivery->fill(['next_at' => $this->in(WebhookDelivery::WAITS_S[0])])->save(); // no use in asking it once more now
                } elseif (! $this->send($delivery)) {
                    $away[$delivery->webhook_id] = true;
                }
            }
        }
    }

    /** What was told long ago is forgotten. */
    public function forget(): void
    {
        $this->db->table('webhook_deliveries')->where('made_at', '<', $this->clock->now()->modify('-'.self::KEPT_DAYS.' days'))->delete();
    }

    /** @return array<string, list<string>> ids by gym */
    private function claimed(?string $gymId): array
    {
        $rows = $this->db->select(
            'UPDATE webhook_deliveries SET next_at = ? WHERE (gym_id, id) IN (
                SELECT gym_id, id FROM webhook_deliveries WHERE next_at <= ? AND (?::uuid IS NULL OR gym_id = ?::uuid)
                ORDER BY next_at LIMIT '.self::AT_ONCE.' FOR UPDATE SKIP LOCKED
            ) RETURNING gym_id, id',
            [$this->in(self::PUT_OFF_S), $this->clock->now(), $gymId, $gymId],
        );
        $byGym = [];
        foreach ($rows as $row) {
            $byGym[(string) $row->gym_id][] = (string) $row->id;
        }

        if (count($rows) === self::AT_ONCE) {
            $this->jobs->dispatch(new SendWebhooksJob($gymId)); // there may be more
        }

        return $byGym;
    }

    private function send(WebhookDelivery $delivery): bool
    {
        $hook = Webhook::query()->findOrFail($delivery->webhook_id);
        $delivery->tries++;
        $place = $this->places->of($hook->address);
        if ($place === null) {
            $delivery->fill(['fault' => HookFault::NotPublic, 'answered' => null, 'next_at' => null])->save();

            return false;
        }
        try {
            $answer = $this->http->request('POST', $hook->address, [
                'body' => $delivery->body,
                'headers' => ['Content-Type' => 'application/json', 'User-Agent' => 'Steady-Rung']
                    + WebhookSignature::headers(
                        $this->signature->secretOf($hook->id),
                        $delivery->id,
                        $this->clock->now()->getTimestamp(),
                        $delivery->body,
                    ),
                'allow_redirects' => false,
                'http_errors' => false,
                'timeout' => self::ANSWER_WITHIN_S,
                'curl' => [CURLOPT_RESOLVE => $place],
            ]);
            $delivery->fill(['answered' => $answer->getStatusCode(), 'fault' => null]);
        } catch (TransferException) {
            $delivery->fill(['answered' => null, 'fault' => HookFault::NotReached]);
        }
        $arrived = intdiv((int) $delivery->answered, 100) === 2;
        $wait = WebhookDelivery::WAITS_S[$delivery->tries - 1] ?? null;
        $delivery->fill([
            'delivered_at' => $arrived ? $this->clock->now() : null,
            'next_at' => $arrived || $wait === null || $hook->ended_at !== null ? null : $this->in($wait),
        ])->save();

        return $arrived;
    }

    private function in(int $seconds): \DateTimeImmutable
    {
        return $this->clock->now()->modify("+$seconds seconds");
    }
}
