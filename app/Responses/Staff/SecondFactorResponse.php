<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * What a phone needs to make codes, told once.
 */
#[OA\Schema(schema: 'SecondFactor')]
final readonly class SecondFactorResponse
{
    public function __construct(
        #[OA\Property(description: 'To type into the phone (base32).')]
        public string $secret,
        #[OA\Property(description: 'What a QR code for the phone holds (otpauth).')]
        public string $address,
    ) {
    }
}
