<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use App\Formats\Csv;
use OpenApi\Attributes as OA;

/**
 * The bands of the gym, the next to replace first.
 */
#[OA\Schema(schema: 'BandReport')]
final readonly class BandReportResponse
{
    /** @param  list<BandLineResponse>  $bands */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property(items: new OA\Items(ref: BandLineResponse::class))]
        public array $bands,
        #[OA\Property(description: 'Bands that were put out for good with a fault.')]
        public int $worn_out,
        #[OA\Property(description: 'Sets after which every other band here is put out with a fault; none: not by half of them.')]
        public ?int $life,
        #[OA\Property(description: 'Eight times in ten it is at least so many.')]
        public ?int $life_low,
        #[OA\Property(description: 'And at most so many; none: it may be more than any had.')]
        public ?int $life_high,
    ) {
    }

    /** @return \Generator<string> */
    public function csv(): \Generator
    {
        yield Csv::line([
            'band', 'retired', 'first_on', 'last_on', 'sets', 'sets_a_week', 'inspected_on', 'inspection_due', 'why', 'measure_again', 'sets_left',
        ]);
        foreach ($this->bands as $b) {
            yield Csv::line([
                $b->name, $b->retired ? 'yes' : 'no', $b->first_on, $b->last_on, $b->sets, round($b->sets_a_week, 1), $b->inspected_on,
                $b->due ? 'yes' : 'no', $b->due_words, $b->measure_again, $b->sets_left,
            ]);
        }
    }
}
