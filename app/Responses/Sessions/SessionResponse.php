<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Formats\Json\Methods\PlaceJson;
use App\Formats\Json\Sessions\BlockJson;
use OpenApi\Attributes as OA;

/**
 * The next session of an athlete, as it is written today.
 */
#[OA\Schema]
final readonly class SessionResponse
{
    /**
     * @param  list<BlockJson>  $blocks
     * @param  list<LineDoneResponse>  $done
     * @param  list<string>  $gear
     * @param  list<string>  $notes
     * @param  list<LeftOutResponse>  $left_out
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property]
        public PlaceJson $place,
        #[OA\Property(items: new OA\Items(ref: BlockJson::class))]
        public array $blocks,
        #[OA\Property(description: 'Of each of the blocks, in their order.', items: new OA\Items(ref: LineDoneResponse::class))]
        public array $done,
        #[OA\Property]
        public int $minutes,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $gear,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $notes,
        #[OA\Property(description: 'Why it is not written, or not whole.')]
        public ?RefusalResponse $refused,
        #[OA\Property(description: 'By hand.', items: new OA\Items(ref: LeftOutResponse::class))]
        public array $left_out,
        #[OA\Property]
        public CalendarResponse $calendar,
    ) {
    }
}
