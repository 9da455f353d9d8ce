<?php

declare(strict_types=1);

namespace App\Queries\Scripts;

use App\Models\Scripts\ApiToken;
use App\Responses\Scripts\TokenResponse;
use App\Responses\Scripts\TokensResponse;
use Psr\Clock\ClockInterface;

/**
 * The scripts that were let in last: those that still are first.
 */
final readonly class TokensQuery
{
    private const MOST = 50;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function all(): TokensResponse
    {
        $now = $this->clock->now();
        $tokens = ApiToken::query()->with('tokenable')->orderByRaw('ended_at IS NULL DESC')->orderByDesc('made_at')->orderBy('id')->limit(self::MOST)->get()
            ->sortByDesc(static fn (ApiToken $token): bool => $token->isOpen($now));

        return new TokensResponse(array_values($tokens->map(static fn (ApiToken $token): TokenResponse => TokenResponse::of(
            $token,
            $token->tokenable->name,
            $token->isOpen($now) && $token->tokenable->isHere(),
        ))->all()));
    }
}
