<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\BesideSet;
use App\Actions\Deeds\ClassGiven;
use App\Actions\Deeds\ComingTold;
use App\Actions\Deeds\GearTold;
use App\Actions\Deeds\LineSwitched;
use App\Actions\Deeds\PainTold;
use App\Actions\Deeds\PainUndone;
use App\Actions\Deeds\SetDone;
use App\Actions\Deeds\SetTakenBack;
use App\Actions\Deeds\SignalTold;
use OpenApi\Attributes as OA;

/**
 * Deeds that waited on a device, in the order they were done; each says one thing, of an athlete or, as gear and classes, of the gym.
 */
#[OA\Schema(properties: [new OA\Property(
    property: 'deeds',
    type: 'array',
    maxItems: QueuedDeedsInput::MOST,
    items: new OA\Items(
        properties: [
            new OA\Property(property: 'athlete_id', type: 'string', format: 'uuid'),
            new OA\Property(property: 'set', ref: SetDone::class),
            new OA\Property(property: 'taken_back', ref: SetTakenBack::class),
            new OA\Property(property: 'beside', ref: BesideSet::class),
            new OA\Property(property: 'signal', ref: SignalTold::class),
            new OA\Property(property: 'pain', ref: PainTold::class),
            new OA\Property(property: 'pain_undone', ref: PainUndone::class),
            new OA\Property(property: 'switch', ref: LineSwitched::class),
            new OA\Property(property: 'coming', ref: ComingTold::class),
            new OA\Property(property: 'gear', ref: GearTold::class),
            new OA\Property(property: 'class', ref: ClassGiven::class),
        ],
        type: 'object',
    ),
)], required: ['deeds'])]
final class QueuedDeedsInput
{
    public const MOST = 200;
}
