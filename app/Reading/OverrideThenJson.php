<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

#[OA\Schema]
final readonly class OverrideThenJson
{
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property]
        public int $times,
    ) {
    }
}
