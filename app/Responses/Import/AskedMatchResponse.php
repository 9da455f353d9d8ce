<?php

declare(strict_types=1);

namespace App\Responses\Import;

use App\Formats\Import\ImportField;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'AskedMatch')]
final readonly class AskedMatchResponse
{
    public function __construct(
        #[OA\Property]
        public ImportField $field,
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'So many have it.')]
        public int $lines,
        #[OA\Property(description: 'None where nobody knows.')]
        public ?string $target,
    ) {
    }
}
