<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Athlete;
use App\Models\PlaceChange;
use App\Models\User;

/**
 * How an athlete moved through methods.
 */
final readonly class PlaceReading
{
    private const MOST = 60;

    public function __construct(private Methods $methods)
    {
    }

    public function of(Athlete $athlete): PlaceHistoryJson
    {
        $changes = PlaceChange::query()->where('athlete_id', $athlete->id)->orderByDesc('made_at')->orderByDesc('id')->limit(self::MOST)->get();
        $names = User::query()->whereIn('id', $changes->pluck('user_id')->unique())->pluck('name', 'id');

        return new PlaceHistoryJson(array_values($changes->map(fn (PlaceChange $c): PlaceMoveJson => $this->move($c, (string) ($names[$c->user_id] ?? '')))->all()));
    }

    private function move(PlaceChange $change, string $coach): PlaceMoveJson
    {
        $method = $this->methods->find($change->method_key);

        return new PlaceMoveJson($method->name ?? $change->method_key, $method?->find($change->stage_key)->name ?? $change->stage_key, $change->since, $change->call_id !== null, $coach, $change->reason);
    }
}
