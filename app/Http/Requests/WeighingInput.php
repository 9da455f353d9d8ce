<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;
use SteadyRung\OutOfRange;

/**
 * An athlete's mass on a day.
 */
#[OA\Schema]
final readonly class WeighingInput
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $weighed_on,
        #[OA\Property(minimum: Body::MASS_KG[0], maximum: Body::MASS_KG[1])]
        public float $mass_kg,
    ) {
    }

    public static function read(JsonObject $json, string $today): self
    {
        $json->allowing('id', 'weighed_on', 'mass_kg');
        $massKg = $json->number('mass_kg');
        $json->build(static fn () => OutOfRange::guard(['mass_kg' => [$massKg, Body::MASS_KG]]));
        $on = $json->date('weighed_on', $today);

        return new self($json->uuid('id'), $on, $massKg);
    }
}
