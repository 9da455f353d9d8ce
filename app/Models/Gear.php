<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\GearJson;
use App\Formats\GearKind;
use App\Formats\JsonObject;
use Carbon\CarbonImmutable;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/**
 * A piece of gear other than a band.
 *
 * @property GearKind $kind
 * @property string $name
 * @property array<string, mixed> $figures
 * @property CarbonImmutable|null $retired_at
 */
final class Gear extends Record
{
    protected $table = 'gear';

    protected $casts = ['kind' => GearKind::class, 'figures' => 'array', 'retired_at' => 'immutable_datetime'];

    public function toCore(): Bar|RingPair|Box|Plate|Weight|Machine
    {
        return GearJson::read(JsonObject::parse(json_encode($this->figures, JSON_THROW_ON_ERROR)), $this->id, $this->name);
    }
}
