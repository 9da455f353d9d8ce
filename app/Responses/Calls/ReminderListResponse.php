<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ReminderListResponse
{
    /** @param  list<ReminderResponse>  $items */
    public function __construct(
        #[OA\Property(description: 'The most pressing first.', items: new OA\Items(ref: ReminderResponse::class))]
        public array $items,
    ) {
    }
}
