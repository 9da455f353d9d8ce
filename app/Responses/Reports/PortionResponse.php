<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;
use SteadyRung\Report\Portion;

/**
 * So many of so many, and between which parts the true one lies eight times in ten.
 */
#[OA\Schema(schema: 'Portion')]
final readonly class PortionResponse
{
    private function __construct(
        #[OA\Property]
        public int $some,
        #[OA\Property]
        public int $all,
        #[OA\Property(description: '0–1; none of none at all.')]
        public ?float $part,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
    ) {
    }

    public static function of(Portion $portion): self
    {
        return new self($portion->some, $portion->all, $portion->part, $portion->low, $portion->high);
    }

    /** @return list<int|float|null> cells of a table */
    public function cells(): array
    {
        return [$this->some, $this->all, $this->part, $this->low, $this->high];
    }
}
