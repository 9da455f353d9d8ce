<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

use App\Context\Athletes\LoadAthleteContext;
use App\Context\Athletes\LoadEstimate;
use App\Context\Gym\GymDay;
use App\Context\Methods\Methods;
use App\Context\Setups\FindLadderPath;
use App\Formats\Stored\Damaged;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Calls\CallRecord;
use App\Queries\Page;
use App\Responses\Athletes\CapacityResponse;
use App\Responses\Athletes\RosterEntryResponse;
use App\Responses\Athletes\RosterPageResponse;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Collection;
use SteadyRung\Call\Rules\Stay;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Method;
use SteadyRung\Plan\Diary\Week;

/**
 * Puts the roster together, a page at a time.
 */
final readonly class RosterQuery
{
    public function __construct(
        private FindLadderPath $ways,
        private LoadEstimate $estimates,
        private GymDay $days,
        private Methods $methods,
    ) {
    }

    public function page(
        int $number,
        ?string $search,
        ?string $tag = null,
        RosterOrder $order = RosterOrder::Name,
        RosterShow $show = RosterShow::All,
    ): RosterPageResponse {
        $query = Athlete::query()->{$show === RosterShow::Archived ? 'whereNotNull' : 'whereNull'}('archived_at');
        match ($show) {
            RosterShow::Overdue => $query->where('last_trained_on', '<', $this->days->daysAgo(Week::OVERDUE_DAYS))->whereNull('paused_at'),
            RosterShow::Paused => $query->whereNotNull('paused_at'),
            RosterShow::All, RosterShow::Archived => null,
        };
        foreach (preg_split('/[\s,]+/', (string) $search, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $query->where('name', 'ilike', '%'.addcslashes($word, '%_\\').'%');
        }
        if ($tag !== null) {
            $query->whereRaw('tags @> ?::jsonb', [json_encode([$tag], JSON_THROW_ON_ERROR)]);
        }
        if ($order === RosterOrder::Call) {
            $query->orderByRaw(self::byCall());
        }
        if ($order === RosterOrder::LastSession) {
            $query->orderByRaw('last_trained_on DESC NULLS LAST');
        }
        if ($order === RosterOrder::Stage) {
            $query->orderBy('method_key')->orderBy('stage_key');
        }
        $page = Page::of($query->orderBy('name')->orderBy('id'), $number);
        $calls = $this->calls(array_column($page->items, 'id'));
        $capacities = CapacityRecord::newestOfAll(array_column($page->items, 'id'));
        $methods = [];
        foreach ($page->items as $athlete) {
            $methods[$athlete->method_key] ??= $this->methods->of($athlete->method_key);
        }

        return new RosterPageResponse(
            array_map(
                fn (Athlete $athlete): RosterEntryResponse => $this->entry(
                    $athlete,
                    $calls->get($athlete->id),
                    $capacities,
                    $methods[$athlete->method_key],
                ),
                $page->items,
            ),
            $page->next,
            Athlete::tagsInUse($show === RosterShow::Archived),
        );
    }

    /** Whoever waits for a coach first, in the calls’ order of precedence: pauses, then open calls, who is to stay after them, then the others. */
    private static function byCall(): string
    {
        $ranks = implode(' ', array_map(
            static fn (Verdict $v): string => "WHEN '$v->value' THEN {$v->rank()}",
            Verdict::cases(),
        ));

        return '(SELECT CASE coalesce(c.override_verdict, c.verdict) '.$ranks.' END FROM calls c '
            .'WHERE c.gym_id = athletes.gym_id AND c.athlete_id = athletes.id AND c.decided_at IS NULL) NULLS LAST';
    }

    /** @param  array<string, CapacityRecord>  $capacities by athlete and movement */
    private function entry(Athlete $athlete, ?CallRecord $call, array $capacities, Method $method): RosterEntryResponse
    {
        $stage = LoadAthleteContext::stage($method, $athlete->stage_key);
        $rung = null;
        $damaged = false;
        try {
            $rung = $this->ways->standing($athlete);
        } catch (Damaged $fault) {
            report($fault);
            $damaged = true;
        }
        $rung = $rung instanceof Rung ? $rung : null;
        $pattern = $rung?->exercise->pattern() ?? Pattern::Pull;
        $capacity = $capacities["$athlete->id $pattern->value"] ?? null;

        return new RosterEntryResponse(
            id: $athlete->id, name: $athlete->name, kind: $athlete->kind, tags: $athlete->tags, mass_kg: $athlete->mass_kg,
            setup_name: $rung?->name, setup_share: $rung?->share(),
            capacity: CapacityResponse::of($this->estimates->from($capacity), $capacity?->trained_on),
            verdict: $call === null ? null : $call->override_verdict ?? $call->verdict,
            decided: $call?->decision,
            paused: $athlete->paused_at !== null,
            archived: $athlete->archived_at !== null,
            last_trained_on: $athlete->last_trained_on,
            overdue: $athlete->last_trained_on !== null && $athlete->last_trained_on < $this->days->daysAgo(Week::OVERDUE_DAYS),
            method_name: $method->name,
            stage_name: $stage->name,
            stage_number: 1 + (int) array_search($stage, $method->stages, true),
            stages: count($method->stages),
            why: $call === null ? null : str_replace(Stay::LAST, '', (string) $call->getAttribute('why')),
            damaged: $damaged,
        );
    }

    /**
     * The call that waits of each, else the one decided today.
     *
     * @param  list<string>  $ids
     * @return Collection<array-key, CallRecord>
     */
    private function calls(array $ids): Collection
    {
        $midnight = $this->days->startOfToday();
        $why = new Expression("coalesce(call->'reasons'->0->>'text', call->'reasons'->>0) AS why");
        $columns = ['athlete_id', 'verdict', 'decision', 'override_verdict', 'decided_at', $why];
        $open = CallRecord::query()->whereIn('athlete_id', $ids)->whereNull('decided_at')->get($columns)->keyBy('athlete_id');
        $decided = CallRecord::query()->whereIn('athlete_id', $ids)
            ->where('decided_at', '>=', $midnight)
            ->orderBy('decided_at')
            ->get($columns)
            ->keyBy('athlete_id');

        return $decided->toBase()->merge($open->toBase());
    }
}
