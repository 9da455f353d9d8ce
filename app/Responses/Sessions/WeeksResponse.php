<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use OpenApi\Attributes as OA;

/**
 * The weeks ahead of an athlete, and those just gone.
 */
#[OA\Schema]
final readonly class WeeksResponse
{
    /**
     * @param  list<string>  $trained
     * @param  list<TimeOffResponse>  $time_off
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $today,
        #[OA\Property]
        public CalendarResponse $calendar,
        #[OA\Property(description: 'Days with work in the last two weeks.', items: new OA\Items(type: 'string', format: 'date'))]
        public array $trained,
        #[OA\Property(items: new OA\Items(ref: TimeOffResponse::class))]
        public array $time_off,
    ) {
    }
}
