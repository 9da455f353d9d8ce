<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use Illuminate\Http\Request;
use SteadyRung\OutOfRange;

/**
 * Which page of a list, and what to look for in it.
 */
final readonly class PageInput
{
    private const NUMBER = [1.0, 100000.0];

    private function __construct(public int $page, public ?string $search)
    {
    }

    public static function read(Request $request): self
    {
        $json = JsonObject::ofQuery($request->query->all(), 'page')->allowing('page', 'search');

        return new self(self::number($json), $json->optionalText('search', 80));
    }

    public static function number(JsonObject $json): int
    {
        $page = $json->optionalInteger('page') ?? 1;
        $json->build(static fn () => OutOfRange::guard(['page' => [$page, self::NUMBER]]));

        return $page;
    }
}
