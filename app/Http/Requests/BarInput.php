<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Bar;

#[OA\Schema]
final readonly class BarInput
{
    private function __construct(
        #[OA\Property(maxLength: 60)]
        public string $name,
        #[OA\Property(minimum: Bar::HEIGHT_M[0], maximum: Bar::HEIGHT_M[1])]
        public float $height_m,
    ) {
    }

    public static function read(JsonObject $json, string ...$besides): self
    {
        $json->allowing('name', 'height_m', ...$besides);
        $bar = $json->build(static fn (JsonObject $j): Bar => Bar::of('', $j->text('name', 60), $j->number('height_m')));

        return new self($bar->name, $bar->heightM);
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return get_object_vars($this);
    }
}
