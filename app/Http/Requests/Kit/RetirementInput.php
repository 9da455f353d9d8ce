<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use OpenApi\Attributes as OA;

/**
 * Whether a piece of gear is out of use.
 */
#[OA\Schema]
final readonly class RetirementInput
{
    public function __construct(
        #[OA\Property]
        public bool $retired,
    ) {
    }

    /** @return array<string, \DateTimeImmutable|null> */
    public function columns(?\DateTimeImmutable $since, \DateTimeImmutable $now): array
    {
        return ['retired_at' => $this->retired ? $since ?? $now : null];
    }
}
