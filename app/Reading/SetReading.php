<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\CapacityRecord;
use App\Models\LoggedSet;

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

        return array_map(static fn (LoggedSet $set): SetJson => SetJson::of($set, $taught[$set->id] ?? null), $sets);
    }
}
