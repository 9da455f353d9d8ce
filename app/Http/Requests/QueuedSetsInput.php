<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\SetDone;
use OpenApi\Attributes as OA;

/**
 * A queue of sets of several athletes, in the order they were done.
 */
#[OA\Schema(properties: [new OA\Property(
    property: 'sets',
    type: 'array',
    maxItems: QueuedSetsInput::MOST,
    items: new OA\Items(allOf: [
        new OA\Schema(required: ['athlete_id'], properties: [new OA\Property(property: 'athlete_id', type: 'string', format: 'uuid')], type: 'object'),
        new OA\Schema(ref: SetDone::class),
    ]),
)], required: ['sets'])]
final class QueuedSetsInput
{
    public const MOST = 200;
}
