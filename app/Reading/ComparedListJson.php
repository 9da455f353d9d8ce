<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ComparedListJson
{
    /** @param  list<ComparedJson>  $athletes */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ComparedJson::class))]
        public array $athletes,
    ) {
    }
}
