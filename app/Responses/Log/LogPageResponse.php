<?php

declare(strict_types=1);

namespace App\Responses\Log;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LogPageResponse
{
    /**
     * @param  list<LogEntryResponse>  $items
     * @param  list<string>  $tags
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: LogEntryResponse::class))]
        public array $items,
        #[OA\Property(description: 'The next page, if there is one.')]
        public ?int $next_page,
        #[OA\Property(description: 'The first day that was looked through.', format: 'date')]
        public string $from,
        #[OA\Property(description: 'The last.', format: 'date')]
        public string $to,
        #[OA\Property(description: 'In use on the roster.', items: new OA\Items(type: 'string'))]
        public array $tags,
    ) {
    }
}
