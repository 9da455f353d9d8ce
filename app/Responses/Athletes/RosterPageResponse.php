<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RosterPageResponse
{
    /**
     * @param  list<RosterEntryResponse>  $items
     * @param  list<string>  $tags
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: RosterEntryResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
        #[OA\Property(description: 'All tags in use in the gym.', items: new OA\Items(type: 'string'))]
        public array $tags,
    ) {
    }
}
