<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use App\Responses\Kit\DamagedResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * A page of the calls that wait, and how many of each kind wait in all.
 */
#[OA\Schema]
final readonly class CallQueueResponse
{
    /**
     * @param  list<KeptCallResponse>  $items
     * @param  array<value-of<Verdict>, int>  $waiting
     * @param  list<DamagedResponse>  $damaged
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: KeptCallResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))]
        public array $waiting,
        #[OA\Property(description: 'Calls of this page that cannot be read.', items: new OA\Items(ref: DamagedResponse::class))]
        public array $damaged,
    ) {
    }
}
