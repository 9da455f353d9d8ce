<?php

declare(strict_types=1);

namespace App\Responses\Import;

use App\Formats\Import\ImportField;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportColumn')]
final readonly class ImportColumnResponse
{
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'None where it is not brought in.')]
        public ?ImportField $field,
        #[OA\Property]
        public ?string $unit,
    ) {
    }
}
