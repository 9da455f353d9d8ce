<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Formats\Day;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Context\RefusalCode;

#[OA\Schema]
final readonly class RefusalResponse
{
    public function __construct(
        #[OA\Property]
        public RefusalCode $code,
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'From when on it can be.', format: 'date')]
        public ?string $next_on,
    ) {
    }

    public static function of(Refusal $refused): self
    {
        return new self($refused->code, $refused->text, $refused->nextOn === null ? null : Day::date($refused->nextOn));
    }
}
