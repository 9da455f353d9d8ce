<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SignInInput
{
    private function __construct(
        #[OA\Property(maxLength: 200)]
        public string $email,
        #[OA\Property(maxLength: 200)]
        public string $password,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('email', 'password');

        return new self(mb_strtolower($json->text('email', 200)), $json->secret('password', 200));
    }
}
