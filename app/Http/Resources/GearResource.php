<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\GearJson;
use App\Models\Gear;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class GearResource
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public GearJson $figures,
        #[OA\Property]
        public bool $retired,
    ) {
    }

    public static function of(Gear $gear): self
    {
        return new self($gear->id, $gear->name, GearJson::of($gear->toCore()), $gear->retired_at !== null);
    }
}
