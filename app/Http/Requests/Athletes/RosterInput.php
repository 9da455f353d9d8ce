<?php

declare(strict_types=1);

namespace App\Http\Requests\Athletes;

use App\Formats\JsonObject;
use App\Http\Requests\PageInput;
use App\Queries\Athletes\RosterOrder;
use App\Queries\Athletes\RosterShow;
use Illuminate\Http\Request;

/**
 * Which page of the roster, and whom to look for in it.
 */
final readonly class RosterInput
{
    private function __construct(
        public int $page,
        public ?string $search,
        public ?string $tag,
        public RosterOrder $order,
        public RosterShow $show,
    ) {
    }

    public static function read(Request $request): self
    {
        $json = JsonObject::ofQuery($request->query->all(), 'page')->allowing('page', 'search', 'tag', 'order', 'show');

        return new self(
            PageInput::number($json),
            $json->optionalText('search', 80),
            $json->optionalText('tag', 24),
            $json->optionalChoice('order', RosterOrder::class) ?? RosterOrder::Name,
            $json->optionalChoice('show', RosterShow::class) ?? RosterShow::All,
        );
    }
}
