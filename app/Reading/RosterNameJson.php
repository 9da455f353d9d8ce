<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\AthleteKind;
use OpenApi\Attributes as OA;

/**
 * Somebody of the roster, by name.
 */
#[OA\Schema(schema: 'RosterName')]
final readonly class RosterNameJson
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
