<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use App\Formats\Csv;
use OpenApi\Attributes as OA;

/**
 * Calls and methods, and how they turned out.
 */
#[OA\Schema(schema: 'MethodReport')]
final readonly class MethodReportResponse
{
    /**
     * @param  list<MethodLineResponse>  $methods
     * @param  list<CallLineResponse>  $calls
     */
    public function __construct(
        #[OA\Property(description: 'Whom it is about: those who trained last, archived ones too.')]
        public int $athletes,
        #[OA\Property(description: 'Calls of this day and later.', format: 'date')]
        public string $calls_from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(items: new OA\Items(ref: MethodLineResponse::class))]
        public array $methods,
        #[OA\Property(items: new OA\Items(ref: CallLineResponse::class))]
        public array $calls,
    ) {
    }

    /** @return \Generator<string> */
    public function csv(): \Generator
    {
        $portion = static fn (string $of): array => [$of, "{$of}_of", "{$of}_part", "{$of}_low", "{$of}_high"];
        yield Csv::line(['method', ...$portion('got_there'), 'weeks', 'weeks_low', 'weeks_high', ...$portion('failed_sets')]);
        foreach ($this->methods as $m) {
            yield Csv::line([$m->name, ...$m->got_there->cells(), $m->weeks, $m->weeks_low, $m->weeks_high, ...$m->failed->cells()]);
        }
        yield Csv::line([]);
        yield Csv::line(['verdict', 'open', 'accepted', 'overridden', ...$portion('accepted_then_down'), ...$portion('overridden_then_down')]);
        foreach ($this->calls as $c) {
            yield Csv::line([
                $c->verdict->value, $c->open, $c->accepted, $c->overridden,
                ...$c->accepted_then_down->cells(), ...$c->overridden_then_down->cells(),
            ]);
        }
    }
}
