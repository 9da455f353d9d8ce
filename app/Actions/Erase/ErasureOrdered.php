<?php

declare(strict_types=1);

namespace App\Actions\Erase;

use App\Formats\Erase\ErasedLog;
use OpenApi\Attributes as OA;

/**
 * An athlete is to be erased. Their name is typed, and what becomes of their training is as it was shown, so that nothing else is erased
 * than was meant.
 */
#[OA\Schema(schema: 'ErasureInput')]
final readonly class ErasureOrdered
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'As the athlete is called.', maxLength: 80)]
        public string $name,
        #[OA\Property]
        public ErasedLog $log,
    ) {
    }
}
