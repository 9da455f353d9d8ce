<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use OpenApi\Attributes as OA;
use SteadyRung\Safety\ScreenOutcome;

/**
 * A screen in the history, without its answers.
 */
#[OA\Schema]
final readonly class ScreeningEntryResponse
{
    /**
     * @param  list<string>  $limits
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property(description: 'The coach.')]
        public string $by,
        #[OA\Property]
        public ScreenOutcome $outcome,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $limits,
        #[OA\Property(description: 'How often its answers were looked at.')]
        public int $looks,
    ) {
    }
}
