<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use App\Formats\Csv;
use App\Responses\Log\BestResponse;
use App\Responses\Trend\TrendBreakResponse;
use App\Responses\Trend\TrendPointResponse;
use App\Responses\Trend\TrendRange;
use OpenApi\Attributes as OA;

/**
 * One athlete over a time: what was done, what came of it, and what was decided. It says nothing of their health.
 */
#[OA\Schema(schema: 'SeasonReport')]
final readonly class SeasonReportResponse
{
    /**
     * @param  list<NoCountLineResponse>  $no_counts
     * @param  list<BestResponse>  $bests
     * @param  list<StageLineResponse>  $stages
     * @param  list<DecidedLineResponse>  $calls
     * @param  list<TrendBreakResponse>  $breaks
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public TrendRange $range,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(description: 'Days trained.')]
        public int $days,
        #[OA\Property]
        public int $sets,
        #[OA\Property(description: 'Clean reps.')]
        public int $reps,
        #[OA\Property(description: 'Sets that came to little of what was asked.')]
        public PortionResponse $failed,
        #[OA\Property(description: 'Reps that did not count, by reason, the most frequent first.', items: new OA\Items(ref: NoCountLineResponse::class))]
        public array $no_counts,
        #[OA\Property(description: 'Work up.')]
        public float $work_kj,
        #[OA\Property(description: 'Seconds under control: holds but hangs, and lowerings.')]
        public float $controlled_s,
        #[OA\Property(description: 'Pull capacity as it stood when the time began, or after the first day in it.')]
        public ?TrendPointResponse $capacity_first,
        #[OA\Property(description: 'And as it stands.')]
        public ?TrendPointResponse $capacity_last,
        #[OA\Property(description: 'Bodyweight when the time began, or first weighed in it.')]
        public ?float $mass_first_kg,
        #[OA\Property]
        public ?float $mass_last_kg,
        #[OA\Property(description: 'Most strict reps of a set.')]
        public int $strict_reps,
        #[OA\Property(description: 'The day of the first strict rep, where it was in this time.', format: 'date')]
        public ?string $first_strict_on,
        #[OA\Property(items: new OA\Items(ref: BestResponse::class))]
        public array $bests,
        #[OA\Property(description: 'The stages stood at, in their order.', items: new OA\Items(ref: StageLineResponse::class))]
        public array $stages,
        #[OA\Property(items: new OA\Items(ref: DecidedLineResponse::class))]
        public array $calls,
        #[OA\Property(description: 'More than two weeks without a set.', items: new OA\Items(ref: TrendBreakResponse::class))]
        public array $breaks,
    ) {
    }

    /** @return \Generator<string> */
    public function csv(): \Generator
    {
        $interval = static fn (string $name, ?TrendPointResponse $p): array => $p === null ? [] : [
            [$name, $p->share, 'share of bodyweight'], ["{$name}_low", $p->low80, ''], ["{$name}_high", $p->high80, ''],
        ];
        $lines = [
            ['athlete', $this->name, ''], ['from', $this->from, ''], ['to', $this->to, ''], ['days_trained', $this->days, 'days'],
            ['sets', $this->sets, ''], ['clean_reps', $this->reps, ''], ['failed_sets', $this->failed->some, "of {$this->failed->all}"],
            ['work', round($this->work_kj, 1), 'kJ'], ['controlled', round($this->controlled_s), 's'],
            ...$interval('capacity_first', $this->capacity_first), ...$interval('capacity_last', $this->capacity_last),
            ['bodyweight_first', $this->mass_first_kg, 'kg'], ['bodyweight_last', $this->mass_last_kg, 'kg'],
            ['most_strict_reps', $this->strict_reps, ''], ['first_strict_rep', $this->first_strict_on, ''],
            ...array_map(static fn (NoCountLineResponse $n): array => ["not_counted_{$n->reason->value}", $n->reps, 'reps'], $this->no_counts),
            ...array_map(static fn (StageLineResponse $s): array => ['stage', "$s->method: $s->stage", $s->since], $this->stages),
            ...array_map(static fn (DecidedLineResponse $c): array => [
                "calls_{$c->verdict->value}", $c->accepted + $c->overridden, "$c->overridden decided otherwise",
            ], $this->calls),
        ];
        yield Csv::line(['figure', 'value', 'unit']);
        yield from array_map(Csv::line(...), $lines);
    }
}
