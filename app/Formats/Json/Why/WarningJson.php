<?php

declare(strict_types=1);

namespace App\Formats\Json\Why;

use OpenApi\Attributes as OA;
use SteadyRung\Setup\Warning;

#[OA\Schema]
final readonly class WarningJson
{
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $text,
    ) {
    }

    public static function of(Warning $warning): self
    {
        return new self($warning->code->value, $warning->text);
    }
}
