<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * The screens of an athlete, newest first.
 */
#[OA\Schema]
final readonly class ScreeningListJson
{
    /**
     * @param  list<ScreeningEntryJson>  $items
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ScreeningEntryJson::class))]
        public array $items,
    ) {
    }
}
