<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * A letter in plain text.
 */
#[OA\Schema(schema: 'Letter')]
final readonly class LetterResponse
{
    public function __construct(
        #[OA\Property]
        public string $to,
        #[OA\Property]
        public string $subject,
        #[OA\Property(format: 'date-time')]
        public string $sent_at,
        #[OA\Property]
        public string $text,
    ) {
    }
}
