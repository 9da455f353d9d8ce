<?php

declare(strict_types=1);

namespace App\Http\Requests\Methods;

use App\Formats\JsonObject;
use App\Queries\Methods\ComparisonQuery;
use OpenApi\Attributes as OA;
use SteadyRung\OutOfRange;

/**
 * Which method, and which of the virtual athletes.
 */
#[OA\Schema]
final readonly class ComparisonInput
{
    private function __construct(
        #[OA\Property(maxLength: 64)]
        public string $method,
        #[OA\Property(minimum: 0, maximum: ComparisonQuery::MOST_SEED)]
        public int $from,
        #[OA\Property(minimum: 1, maximum: ComparisonQuery::MOST_AT_ONCE)]
        public int $count,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('method', 'from', 'count');
        [$from, $count] = [$json->integer('from'), $json->integer('count')];
        $json->build(static fn () => OutOfRange::guard(['from' => [$from, [0.0, (float) ComparisonQuery::MOST_SEED]], 'count' => [$count, [1.0, (float) ComparisonQuery::MOST_AT_ONCE]]]));

        return new self($json->text('method', 64), $from, $count);
    }
}
