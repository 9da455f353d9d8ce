<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Formats\JsonObject;
use Illuminate\Http\Request;
use SteadyRung\OutOfRange;

/**
 * Since which number news are asked for.
 */
final readonly class NewsInput
{
    private const NUMBER = [0.0, 1e15];

    private function __construct(public int $since)
    {
    }

    public static function read(Request $request): self
    {
        $query = JsonObject::ofQuery($request->query->all(), 'since')->allowing('since');
        $since = $query->integer('since');
        $query->build(static fn () => OutOfRange::guard(['since' => [$since, self::NUMBER]]));

        return new self($since);
    }
}
