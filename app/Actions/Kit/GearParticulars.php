<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Formats\Json\Kit\GearFiguresJson;
use App\Formats\Json\Kit\GearKind;
use App\Formats\Stored\StoredGear;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/**
 * A piece of gear other than a band: its name and its figures.
 */
#[OA\Schema(schema: 'GearInput')]
final readonly class GearParticulars
{
    public function __construct(
        #[OA\Property(maxLength: 60)]
        public string $name,
        #[OA\Property(ref: GearFiguresJson::class)]
        public Bar|RingPair|Box|Plate|Weight|Machine $figures,
    ) {
    }

    public function kind(): GearKind
    {
        return GearKind::of($this->figures);
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return ['kind' => $this->kind(), 'name' => $this->name, 'figures' => StoredGear::write($this->figures)];
    }
}
