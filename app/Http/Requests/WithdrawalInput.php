<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

/**
 * Takes something back under an id of its own.
 */
#[OA\Schema]
final readonly class WithdrawalInput
{
    public function __construct(
        #[OA\Property(description: 'Id of the new row that takes the other one back.', format: 'uuid')]
        public string $id,
    ) {
    }
}
