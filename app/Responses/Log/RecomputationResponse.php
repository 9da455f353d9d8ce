<?php

declare(strict_types=1);

namespace App\Responses\Log;

use App\Models\Log\Recomputation;
use OpenApi\Attributes as OA;

/**
 * How far an order to compute sets again is.
 */
#[OA\Schema(schema: 'Recomputation')]
final readonly class RecomputationResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'So many when it was ordered.')]
        public int $sets,
        #[OA\Property]
        public int $done,
        #[OA\Property(description: 'Whose set-up cannot be built any more: they stay as they were.')]
        public int $left_out,
        #[OA\Property]
        public RecomputationState $state,
        #[OA\Property(description: 'Whether it puts back what another order changed.')]
        public bool $undoes,
    ) {
    }

    public static function of(Recomputation $order): self
    {
        return new self(
            id: $order->id,
            sets: $order->sets,
            done: $order->done,
            left_out: $order->left_out,
            state: match (true) {
                $order->ended_at !== null => RecomputationState::Ended,
                $order->failed_at !== null => RecomputationState::Stopped,
                default => RecomputationState::Running,
            },
            undoes: $order->undoes_id !== null,
        );
    }
}
