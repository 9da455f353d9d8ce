<?php

declare(strict_types=1);

namespace App\Responses\Audit;

use App\Formats\Audit\AuditEvent;
use OpenApi\Attributes as OA;

/**
 * One thing that was done.
 */
#[OA\Schema(schema: 'AuditEntry')]
final readonly class AuditEntryResponse
{
    /** @param  list<ChangedResponse>  $changed */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property]
        public AuditEvent $event,
        #[OA\Property(description: 'Who did it.')]
        public string $by,
        #[OA\Property(description: 'The script that did it in their name.')]
        public ?string $script,
        #[OA\Property(description: 'Whom or what it was about, by the name it has now; none of what is gone.')]
        public ?string $about,
        #[OA\Property(description: 'From what to what, where that is told.', items: new OA\Items(ref: ChangedResponse::class))]
        public array $changed,
        #[OA\Property(description: 'Whether it still stands as it was changed then, and can be put back.')]
        public bool $can_be_undone,
    ) {
    }
}
