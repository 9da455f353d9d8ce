<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use OpenApi\Attributes as OA;

/**
 * A screen with its answers; that it was looked at is kept.
 */
#[OA\Schema]
final readonly class ScreeningResponse
{
    /**
     * @param  list<string>  $reasons
     * @param  list<ScreeningLookResponse>  $looks
     */
    public function __construct(
        #[OA\Property]
        public ScreeningEntryResponse $screen,
        #[OA\Property(ref: '#/components/schemas/ScreeningInput')]
        public object $answers,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $reasons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ScreeningLookResponse::class))]
        public array $looks,
    ) {
    }
}
