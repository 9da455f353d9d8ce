<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RosterPageJson
{
    /**
     * @param  list<RosterEntryJson>  $items
     * @param  list<string>  $tags
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: RosterEntryJson::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
        #[OA\Property(description: 'All tags in use in the gym.', items: new OA\Items(type: 'string'))]
        public array $tags,
    ) {
    }
}
