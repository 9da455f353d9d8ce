<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * The classes of a gym, and what is held today and in the days round it.
 */
#[OA\Schema(schema: 'ClassList')]
final readonly class ClassListResponse
{
    /**
     * @param  list<ClassResponse>  $items
     * @param  list<HeldClassResponse>  $held
     * @param  list<string>  $tags
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $today,
        #[OA\Property(items: new OA\Items(ref: ClassResponse::class))]
        public array $items,
        #[OA\Property(description: 'From yesterday to a week ahead, in order.', items: new OA\Items(ref: HeldClassResponse::class))]
        public array $held,
        #[OA\Property(description: 'In use on the roster.', items: new OA\Items(type: 'string'))]
        public array $tags,
    ) {
    }
}
