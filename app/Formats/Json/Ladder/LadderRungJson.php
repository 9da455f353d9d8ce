<?php

declare(strict_types=1);

namespace App\Formats\Json\Ladder;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LadderRungJson
{
    public function __construct(
        #[OA\Property]
        public RungJson $rung,
        #[OA\Property(description: 'Step up to it in carried share.')]
        public float $step,
    ) {
    }
}
