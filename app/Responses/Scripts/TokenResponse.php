<?php

declare(strict_types=1);

namespace App\Responses\Scripts;

use App\Models\Scripts\ApiToken;
use App\Models\Scripts\Scope;
use OpenApi\Attributes as OA;

/**
 * A script that was let in.
 */
#[OA\Schema(schema: 'Token')]
final readonly class TokenResponse
{
    /** @param  list<string>  $scopes */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(items: new OA\Items(type: 'string', enum: Scope::class))]
        public array $scopes,
        #[OA\Property(description: 'Who made it, and in whose name it does what it does.')]
        public string $by,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        #[OA\Property(format: 'date-time')]
        public string $expires_at,
        #[OA\Property(description: 'Known to a minute; none: never.', format: 'date-time')]
        public ?string $used_at,
        #[OA\Property(description: 'Whether it lets the script in now.')]
        public bool $open,
    ) {
    }

    public static function of(ApiToken $token, string $by, bool $open): self
    {
        return new self(
            $token->id,
            $token->name,
            $token->scopes,
            $by,
            $token->made_at->toIso8601String(),
            $token->expires_at->toIso8601String(),
            $token->used_at?->toIso8601String(),
            $open,
        );
    }
}
