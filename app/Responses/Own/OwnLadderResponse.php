<?php

declare(strict_types=1);

namespace App\Responses\Own;

use App\Formats\Json\Ladder\RungJson;
use App\Models\Log\LoggedSet;
use App\Responses\Athletes\AthleteResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * Where an athlete stands on the way to a strict pull-up: what the arms carry now, next, and carried at first.
 */
#[OA\Schema(schema: 'OwnLadder')]
final readonly class OwnLadderResponse
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $carried_kg,
        #[OA\Property]
        public float $mass_kg,
        #[OA\Property(description: 'Where the coach was advised to climb.')]
        public ?string $next_name,
        #[OA\Property]
        public ?float $next_share,
        #[OA\Property(description: 'Of the first set of work.')]
        public ?float $began_share,
        #[OA\Property(format: 'date')]
        public ?string $began_on,
    ) {
    }

    /** @param  LoggedSet|null  $first  of work */
    public static function of(RungJson $rung, AthleteResponse $seen, ?LoggedSet $first): self
    {
        $next = $seen->call?->call->verdict === Verdict::Climb ? $seen->call->call->next : null;

        return new self(
            name: $rung->name,
            share: $rung->carried->share->mean,
            carried_kg: $rung->carried->carried_kg->mean,
            mass_kg: $seen->mass_kg,
            next_name: $next?->name,
            next_share: $next?->carried->share->mean,
            began_share: $first?->carried_share,
            began_on: $first?->trained_on,
        );
    }
}
