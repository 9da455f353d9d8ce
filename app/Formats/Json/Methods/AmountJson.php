<?php

declare(strict_types=1);

namespace App\Formats\Json\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;

#[OA\Schema]
final readonly class AmountJson
{
    public function __construct(
        #[OA\Property]
        public Measure $measure,
        #[OA\Property]
        public int $low,
        #[OA\Property]
        public int $high,
        #[OA\Property]
        public string $words,
    ) {
    }

    public static function of(Amount $amount): self
    {
        return new self($amount->measure, $amount->low, $amount->high, $amount->words());
    }
}
