<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use App\Models\Gym\Gym;
use App\Models\Gym\User;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\CapLimits;

/**
 * The figures of the caps as the gym has them.
 */
#[OA\Schema]
final readonly class CapsResponse
{
    private function __construct(
        #[OA\Property]
        public int $lowerings_a_session,
        #[OA\Property]
        public int $lowerings_a_week,
        #[OA\Property]
        public int $hard_sets_first_month,
        #[OA\Property]
        public int $hard_sets_later,
        /** @var array<string, int> */
        #[OA\Property(
            description: 'As they ship, by key.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
        )]
        public array $usual,
        #[OA\Property(description: 'Who answers for a figure above the usual.')]
        public ?string $raised_by,
        #[OA\Property(format: 'date-time')]
        public ?string $raised_at,
    ) {
    }

    public static function of(Gym $gym): self
    {
        $limits = $gym->capLimits();

        return new self(
            lowerings_a_session: $limits->loweringsASession, lowerings_a_week: $limits->loweringsAWeek, hard_sets_first_month: $limits->hardSetsFirstMonth, hard_sets_later: $limits->hardSetsLater, usual: (
                new CapLimits
            )->figures(),
            raised_by: $gym->caps_raised_by === null
                ? null
                : User::query()->find($gym->caps_raised_by)?->name, raised_at: $gym->caps_raised_at?->toIso8601String(),
        );
    }
}
