<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Formats\JsonObject;
use App\Http\Requests\PageInput;
use App\Queries\Log\LogFilter;
use Illuminate\Http\Request;
use SteadyRung\Plan\Diary\Purpose;

/**
 * Which sets of the log, and which page of them.
 */
final readonly class LogInput
{
    private function __construct(public LogFilter $filter, public int $page)
    {
    }

    public static function read(Request $request, string $today): self
    {
        $json = JsonObject::ofQuery($request->query->all(), 'page')
            ->allowing('page', 'athlete', 'tag', 'exercise', 'purpose', 'from', 'to');
        $to = $json->has('to') ? $json->date('to', $today) : $today;
        $from = $json->has('from') ? $json->date('from', $today) : LogFilter::before($to);

        return new self(
            $json->build(static fn () => new LogFilter(
                $json->optionalUuid('athlete'),
                $json->optionalText('tag', 24),
                $json->optionalText('exercise', 80),
                $json->optionalChoice('purpose', Purpose::class),
                $from,
                $to,
            )),
            PageInput::number($json),
        );
    }
}
