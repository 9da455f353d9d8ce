<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Http\Requests\QueueInput;
use App\Http\Resources\CallQueue;
use App\Http\Resources\CallResource;
use App\Http\Resources\Page;
use App\Models\Athlete;
use App\Models\CallRecord;
use SteadyRung\Call\Verdict;

/**
 * Puts the waiting calls together: the most urgent first, then the newest.
 */
final readonly class CallQueueView
{
    public function page(QueueInput $input): CallQueue
    {
        $open = CallRecord::query()->whereNull('decided_at');
        $asked = clone $open;
        if ($input->verdict !== null) {
            $asked->where('verdict', $input->verdict);
        }
        $byUrgency = implode(',', array_column(Verdict::cases(), 'value'));
        $page = Page::of($asked->orderByRaw("array_position(string_to_array('$byUrgency', ','), verdict::text)")->orderByDesc('made_at')->orderBy('id'), $input->page);
        $names = Athlete::query()->whereIn('id', array_column($page->items, 'athlete_id'))->pluck('name', 'id');
        /** @var array<value-of<Verdict>, int> $counts */
        $counts = (clone $open)->toBase()->selectRaw('verdict, count(*) AS waiting')->groupBy('verdict')->pluck('waiting', 'verdict')->all();

        return new CallQueue(
            array_map(static fn (CallRecord $call): CallResource => CallResource::of($call, (string) $names[$call->athlete_id]), $page->items),
            $page->next,
            array_map(intval(...), $counts) + array_fill_keys(array_column(Verdict::cases(), 'value'), 0),
        );
    }
}
