<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use App\Formats\Csv;
use OpenApi\Attributes as OA;

/**
 * A class over some months: on which days how many came, and what each of them did there.
 */
#[OA\Schema(schema: 'ClassReport')]
final readonly class ClassReportResponse
{
    /**
     * @param  list<ClassDayLineResponse>  $days
     * @param  list<ComerLineResponse>  $comers
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(items: new OA\Items(ref: ClassDayLineResponse::class))]
        public array $days,
        #[OA\Property(items: new OA\Items(ref: ComerLineResponse::class))]
        public array $comers,
        #[OA\Property(description: 'Failed sets of all.')]
        public PortionResponse $failed,
        #[OA\Property(description: 'Why little can be said.')]
        public ?string $warning,
    ) {
    }

    /** @return \Generator<string> */
    public function csv(): \Generator
    {
        yield Csv::line(['athlete', 'days', 'days_held', 'sets', 'clean_reps', 'failed_sets', 'asked_sets', 'capacity_first', 'capacity_last', 'first_strict_on']);
        foreach ($this->comers as $c) {
            yield Csv::line([
                $c->name, $c->days, count($this->days), $c->sets, $c->reps, $c->failed->some, $c->failed->all, $c->capacity_first,
                $c->capacity_last, $c->first_strict_on,
            ]);
        }
        yield Csv::line([]);
        yield Csv::line(['day', 'came', 'sets', 'clean_reps']);
        foreach ($this->days as $d) {
            yield Csv::line([$d->on, $d->came, $d->sets, $d->reps]);
        }
    }
}
