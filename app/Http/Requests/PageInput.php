<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use Illuminate\Http\Request;
use SteadyRung\OutOfRange;

/**
 * Which page of a list.
 */
final readonly class PageInput
{
    private const NUMBER = [1.0, 100000.0];

    private function __construct(public int $page)
    {
    }

    public static function read(Request $request): self
    {
        return new self(self::number(JsonObject::ofQuery($request->query->all(), 'page')->allowing('page')));
    }

    public static function number(JsonObject $json): int
    {
        $page = $json->optionalInteger('page') ?? 1;
        $json->build(static fn () => OutOfRange::guard(['page' => [$page, self::NUMBER]]));

        return $page;
    }
}
