<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use App\Models\Athletes\Weighing;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class WeighingResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $weighed_on,
        #[OA\Property]
        public float $mass_kg,
    ) {
    }

    public static function of(Weighing $weighing): self
    {
        return new self($weighing->id, $weighing->weighed_on, $weighing->mass_kg);
    }
}
