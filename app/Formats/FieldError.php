<?php

declare(strict_types=1);

namespace App\Formats;

use OpenApi\Attributes as OA;

/**
 * One thing wrong in a request: where (JSON pointer), what, and the allowed range where there is one.
 */
#[OA\Schema]
final readonly class FieldError
{
    /** @param  list<string>|null  $allowed */
    public function __construct(
        #[OA\Property(description: 'JSON pointer to the value, RFC 6901.')]
        public string $pointer,
        #[OA\Property]
        public string $detail,
        #[OA\Property(
            oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number'), new OA\Schema(type: 'boolean')],
            nullable: true,
        )]
        public string|int|float|bool|null $value = null,
        #[OA\Property]
        public ?float $low = null,
        #[OA\Property]
        public ?float $high = null,
        #[OA\Property]
        public ?string $unit = null,
        #[OA\Property(description: 'The names that are known here.', type: 'array', items: new OA\Items(type: 'string'), nullable: true)]
        public ?array $allowed = null,
    ) {
    }

    /** @param  list<string>|null  $allowed */
    public static function at(string $pointer, string $detail, mixed $value = null, ?array $allowed = null): self
    {
        return new self($pointer, $detail, self::shown($value), allowed: $allowed);
    }

    private static function shown(mixed $value): string|int|float|bool|null
    {
        return match (true) {
            is_float($value) => is_finite($value) ? $value : 'not a finite number',
            is_string($value) => mb_strimwidth(mb_scrub($value), 0, 80, '…'),
            is_int($value), is_bool($value) => $value,
            default => null,
        };
    }
}
