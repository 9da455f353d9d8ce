<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use OpenApi\Attributes as OA;

/**
 * A page of the notes on an athlete, the latest first.
 */
#[OA\Schema(schema: 'NotePage')]
final readonly class NotePageResponse
{
    /** @param  list<NoteResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: NoteResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
