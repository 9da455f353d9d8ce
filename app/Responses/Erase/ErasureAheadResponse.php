<?php

declare(strict_types=1);

namespace App\Responses\Erase;

use App\Formats\Erase\ErasedLog;
use OpenApi\Attributes as OA;

/**
 * What erasing an athlete would do, as the gym has settled it; and the last order, if one was given.
 */
#[OA\Schema(schema: 'ErasureAhead')]
final readonly class ErasureAheadResponse
{
    /** @param  list<ErasedPartResponse>  $parts */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ErasedLog $log,
        #[OA\Property(items: new OA\Items(ref: ErasedPartResponse::class))]
        public array $parts,
    ) {
    }
}
