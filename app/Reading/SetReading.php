<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\CapacityRecord;
use App\Models\LoggedSet;
use App\Models\PainUndoing;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/**
 * Puts the log of an athlete together, a page at a time.
 */
final readonly class SetReading
{
    public function page(string $athleteId, int $number): SetPageJson
    {
        $query = LoggedSet::standing($athleteId)->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id');
        $page = Page::of($query, $number);

        return new SetPageJson($this->all($page->items), $page->next);
    }

    public function one(LoggedSet $set): SetJson
    {
        return $this->all([$set])[0];
    }

    /**
     * @param  list<LoggedSet>  $sets of one athlete
     * @return list<SetJson>
     */
    public function all(array $sets): array
    {
        $taught = $sets === [] ? [] : CapacityRecord::taught($sets[0]->athlete_id, array_values(array_unique(array_column($sets, 'trained_on'))));
        $painful = array_values(array_filter(array_map(static fn (LoggedSet $set): ?CarbonImmutable => $set->pain_told_at, $sets)));
        $undone = $painful === [] ? new Collection : PainUndoing::query()->where('athlete_id', $sets[0]->athlete_id)->whereIn('told_at', $painful)->pluck('told_at');

        return array_map(static fn (LoggedSet $set): SetJson => SetJson::of($set, $taught[$set->id] ?? null, $set->pain_told_at !== null && $undone->contains($set->pain_told_at)), $sets);
    }
}
