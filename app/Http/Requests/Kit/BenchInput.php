<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Actions\Kit\BandParticulars;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * A band on the bench with the readings kept so far, and whom it is to help on which bar.
 */
#[OA\Schema]
final readonly class BenchInput
{
    private function __construct(
        #[OA\Property(ref: BandParticulars::class)]
        public BandParticulars $band,
        #[OA\Property(format: 'uuid')]
        public ?string $athlete_id = null,
        #[OA\Property(format: 'uuid')]
        public ?string $bar_id = null,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('band', 'athlete_id', 'bar_id');

        return new self(ReadBand::from($json->object('band')), $json->optionalUuid('athlete_id'), $json->optionalUuid('bar_id'));
    }
}
