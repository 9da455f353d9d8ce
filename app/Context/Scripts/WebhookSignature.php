<?php

declare(strict_types=1);

namespace App\Context\Scripts;

use Ramsey\Uuid\Uuid;

/**
 * By what a receiver knows that we sent it, and when (Standard Webhooks 1.0: HMAC-SHA-256 over id, seconds and body). The secret of a
 * webhook is made of its id and is kept nowhere.
 */
final readonly class WebhookSignature
{
    private const PREFIX = 'whsec_';

    public function __construct(private string $key)
    {
    }

    /** @return string what the receiver is given: base64 behind “whsec_” */
    public function secretOf(string $webhookId): string
    {
        return self::PREFIX.base64_encode(hash_hmac('sha256', 'webhook '.Uuid::fromString($webhookId)->getBytes(), $this->key, true));
    }

    /**
     * @param  int  $at  Unix time, s
     * @return array<string, string> headers
     */
    public static function headers(string $secret, string $messageId, int $at, string $body): array
    {
        $key = (string) base64_decode(substr($secret, strlen(self::PREFIX)), true);

        return [
            'webhook-id' => $messageId,
            'webhook-timestamp' => (string) $at,
            'webhook-signature' => 'v1,'.base64_encode(hash_hmac('sha256', "$messageId.$at.$body", $key, true)),
        ];
    }
}
