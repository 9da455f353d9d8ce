<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use App\Models\Gym\User;
use OpenApi\Attributes as OA;

/**
 * The coaches of a gym.
 */
#[OA\Schema(schema: 'CoachList')]
final readonly class CoachListResponse
{
    private const MOST = 100;

    /** @param  list<CoachResponse>  $items */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: CoachResponse::class))]
        public array $items,
    ) {
    }

    public static function ofGym(string $gymId): self
    {
        return new self(array_values(
            User::query()->where('gym_id', $gymId)->orderBy('name')->orderBy('id')->limit(self::MOST)->get(['id', 'name'])->map(
                static fn (User $u): CoachResponse => new CoachResponse($u->id, $u->name),
            )->all(),
        ));
    }
}
