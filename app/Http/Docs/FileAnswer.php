<?php

declare(strict_types=1);

namespace App\Http\Docs;

use OpenApi\Attributes as OA;

/**
 * A file to keep.
 */
final class FileAnswer extends OA\Response
{
    public function __construct(string $mediaType, string $description = 'A file.')
    {
        parent::__construct(
            response: 200,
            description: $description,
            content: new OA\MediaType(mediaType: $mediaType, schema: new OA\Schema(type: 'string')),
        );
    }
}
