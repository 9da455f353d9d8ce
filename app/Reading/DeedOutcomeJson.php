<?php

declare(strict_types=1);

namespace App\Reading;

use App\Problems\ProblemJson;
use OpenApi\Attributes as OA;

/**
 * What became of one queued set: it is stored, or refused with the reason.
 */
#[OA\Schema]
final readonly class DeedOutcomeJson
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public ?SetJson $stored,
        #[OA\Property]
        public ?ProblemJson $problem,
    ) {
    }
}
