<?php

declare(strict_types=1);

namespace App\Responses\Erase;

use App\Formats\Erase\ErasedPart;
use App\Formats\Erase\Fate;
use OpenApi\Attributes as OA;

/**
 * How much of something is kept of an athlete, and what would become of it.
 */
#[OA\Schema(schema: 'ErasedPart')]
final readonly class ErasedPartResponse
{
    public function __construct(
        #[OA\Property]
        public ErasedPart $part,
        #[OA\Property]
        public int $rows,
        #[OA\Property]
        public Fate $fate,
    ) {
    }
}
