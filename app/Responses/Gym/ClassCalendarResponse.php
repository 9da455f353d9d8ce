<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use OpenApi\Attributes as OA;

/**
 * The address at which the classes stand for anybody's calendar.
 */
#[OA\Schema(schema: 'ClassCalendar')]
final readonly class ClassCalendarResponse
{
    public function __construct(
        #[OA\Property(description: 'Behind the address of this installation; none while none is given out.')]
        public ?string $path,
    ) {
    }
}
