<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * Codes that sign in once each, for when the phone is lost; told once.
 */
#[OA\Schema(schema: 'RecoveryCodes')]
final readonly class RecoveryCodesResponse
{
    /** @param  list<string>  $codes */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $codes,
    ) {
    }
}
