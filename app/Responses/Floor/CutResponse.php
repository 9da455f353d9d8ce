<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;
use SteadyRung\Floor\Collision\Cut;

/**
 * What somebody could leave out of a class that does not fit.
 */
#[OA\Schema(schema: 'Cut')]
final readonly class CutResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $line,
        #[OA\Property]
        public int $sets,
        #[OA\Property(description: 'So much sooner the class ends.')]
        public int $saves_s,
    ) {
    }

    public static function of(Cut $cut): self
    {
        return new self($cut->athlete, $cut->line, $cut->sets, $cut->savesS);
    }
}
