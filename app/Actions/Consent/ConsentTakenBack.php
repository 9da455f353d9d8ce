<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use OpenApi\Attributes as OA;

/**
 * Consent is taken back.
 */
#[OA\Schema(schema: 'ConsentWithdrawalInput')]
final readonly class ConsentTakenBack
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
    ) {
    }
}
