<?php

declare(strict_types=1);

namespace App\Http\Docs;

use OpenApi\Attributes as OA;

/**
 * An answer without a body.
 */
final class Nothing extends OA\Response
{
    public function __construct(string $description = 'Done.')
    {
        parent::__construct(response: 204, description: $description);
    }
}
