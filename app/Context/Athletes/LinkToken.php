<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use Ramsey\Uuid\Uuid;

/**
 * What an address that opens without an account ends with: an id and a seal over it (HMAC-SHA-256, RFC 2104, cut to 128 bits). Nothing
 * of it is stored, so that a copy of the database opens no page, and cards can be printed with it later.
 */
final readonly class LinkToken
{
    private const SEAL_BYTES = 16;

    public function __construct(private string $secret)
    {
    }

    public function of(string $id, LinkUse $use): string
    {
        $bytes = Uuid::fromString($id)->getBytes();

        return rtrim(strtr(base64_encode($bytes.$this->seal($bytes, $use)), '+/', '-_'), '=');
    }

    /** The id it was made of; none of one that was made up, or for another use. */
    public function idOf(string $token, LinkUse $use): ?string
    {
        $bytes = (string) base64_decode(strtr($token, '-_', '+/'), true);
        $id = substr($bytes, 0, 16);

        return strlen($bytes) === 16 + self::SEAL_BYTES && hash_equals($this->seal($id, $use), substr($bytes, 16))
            ? Uuid::fromBytes($id)->toString()
            : null;
    }

    private function seal(string $id, LinkUse $use): string
    {
        return substr(hash_hmac('sha256', "$use->value $id", $this->secret, true), 0, self::SEAL_BYTES);
    }
}
