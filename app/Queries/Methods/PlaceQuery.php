<?php

declare(strict_types=1);

namespace App\Queries\Methods;

use App\Context\Methods\Methods;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Methods\PlaceChange;
use App\Responses\Methods\PlaceHistoryResponse;
use App\Responses\Methods\PlaceMoveResponse;

/**
 * How an athlete moved through methods.
 */
final readonly class PlaceQuery
{
    private const MOST = 60;

    public function __construct(private Methods $methods)
    {
    }

    public function of(Athlete $athlete): PlaceHistoryResponse
    {
        $changes = PlaceChange::query()->where('athlete_id', $athlete->id)
            ->orderByDesc('made_at')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();
        $names = User::query()->whereIn('id', $changes->pluck('user_id')->unique())->pluck('name', 'id');

        return new PlaceHistoryResponse(array_values(
            $changes->map(fn (PlaceChange $c): PlaceMoveResponse => $this->move($c, (string) ($names[$c->user_id] ?? '')))->all(),
        ));
    }

    private function move(PlaceChange $change, string $coach): PlaceMoveResponse
    {
        $method = $this->methods->find($change->method_key);

        return new PlaceMoveResponse(
            $method->name ?? $change->method_key,
            $method?->find($change->stage_key)->name ?? $change->stage_key,
            $change->since,
            $change->call_id !== null,
            $coach,
            $change->reason,
        );
    }
}
