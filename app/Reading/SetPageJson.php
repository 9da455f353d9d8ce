<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SetPageJson
{
    /** @param  list<SetJson>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SetJson::class))]
        public array $items,
        #[OA\Property(description: 'The next page, if there is one.')]
        public ?int $next_page,
    ) {
    }
}
