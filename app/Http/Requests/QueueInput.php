<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use Illuminate\Http\Request;
use SteadyRung\Call\Verdict;

/**
 * Which page of the waiting calls, and whether only those of one kind.
 */
final readonly class QueueInput
{
    private function __construct(public int $page, public ?Verdict $verdict)
    {
    }

    public static function read(Request $request): self
    {
        $json = JsonObject::ofQuery($request->query->all(), 'page')->allowing('page', 'verdict');

        return new self(PageInput::number($json), $json->optionalChoice('verdict', Verdict::class));
    }
}
