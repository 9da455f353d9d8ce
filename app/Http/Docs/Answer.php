<?php

declare(strict_types=1);

namespace App\Http\Docs;

use OpenApi\Attributes as OA;

/**
 * A JSON answer of an operation.
 */
final class Answer extends OA\Response
{
    public function __construct(int $status, string $of, string $description = 'Done.')
    {
        parent::__construct(response: $status, description: $description, content: new OA\JsonContent(ref: $of));
    }
}
