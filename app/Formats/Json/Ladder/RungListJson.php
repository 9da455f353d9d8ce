<?php

declare(strict_types=1);

namespace App\Formats\Json\Ladder;

use OpenApi\Attributes as OA;

/**
 * Set-ups that answer a question, the best first; or why there is none.
 */
#[OA\Schema]
final readonly class RungListJson
{
    /** @param  list<RungJson>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: RungJson::class))]
        public array $items,
        #[OA\Property]
        public ?string $reason,
    ) {
    }
}
