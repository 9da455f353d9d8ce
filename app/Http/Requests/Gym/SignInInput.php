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
        #[OA\Property(description: 'Of the phone, or one for recovery, where a second factor is in use.', maxLength: 20)]
        public ?string $code = null,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('email', 'password', 'code');

        return new self(mb_strtolower($json->text('email', 200)), $json->secret('password', 200), $json->optionalText('code', 20));
    }
}
