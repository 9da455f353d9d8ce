<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * What can be set of a gym.
 */
#[OA\Schema]
final readonly class SettingsInput
{
    private function __construct(
        #[OA\Property(maxLength: 80)]
        public string $gym_name,
        #[OA\Property(maxLength: 64)]
        public string $timezone,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('gym_name', 'timezone');

        return new self($json->name('gym_name', 80), ReadSettings::timezone($json));
    }
}
