<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;
use OpenApi\Attributes as OA;

/**
 * A gym begins: its name and time zone, and its first coach.
 */
#[OA\Schema(schema: 'FoundingInput')]
final readonly class GymFounded
{
    /** Characters; of more than so many bytes the hash would not see the rest. */
    public const PASSWORD = [10, 72];

    public function __construct(
        #[OA\Property(maxLength: 80)]
        public string $gym_name,
        #[OA\Property(description: 'IANA time zone.', maxLength: 64)]
        public string $timezone,
        #[OA\Property(default: 'kg')]
        public MassUnit $mass_unit,
        #[OA\Property(default: 'cm')]
        public LengthUnit $length_unit,
        #[OA\Property(maxLength: 80)]
        public string $coach_name,
        #[OA\Property(maxLength: 200)]
        public string $email,
        #[OA\Property(minLength: self::PASSWORD[0], maxLength: self::PASSWORD[1])]
        public string $password,
    ) {
    }
}
