<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Formats\Erase\ErasedLog;
use OpenApi\Attributes as OA;

/**
 * What becomes of the training of an athlete who is erased.
 */
#[OA\Schema]
final readonly class ErasedLogInput
{
    public function __construct(
        #[OA\Property]
        public ErasedLog $log,
    ) {
    }
}
