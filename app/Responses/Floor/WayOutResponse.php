<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;
use SteadyRung\Floor\Collision\WayOut;
use SteadyRung\Floor\Collision\WayOutKind;

/**
 * A way out where two need one thing, and what it costs.
 */
#[OA\Schema(schema: 'WayOut')]
final readonly class WayOutResponse
{
    private function __construct(
        #[OA\Property]
        public WayOutKind $kind,
        #[OA\Property(description: 'The athlete who goes first.', format: 'uuid')]
        public string $goes_first,
        #[OA\Property(description: 'switch: whose exercise.', format: 'uuid')]
        public ?string $switches,
        #[OA\Property(description: 'switch: key of what is done instead.')]
        public ?string $rung_key,
        #[OA\Property(description: 'How long whoever goes second waits, once rested.')]
        public int $waits_s,
        #[OA\Property(description: 'How many others begin over half a minute sooner or later.')]
        public int $others_moved,
        #[OA\Property(description: 'So much later the class ends; below 0 sooner.')]
        public int $later_s,
    ) {
    }

    public static function of(WayOut $way): self
    {
        return new self(
            $way->kind,
            $way->goesFirst,
            $way->instead?->athlete,
            $way->instead?->rung,
            $way->waitsS,
            $way->othersMoved,
            $way->laterS,
        );
    }
}
