<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\CoreJson\RungAnswer;
use OpenApi\Attributes as OA;

/**
 * Set-ups that answer a question, the best first; or why there is none.
 */
#[OA\Schema]
final readonly class RungList
{
    /** @param  list<RungAnswer>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: RungAnswer::class))]
        public array $items,
        #[OA\Property]
        public ?string $reason,
    ) {
    }
}
