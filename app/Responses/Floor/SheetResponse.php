<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use App\Responses\Log\LoweringLeftResponse;
use App\Responses\Sessions\RefusalResponse;
use OpenApi\Attributes as OA;

/**
 * A session as it was written for a day on the floor.
 */
#[OA\Schema(schema: 'Sheet')]
final readonly class SheetResponse
{
    /**
     * @param  list<SheetLineResponse>  $lines
     * @param  list<string>  $remarks
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SheetLineResponse::class))]
        public array $lines,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $remarks,
        #[OA\Property]
        public int $minutes,
        #[OA\Property(description: 'What comes first; none where the session can begin.')]
        public ?ConcernResponse $concern,
        #[OA\Property(description: 'Why hanging and pulling overhead is left out today.')]
        public ?RefusalResponse $refused,
        #[OA\Property(description: 'What the caps left before the day began.')]
        public LoweringLeftResponse $lowerings,
        #[OA\Property]
        public string $stage,
    ) {
    }
}
