<?php

declare(strict_types=1);

namespace App\Http\Docs;

use OpenApi\Attributes as OA;

/**
 * A JSON request body; besides its own fields it may carry the id a client made.
 */
final class RequestBody extends OA\RequestBody
{
    /** @param  bool  $withId whether the client makes the id */
    public function __construct(string $of, bool $withId = false)
    {
        $own = new OA\Schema(ref: $of);
        $id = new OA\Schema(
            required: ['id'],
            properties: [new OA\Property(property: 'id', type: 'string', format: 'uuid')],
            type: 'object',
        );
        parent::__construct(required: true, content: $withId ? new OA\JsonContent(allOf: [$id, $own]) : new OA\JsonContent(ref: $of));
    }
}
