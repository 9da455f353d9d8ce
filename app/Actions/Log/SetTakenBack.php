<?php

declare(strict_types=1);

namespace App\Actions\Log;

use OpenApi\Attributes as OA;

/**
 * A set taken back.
 */
#[OA\Schema(schema: 'TakenBackInput')]
final readonly class SetTakenBack
{
    public function __construct(
        #[OA\Property(description: 'Of the new row that takes the other one back.', format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $set_id,
    ) {
    }
}
