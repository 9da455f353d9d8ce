<?php

declare(strict_types=1);

namespace App\Queries\Log;

use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use App\Models\Screening\PainUndoing;
use App\Queries\Page;
use App\Responses\Log\SetPageResponse;
use App\Responses\Log\SetResponse;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/**
 * Puts the log of an athlete together, a page at a time.
 */
final readonly class SetQuery
{
    public function page(string $athleteId, int $number): SetPageResponse
    {
        $query = LoggedSet::standing($athleteId)->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id');
        $page = Page::of($query, $number);

        return new SetPageResponse($this->all($page->items), $page->next);
    }

    public function one(LoggedSet $set): SetResponse
    {
        return $this->all([$set])[0];
    }

    /**
     * @param  list<LoggedSet>  $sets of one athlete
     * @return list<SetResponse>
     */
    public function all(array $sets): array
    {
        $taught = $sets === []
            ? []
            : CapacityRecord::taught($sets[0]->athlete_id, array_values(array_unique(array_column($sets, 'trained_on'))));
        $painful = array_values(array_filter(array_map(static fn (LoggedSet $set): ?CarbonImmutable => $set->pain_told_at, $sets)));
        $undone = $painful === []
            ? new Collection
            : PainUndoing::query()->where('athlete_id', $sets[0]->athlete_id)->whereIn('told_at', $painful)->pluck('told_at');

        return array_map(
            static fn (LoggedSet $set): SetResponse => SetResponse::of(
                $set,
                $taught[$set->id] ?? null,
                $set->pain_told_at !== null && $undone->contains($set->pain_told_at),
            ),
            $sets,
        );
    }
}
