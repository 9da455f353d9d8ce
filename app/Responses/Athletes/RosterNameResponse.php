<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use App\Models\Athletes\AthleteKind;
use OpenApi\Attributes as OA;

/**
 * Somebody of the roster, by name.
 */
#[OA\Schema(schema: 'RosterName')]
final readonly class RosterNameResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public AthleteKind $kind,
    ) {
    }
}
