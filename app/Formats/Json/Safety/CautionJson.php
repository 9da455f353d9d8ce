<?php

declare(strict_types=1);

namespace App\Formats\Json\Safety;

use OpenApi\Attributes as OA;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Moment;

#[OA\Schema]
final readonly class CautionJson
{
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public Moment $moment,
        #[OA\Property]
        public string $text,
    ) {
    }

    public static function of(Caution $caution): self
    {
        return new self($caution->value, $caution->moment(), $caution->text());
    }
}
