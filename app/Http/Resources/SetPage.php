<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LoggedSet;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SetPage
{
    /** @param  list<SetResource>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SetResource::class))]
        public array $items,
        #[OA\Property(description: 'The next page, if there is one.')]
        public ?int $next_page,
    ) {
    }

    /** @param  Page<LoggedSet>  $page */
    public static function of(Page $page): self
    {
        return new self(array_map(SetResource::of(...), $page->items), $page->next);
    }
}
