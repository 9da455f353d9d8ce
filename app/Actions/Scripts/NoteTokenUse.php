<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use App\Models\Scripts\ApiToken;
use Psr\Clock\ClockInterface;

/**
 * Keeps when a token was last shown, to a minute: a script that asks often writes no row for it.
 */
final readonly class NoteTokenUse
{
    private const FRESH_S = 60;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function of(ApiToken $token): void
    {
        $now = $this->clock->now();
        if ($token->used_at === null || $token->used_at->getTimestamp() <= $now->getTimestamp() - self::FRESH_S) {
            $token->fill(['used_at' => $now])->save();
        }
    }
}
