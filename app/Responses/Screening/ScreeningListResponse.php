<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use OpenApi\Attributes as OA;

/**
 * The screens of an athlete, newest first.
 */
#[OA\Schema]
final readonly class ScreeningListResponse
{
    /**
     * @param  list<ScreeningEntryResponse>  $items
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ScreeningEntryResponse::class))]
        public array $items,
    ) {
    }
}
