<?php

declare(strict_types=1);

namespace App\Http\Requests\Methods;

use App\Queries\Methods\ComparisonQuery;
use OpenApi\Attributes as OA;

/**
 * Which method, and which of the virtual athletes.
 */
#[OA\Schema]
final readonly class ComparisonInput
{
    public function __construct(
        #[OA\Property(maxLength: 64)]
        public string $method,
        #[OA\Property(minimum: 0, maximum: ComparisonQuery::MOST_SEED)]
        public int $from,
        #[OA\Property(minimum: 1, maximum: ComparisonQuery::MOST_AT_ONCE)]
        public int $count,
    ) {
    }
}
