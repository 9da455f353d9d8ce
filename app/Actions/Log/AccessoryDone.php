<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Formats\Inputs\Checked;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;

/**
 * A set of work beside the pull, as it was done.
 */
#[OA\Schema(schema: 'BesideInput')]
final readonly class AccessoryDone implements Checked
{
    public const REPS = [0.0, 200.0];

    public const SECONDS = [0.0, 600.0];

    public const METRES = [0.0, 1000.0];

    public const LOAD_KG = [0.0, 300.0];

    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', format: 'date-time')]
        public \DateTimeImmutable $performed_at,
        #[OA\Property]
        public Accessory $accessory,
        #[OA\Property(minimum: self::REPS[0], maximum: self::REPS[1])]
        public ?int $reps = null,
        #[OA\Property(minimum: self::SECONDS[0], maximum: self::SECONDS[1])]
        public ?float $seconds = null,
        #[OA\Property(minimum: self::METRES[0], maximum: self::METRES[1])]
        public ?float $metres = null,
        #[OA\Property(minimum: self::LOAD_KG[0], maximum: self::LOAD_KG[1])]
        public ?float $load_kg = null,
    ) {
    }

    public function check(JsonObject $json): void
    {
        if (($this->reps ?? $this->seconds ?? $this->metres) === null) {
            throw $json->fault('reps', 'Say how much was done: reps, seconds or metres.');
        }
    }
}
