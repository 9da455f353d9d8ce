<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Models\Athletes\AthleteLink;
use Ramsey\Uuid\Uuid;

/**
 * What stands behind the # of an athlete's link: its id and a seal over it (HMAC-SHA-256, RFC 2104, cut to 128 bits). Nothing of it is
 * stored, so that a copy of the database opens no page, and cards can be printed with it later.
 */
final readonly class LinkToken
{
    private const SEAL_BYTES = 16;

    public function __construct(private string $secret)
    {
    }

    public function of(AthleteLink $link): string
    {
        $id = Uuid::fromString($link->id)->getBytes();

        return rtrim(strtr(base64_encode($id.$this->seal($id)), '+/', '-_'), '=');
    }

    /** The id of the link it was made for; none of one that was made up. */
    public function linkId(string $token): ?string
    {
        $bytes = (string) base64_decode(strtr($token, '-_', '+/'), true);
        $id = substr($bytes, 0, 16);

        return strlen($bytes) === 16 + self::SEAL_BYTES && hash_equals($this->seal($id), substr($bytes, 16))
            ? Uuid::fromBytes($id)->toString()
            : null;
    }

    private function seal(string $id): string
    {
        return substr(hash_hmac('sha256', "athlete link $id", $this->secret, true), 0, self::SEAL_BYTES);
    }
}
