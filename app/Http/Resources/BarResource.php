<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Bar;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BarResource
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $height_m,
        #[OA\Property]
        public bool $retired,
    ) {
    }

    public static function of(Bar $bar): self
    {
        return new self($bar->id, $bar->name, $bar->height_m, $bar->retired_at !== null);
    }
}
