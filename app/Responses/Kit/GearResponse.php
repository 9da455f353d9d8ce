<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use App\Formats\Json\Kit\GearFiguresJson;
use App\Models\Kit\Gear;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class GearResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public GearFiguresJson $figures,
        #[OA\Property]
        public bool $retired,
    ) {
    }

    public static function of(Gear $gear): self
    {
        return new self($gear->id, $gear->name, GearFiguresJson::of($gear->toCore()), $gear->retired_at !== null);
    }
}
