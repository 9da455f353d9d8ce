<?php

declare(strict_types=1);

namespace App\Responses\Import;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RefusedLine')]
final readonly class RefusedLineResponse
{
    public function __construct(
        #[OA\Property(description: 'Of the file, its first line being 1.')]
        public int $line,
        #[OA\Property]
        public string $why,
    ) {
    }
}
