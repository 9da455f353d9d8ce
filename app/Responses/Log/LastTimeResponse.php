<?php

declare(strict_types=1);

namespace App\Responses\Log;

use OpenApi\Attributes as OA;

/**
 * What an athlete did the last day before today on which they were on a set-up.
 */
#[OA\Schema(schema: 'LastTime')]
final readonly class LastTimeResponse
{
    /**
     * @param  list<int>  $reps
     * @param  list<float>  $seconds
     */
    public function __construct(
        #[OA\Property(description: 'None where they were not on it in the last year.', format: 'date')]
        public ?string $on,
        #[OA\Property(description: 'Clean reps of each set, in order.', items: new OA\Items(type: 'integer'))]
        public array $reps,
        #[OA\Property(description: 'Seconds of each hold, in order.', items: new OA\Items(type: 'number'))]
        public array $seconds,
        #[OA\Property(description: 'Reps left after the last of them; none where nobody said.')]
        public ?int $reserve,
    ) {
    }
}
