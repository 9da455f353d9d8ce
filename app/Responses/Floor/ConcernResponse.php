<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;
use SteadyRung\Floor\Concern;
use SteadyRung\Floor\ConcernKind;

#[OA\Schema(schema: 'Concern')]
final readonly class ConcernResponse
{
    public function __construct(
        #[OA\Property]
        public ConcernKind $kind,
        #[OA\Property]
        public string $text,
    ) {
    }

    public static function of(Concern $concern): self
    {
        return new self($concern->kind, $concern->text);
    }
}
