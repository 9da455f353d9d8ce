<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * A session as it was written for a day on the floor.
 */
#[OA\Schema(schema: 'Sheet')]
final readonly class SheetJson
{
    /**
     * @param  list<SheetLineJson>  $lines
     * @param  list<string>  $remarks
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SheetLineJson::class))]
        public array $lines,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $remarks,
        #[OA\Property]
        public int $minutes,
        #[OA\Property(description: 'What comes first; none where the session can begin.')]
        public ?ConcernJson $concern,
        #[OA\Property(description: 'Why hanging and pulling overhead is left out today.')]
        public ?RefusalJson $refused,
        #[OA\Property(description: 'What the caps left before the day began.')]
        public LoweringLeftJson $lowerings,
        #[OA\Property]
        public string $stage,
    ) {
    }
}
