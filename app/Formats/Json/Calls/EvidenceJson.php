<?php

declare(strict_types=1);

namespace App\Formats\Json\Calls;

use OpenApi\Attributes as OA;

/**
 * One figure a rule looked at, in words, with the threshold it was held against.
 */
#[OA\Schema]
final readonly class EvidenceJson
{
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public ?float $figure = null,
        #[OA\Property]
        public ?float $threshold = null,
    ) {
    }
}
