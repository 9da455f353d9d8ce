<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use App\Formats\Json\Ladder\RungJson;
use OpenApi\Attributes as OA;

/**
 * A baseline as far as it is: what was done, what comes next, and at its end where to begin.
 */
#[OA\Schema]
final readonly class BaselineResponse
{
    /** @param  list<BaselineLineResponse>  $steps */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BaselineLineResponse::class))]
        public array $steps,
        #[OA\Property]
        public bool $finished,
        #[OA\Property(description: 'Where to begin, once it is finished.')]
        public ?RungJson $start,
    ) {
    }
}
