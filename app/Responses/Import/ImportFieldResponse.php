<?php

declare(strict_types=1);

namespace App\Responses\Import;

use App\Formats\Import\ImportField;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportFieldOffered')]
final readonly class ImportFieldResponse
{
    /** @param  list<string>  $units */
    public function __construct(
        #[OA\Property]
        public ImportField $field,
        #[OA\Property]
        public bool $needed,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $units,
    ) {
    }
}
