<?php

declare(strict_types=1);

namespace App\Actions\Own;

use OpenApi\Attributes as OA;

/**
 * A link for an athlete, and how long it opens their page.
 */
#[OA\Schema(schema: 'LinkInput')]
final readonly class LinkGiven
{
    public const DAYS = [1.0, 365.0];

    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'From today on.', minimum: self::DAYS[0], maximum: self::DAYS[1])]
        public int $days,
    ) {
    }
}
