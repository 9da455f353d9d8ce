<?php

declare(strict_types=1);

namespace App\Responses\Methods\Rules;

use OpenApi\Attributes as OA;

/**
 * What a change of house rules would do to one athlete.
 */
#[OA\Schema]
final readonly class RuleEffectResponse
{
    /** @param  list<string>  $changes */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $athlete_name,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $changes,
    ) {
    }
}
