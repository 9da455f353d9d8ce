<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * The classes of a gym, and what is held today and in the days round it.
 */
#[OA\Schema(schema: 'ClassList')]
final readonly class ClassListJson
{
    /**
     * @param  list<ClassJson>  $items
     * @param  list<HeldClassJson>  $held
     * @param  list<string>  $tags
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $today,
        #[OA\Property(items: new OA\Items(ref: ClassJson::class))]
        public array $items,
        #[OA\Property(description: 'From yesterday to a week ahead, in order.', items: new OA\Items(ref: HeldClassJson::class))]
        public array $held,
        #[OA\Property(description: 'In use on the roster.', items: new OA\Items(type: 'string'))]
        public array $tags,
    ) {
    }
}
