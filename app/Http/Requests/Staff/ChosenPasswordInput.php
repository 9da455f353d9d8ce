<?php

declare(strict_types=1);

namespace App\Http\Requests\Staff;

use App\Actions\Gym\GymFounded;
use App\Formats\JsonObject;
use App\Http\Requests\Gym\ReadSettings;
use OpenApi\Attributes as OA;

/**
 * The password chosen by a link.
 */
#[OA\Schema]
final readonly class ChosenPasswordInput
{
    private function __construct(
        #[OA\Property(minLength: GymFounded::PASSWORD[0], maxLength: GymFounded::PASSWORD[1])]
        public string $password,
    ) {
    }

    /** @param  string  $email  of the account it is for */
    public static function read(JsonObject $json, string $email): self
    {
        $json->allowing('password');

        return new self(ReadSettings::password($json, 'password', $email));
    }
}
