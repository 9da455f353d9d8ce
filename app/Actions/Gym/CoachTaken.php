<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use OpenApi\Attributes as OA;

/**
 * One more coach of a gym.
 */
#[OA\Schema(schema: 'CoachInput')]
final readonly class CoachTaken
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(maxLength: 80)]
        public string $name,
        #[OA\Property(maxLength: 200)]
        public string $email,
        #[OA\Property(
            description: 'To begin with; they change it themselves.',
            minLength: GymFounded::PASSWORD[0],
            maxLength: GymFounded::PASSWORD[1],
        )]
        public string $password,
    ) {
    }
}
