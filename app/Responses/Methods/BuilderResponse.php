<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\Prescription;

/**
 * Work in the place of strict work for some weeks.
 */
#[OA\Schema]
final readonly class BuilderResponse
{
    /**
     * @param  array{int, int}  $weeks
     * @param  list<string>  $lines
     */
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $idea,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $weeks,
        #[OA\Property]
        public int $from_reps,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $lines,
        #[OA\Property(description: 'Not for newcomers.')]
        public bool $tires,
    ) {
    }

    public static function of(Builder $b): self
    {
        return new self(
            key: $b->key,
            name: $b->name,
            idea: $b->idea,
            weeks: $b->weeks,
            from_reps: $b->fromReps,
            lines: array_map(static fn (Prescription $p): string => $p->words(), $b->lines),
            tires: $b->tires,
        );
    }
}
