<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Actions\Gym\GymFounded;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * A new password, with the present one as proof.
 */
#[OA\Schema]
final readonly class PasswordInput
{
    private function __construct(
        #[OA\Property(maxLength: 200)]
        public string $present,
        #[OA\Property(minLength: GymFounded::PASSWORD[0], maxLength: GymFounded::PASSWORD[1])]
        public string $new,
    ) {
    }

    public static function read(JsonObject $json, string $email): self
    {
        $json->allowing('present', 'new');

        return new self($json->secret('present', 200), ReadSettings::password($json, 'new', $email));
    }
}
