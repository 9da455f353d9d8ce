<?php

declare(strict_types=1);

namespace App\Queries\Calls;

use App\Context\Readable;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Queries\Page;
use App\Responses\Calls\CallPageResponse;
use App\Responses\Calls\CallQueueResponse;
use App\Responses\Calls\KeptCallResponse;
use App\Responses\Kit\DamagedResponse;
use SteadyRung\Call\Verdict;

/**
 * Puts the waiting calls together: the most urgent first, then the newest; and an athlete's decided ones.
 */
final readonly class CallQueueQuery
{
    /** @param  list<string>|null  $athletes  only theirs */
    public function page(int $number, ?Verdict $verdict, ?array $athletes = null): CallQueueResponse
    {
        $open = CallRecord::query()->whereNull('decided_at')->when(
            $athletes !== null,
            static fn ($q) => $q->whereIn('athlete_id', $athletes ?? []),
        );
        $asked = clone $open;
        if ($verdict !== null) {
            $asked->where('verdict', $verdict);
        }
        $byUrgency = implode(',', array_column(Verdict::cases(), 'value'));
        $page = Page::of(
            $asked->orderByRaw("array_position(string_to_array('$byUrgency', ','), verdict::text)")->orderByDesc('made_at')->orderBy('id'),
            $number,
        );
        $names = Athlete::query()->whereIn('id', array_column($page->items, 'athlete_id'))->pluck('name', 'id');
        $name = static fn (CallRecord $call): string => (string) $names[$call->athlete_id];
        [$items, $damaged] = Readable::all(
            $page->items,
            static fn (CallRecord $call): KeptCallResponse => KeptCallResponse::of($call, $name($call)),
            static fn (CallRecord $call): DamagedResponse => new DamagedResponse($call->athlete_id, $name($call)),
        );
        /** @var array<value-of<Verdict>, int> $counts */
        $counts = (clone $open)->toBase()
            ->selectRaw('verdict, count(*) AS waiting')
            ->groupBy('verdict')
            ->pluck('waiting', 'verdict')
            ->all();

        return new CallQueueResponse(
            $items,
            $page->next,
            array_map(intval(...), $counts) + array_fill_keys(array_column(Verdict::cases(), 'value'), 0),
            $damaged,
        );
    }

    public function past(Athlete $athlete, int $number): CallPageResponse
    {
        $query = CallRecord::query()->where('athlete_id', $athlete->id)
            ->whereNotNull('decided_at')
            ->orderByDesc('decided_at')
            ->orderBy('id');
        $page = Page::of($query, $number);
        [$items] = Readable::all(
            $page->items,
            static fn (CallRecord $call): KeptCallResponse => KeptCallResponse::of($call, $athlete->name),
            static fn (CallRecord $call): DamagedResponse => new DamagedResponse($call->id, $athlete->name),
        );

        return new CallPageResponse($items, $page->next);
    }
}
