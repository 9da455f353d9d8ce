<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * Who works in a gym, those who have left last.
 */
#[OA\Schema(schema: 'Staff')]
final readonly class StaffResponse
{
    /** @param  list<MemberResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: MemberResponse::class))]
        public array $items,
    ) {
    }
}
