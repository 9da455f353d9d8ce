<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\Stage;
use SteadyRung\Method\StageKind;

/**
 * A stage as a method's strip shows it.
 */
#[OA\Schema]
final readonly class StageStripResponse
{
    /**
     * @param  list<int>  $weeks
     * @param  list<string>  $lines
     * @param  list<string>  $ours
     */
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public StageKind $kind,
        #[OA\Property(description: 'Weeks it usually takes, from and to.', items: new OA\Items(type: 'integer'), minItems: 2, maxItems: 2)]
        public array $weeks,
        #[OA\Property(description: 'The share of bodyweight it ends at.')]
        public float $ends_at_share,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $lines,
        #[OA\Property]
        public string $gate,
        #[OA\Property]
        public int $lowerings,
        #[OA\Property(description: 'What we filled in where coaches leave it open.', items: new OA\Items(type: 'string'))]
        public array $ours,
        #[OA\Property]
        public ?string $note,
    ) {
    }

    public static function of(Stage $stage): self
    {
        return new self(
            key: $stage->key,
            name: $stage->name,
            kind: $stage->kind(),
            weeks: $stage->weeks,
            ends_at_share: $stage->endsAtShare,
            lines: array_map(static fn (Prescription $p): string => $p->words(), $stage->lines),
            gate: $stage->gate->words(),
            lowerings: $stage->lowerings(),
            ours: $stage->ours,
            note: $stage->note,
        );
    }
}
