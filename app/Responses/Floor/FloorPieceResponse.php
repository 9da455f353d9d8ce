<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * A piece of gear by its name.
 */
#[OA\Schema(schema: 'FloorPiece')]
final readonly class FloorPieceResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(enum: ['bar', 'rings', 'box', 'plate', 'weight', 'machine', 'band'])]
        public string $kind,
        #[OA\Property(description: 'Of use to nobody today.')]
        public bool $out,
    ) {
    }
}
