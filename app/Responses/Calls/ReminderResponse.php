<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\Reminder;

#[OA\Schema]
final readonly class ReminderResponse
{
    #[OA\Property(description: 'What is to be done about it.')]
    public string $todo;

    public function __construct(
        #[OA\Property]
        public Reminder $kind,
        #[OA\Property(description: 'Of whom; none where it is of a band.', format: 'uuid')]
        public ?string $athlete_id,
        #[OA\Property(format: 'uuid')]
        public ?string $band_id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $text,
    ) {
        $this->todo = $kind->words();
    }
}
