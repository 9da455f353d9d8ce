<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Actions\Floor\ClassGiven;
use App\Actions\Floor\ComingTold;
use App\Actions\Floor\LineSwitched;
use App\Actions\Floor\OrderTold;
use App\Actions\Kit\GearTold;
use App\Actions\Log\AccessoryDone;
use App\Actions\Log\SetDone;
use App\Actions\Log\SetTakenBack;
use App\Actions\Log\SignalTold;
use App\Actions\Screening\PainTold;
use App\Actions\Screening\PainUndone;
use OpenApi\Attributes as OA;

/**
 * Commands that waited on a device, in the order they were done; each says one thing, of an athlete or, as gear and classes, of the gym.
 */
#[OA\Schema(properties: [new OA\Property(
    property: 'commands',
    type: 'array',
    maxItems: QueueInput::MOST,
    items: new OA\Items(
        properties: [
            new OA\Property(property: 'athlete_id', type: 'string', format: 'uuid'),
            new OA\Property(property: 'set', ref: SetDone::class),
            new OA\Property(property: 'taken_back', ref: SetTakenBack::class),
            new OA\Property(property: 'beside', ref: AccessoryDone::class),
            new OA\Property(property: 'signal', ref: SignalTold::class),
            new OA\Property(property: 'pain', ref: PainTold::class),
            new OA\Property(property: 'pain_undone', ref: PainUndone::class),
            new OA\Property(property: 'switch', ref: LineSwitched::class),
            new OA\Property(property: 'coming', ref: ComingTold::class),
            new OA\Property(property: 'gear', ref: GearTold::class),
            new OA\Property(property: 'class', ref: ClassGiven::class),
            new OA\Property(property: 'order', ref: OrderTold::class),
        ],
        type: 'object',
    ),
)], required: ['commands'])]
final class QueueInput
{
    public const MOST = 200;

    /** What programs before this one call it, on a route of the same name; their devices send so until each runs a newer one. */
    public const FIRST_NAME = 'deeds';
}
