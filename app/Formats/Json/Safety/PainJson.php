<?php

declare(strict_types=1);

namespace App\Formats\Json\Safety;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;

/**
 * Pain as JSON.
 */
#[OA\Schema(schema: 'Pain')]
final readonly class PainJson
{
    public function __construct(
        #[OA\Property]
        public PainPlace $place,
        #[OA\Property(minimum: Pain::LEVEL[0], maximum: Pain::LEVEL[1])]
        public ?int $level,
    ) {
    }

    public static function of(Pain $pain): self
    {
        return new self($pain->place, $pain->level);
    }

    public static function read(JsonObject $json): Pain
    {
        return $json->allowing('place', 'level')->build(static fn (JsonObject $j): Pain => Pain::of(
            $j->choice('place', PainPlace::class),
            $j->optionalInteger('level'),
        ));
    }
}
