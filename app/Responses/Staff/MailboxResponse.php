<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use OpenApi\Attributes as OA;

/**
 * Letters that were sent to nobody, the latest first.
 */
#[OA\Schema(schema: 'Mailbox')]
final readonly class MailboxResponse
{
    /** @param  list<LetterResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: LetterResponse::class))]
        public array $items,
    ) {
    }
}
