<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * A page of the calls that wait, and how many of each kind wait in all.
 */
#[OA\Schema]
final readonly class CallQueue
{
    /**
     * @param  list<CallResource>  $items
     * @param  array<value-of<Verdict>, int>  $waiting
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: CallResource::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))]
        public array $waiting,
    ) {
    }
}
