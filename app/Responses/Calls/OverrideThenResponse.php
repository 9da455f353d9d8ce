<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

#[OA\Schema]
final readonly class OverrideThenResponse
{
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property]
        public int $times,
    ) {
    }
}
