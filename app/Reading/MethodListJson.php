<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class MethodListJson
{
    /** @param  list<MethodStripJson>  $methods */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: MethodStripJson::class))]
        public array $methods,
    ) {
    }
}
