<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Formats\Day;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Session\Line\LineDone;

/**
 * What was counted of a line: clean reps, seconds or metres of each set.
 */
#[OA\Schema]
final readonly class LineDoneResponse
{
    /**
     * @param  list<int>  $today
     * @param  list<int>  $last
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $today,
        #[OA\Property(description: 'Of the last day before.', items: new OA\Items(type: 'integer'))]
        public array $last,
        #[OA\Property(format: 'date')]
        public ?string $last_on,
    ) {
    }

    public static function of(LineDone $done): self
    {
        return new self($done->today, $done->last, $done->lastOn === null ? null : Day::date($done->lastOn));
    }
}
