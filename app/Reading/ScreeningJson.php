<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * A screen with its answers; that it was looked at is kept.
 */
#[OA\Schema]
final readonly class ScreeningJson
{
    /**
     * @param  list<string>  $reasons
     * @param  list<ScreeningLookJson>  $looks
     */
    public function __construct(
        #[OA\Property]
        public ScreeningEntryJson $screen,
        #[OA\Property(ref: '#/components/schemas/ScreeningInput')]
        public object $answers,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $reasons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ScreeningLookJson::class))]
        public array $looks,
    ) {
    }
}
