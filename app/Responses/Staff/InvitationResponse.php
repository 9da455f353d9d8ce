<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * The link of an invitation, told once; it was mailed too.
 */
#[OA\Schema(schema: 'Invitation')]
final readonly class InvitationResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'To be opened at the address of this installation.')]
        public string $path,
        #[OA\Property(format: 'date-time')]
        public string $expires_at,
    ) {
    }
}
