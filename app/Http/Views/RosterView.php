<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Http\Requests\PageInput;
use App\Http\Resources\CapacityResource;
use App\Http\Resources\Page;
use App\Http\Resources\RosterEntry;
use App\Http\Resources\RosterPage;
use App\Models\Athlete;
use App\Models\CallRecord;
use App\Models\CapacityRecord;
use App\Models\GymKit;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Strength\Pattern;

/**
 * Puts the roster together, a page at a time.
 */
final readonly class RosterView
{
    public function __construct(private GymKit $kit)
    {
    }

    public function page(PageInput $input): RosterPage
    {
        $query = Athlete::query()->orderBy('name')->orderBy('id');
        if ($input->search !== null) {
            $query->where('name', 'ilike', '%'.addcslashes($input->search, '%_\\').'%');
        }
        $page = Page::of($query, $input->page);
        $ids = array_column($page->items, 'id');
        $verdicts = CallRecord::query()->whereIn('athlete_id', $ids)->whereNull('decided_at')->get(['athlete_id', 'verdict'])->pluck('verdict', 'athlete_id');
        $capacities = CapacityRecord::query()->whereIn('athlete_id', $ids)
            ->selectRaw('DISTINCT ON (athlete_id, pattern) *')->orderBy('athlete_id')->orderBy('pattern')->orderByDesc('trained_on')->get()
            ->keyBy(static fn (CapacityRecord $record): string => "$record->athlete_id $record->pattern");
        $search = new RungSearch($this->kit->inUse());

        return new RosterPage(array_map(function (Athlete $athlete) use ($verdicts, $capacities, $search): RosterEntry {
            $rung = $search->standing($athlete->chosen, $athlete->toCore());
            $rung = $rung instanceof Rung ? $rung : null;
            $pattern = $rung?->lane()->pattern() ?? Pattern::Pull;
            $capacity = $capacities->get("$athlete->id $pattern->value");

            return new RosterEntry(
                $athlete->id, $athlete->name, $athlete->kind, $athlete->mass_kg,
                $rung?->name, $rung?->share(),
                $capacity === null ? null : CapacityResource::of($capacity),
                $verdicts->get($athlete->id),
                $athlete->paused_at !== null,
            );
        }, $page->items), $page->next);
    }
}
