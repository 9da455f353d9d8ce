<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\CoreJson\RungAnswer;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LadderRung
{
    public function __construct(
        #[OA\Property]
        public RungAnswer $rung,
        #[OA\Property(description: 'Step up to it in carried share.')]
        public float $step,
    ) {
    }
}
