<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Models\Floor\GymClass;
use OpenApi\Attributes as OA;
use SteadyRung\Floor\Timetable\Comer;

/**
 * In which order a class is to go on: one turn that a coach moved, or all of a fresh plan.
 */
#[OA\Schema(schema: 'OrderInput')]
final readonly class OrderTold
{
    private const MOST_TURNS = GymClass::MOST_COMERS * Comer::TURNS[1];

    /** @param  list<TurnTold>  $turns */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $class_id,
        #[OA\Property(type: 'string', format: 'date')]
        public string $on,
        #[OA\Property(items: new OA\Items(ref: TurnTold::class), maxItems: self::MOST_TURNS)]
        public array $turns,
        #[OA\Property(type: 'string', format: 'date-time')]
        public \DateTimeImmutable $told_at,
    ) {
    }
}
