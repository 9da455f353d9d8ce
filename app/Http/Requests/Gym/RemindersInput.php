<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Models\Gym\RemindedBy;
use OpenApi\Attributes as OA;

/**
 * Whether somebody has the reminders by mail, and when.
 */
#[OA\Schema]
final readonly class RemindersInput
{
    public function __construct(
        #[OA\Property]
        public RemindedBy $reminders,
    ) {
    }
}
