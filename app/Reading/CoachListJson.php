<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\User;
use OpenApi\Attributes as OA;

/**
 * The coaches of a gym.
 */
#[OA\Schema(schema: 'CoachList')]
final readonly class CoachListJson
{
    private const MOST = 100;

    /** @param  list<CoachJson>  $items */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: CoachJson::class))]
        public array $items,
    ) {
    }

    public static function ofGym(string $gymId): self
    {
        return new self(array_values(User::query()->where('gym_id', $gymId)->orderBy('name')->orderBy('id')->limit(self::MOST)->get(['id', 'name'])->map(static fn (User $u): CoachJson => new CoachJson($u->id, $u->name))->all()));
    }
}
