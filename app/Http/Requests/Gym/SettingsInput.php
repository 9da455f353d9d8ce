<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Formats\JsonObject;
use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;
use App\Formats\Units\Units;
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
        #[OA\Property(description: 'Without it, it stays as it is.')]
        public ?MassUnit $mass_unit,
        #[OA\Property(description: 'Without it, it stays as it is.')]
        public ?LengthUnit $length_unit,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('gym_name', 'timezone', 'mass_unit', 'length_unit');

        return new self(
            $json->name('gym_name', 80),
            ReadSettings::timezone($json),
            $json->optionalChoice('mass_unit', MassUnit::class),
            $json->optionalChoice('length_unit', LengthUnit::class),
        );
    }

    public function units(Units $asTheyAre): Units
    {
        return new Units($this->mass_unit ?? $asTheyAre->mass, $this->length_unit ?? $asTheyAre->length);
    }
}
