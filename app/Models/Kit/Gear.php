<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Formats\Json\Kit\GearKind;
use App\Formats\Stored\StoredGear;
use App\Models\Casts\StoredText;
use App\Models\Record;
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
 * @property string $figures as kept
 * @property CarbonImmutable|null $retired_at
 * @property string|null $out_on the day for which it is out of use
 * @property CarbonImmutable|null $out_told_at
 */
final class Gear extends Record
{
    protected $table = 'gear';

    protected $attributes = ['retired_at' => null, 'out_on' => null, 'out_told_at' => null];

    protected $casts = [
        'kind' => GearKind::class,
        'figures' => StoredText::class,
        'retired_at' => 'immutable_datetime',
        'out_told_at' => 'immutable_datetime',
    ];

    public function toCore(): Bar|RingPair|Box|Plate|Weight|Machine
    {
        return StoredGear::read($this->figures, $this->id, $this->name);
    }

    protected function told(): array
    {
        return [$this->name, $this->toCore()];
    }
}
