<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use App\Formats\Inputs\Checked;
use App\Formats\Inputs\OneLine;
use App\Formats\JsonObject;
use App\Models\Scripts\Scope;
use OpenApi\Attributes as OA;

/**
 * A script is let in: by what name it is known, for what, and how long.
 */
#[OA\Schema(schema: 'TokenInput')]
final readonly class TokenGiven implements Checked
{
    public const DAYS = [1.0, 365.0];

    /** @param  list<Scope>  $scopes */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(maxLength: 80), OneLine]
        public string $name,
        #[OA\Property(items: new OA\Items(type: 'string', enum: Scope::class), minItems: 1, maxItems: 7)]
        public array $scopes,
        #[OA\Property(description: 'From today on.', minimum: self::DAYS[0], maximum: self::DAYS[1])]
        public int $days,
    ) {
    }

    public function check(JsonObject $json): void
    {
        if ($this->scopes === []) {
            throw $json->fault('scopes', 'A token needs at least one thing that it lets a script do.');
        }
    }
}
