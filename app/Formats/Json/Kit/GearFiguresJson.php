<?php

declare(strict_types=1);

namespace App\Formats\Json\Kit;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\Rated;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/**
 * The figures of a piece of gear as JSON: the kind, and the keys that belong to it.
 */
#[OA\Schema(schema: 'GearFigures')]
final readonly class GearFiguresJson implements \JsonSerializable
{
    /** @param  list<float>|null  $straps_m */
    private function __construct(
        #[OA\Property]
        public GearKind $kind,
        #[OA\Property(description: 'bar (0.5–6), box (0.05–1.5).', minimum: Box::HEIGHT_M[0], maximum: Bar::HEIGHT_M[1])]
        public ?float $height_m = null,
        #[OA\Property(description: 'rings.', minimum: RingPair::ANCHOR_HEIGHT_M[0], maximum: RingPair::ANCHOR_HEIGHT_M[1])]
        public ?float $anchor_height_m = null,
        #[OA\Property(
            description: 'rings: marks on the straps, anchor to ring.',
            items: new OA\Items(type: 'number', minimum: RingPair::STRAP_M[0], maximum: RingPair::STRAP_M[1]),
            maxItems: RingPair::MOST_MARKS,
        )]
        public ?array $straps_m = null,
        #[OA\Property(description: 'plate.', minimum: Plate::THICKNESS_M[0], maximum: Plate::THICKNESS_M[1])]
        public ?float $thickness_m = null,
        #[OA\Property(description: 'weight.', minimum: Weight::MASS_KG[0], maximum: Weight::MASS_KG[1])]
        public ?float $mass_kg = null,
        #[OA\Property(description: 'machine.')]
        public ?MachineUse $use = null,
        #[OA\Property(description: 'machine: the stack’s step.', minimum: Machine::STEP_KG[0], maximum: Machine::STEP_KG[1])]
        public ?float $step_kg = null,
        #[OA\Property(description: 'machine: the whole stack.', minimum: Machine::MOST_KG[0], maximum: Machine::MOST_KG[1])]
        public ?float $most_kg = null,
        #[OA\Property(
            description: 'machine: kilograms at the athlete for each of the stack.',
            minimum: Machine::LEVERAGE[0],
            maximum: Machine::LEVERAGE[1],
        )]
        public ?float $leverage = null,
        #[OA\Property(
            description: 'machine that lifts: what the stack lifts first.',
            minimum: Machine::PLATFORM_KG[0],
            maximum: Machine::PLATFORM_KG[1],
        )]
        public ?float $platform_kg = null,
        #[OA\Property(description: 'bar, rings, box: what its maker rates it for.', minimum: Rated::KG[0], maximum: Rated::KG[1])]
        public ?float $rated_kg = null,
        #[OA\Property(
            description: 'bar: a band that was measured on another hangs shorter from a thicker one.',
            minimum: Bar::DIAMETER_MM[0],
            maximum: Bar::DIAMETER_MM[1],
        )]
        public ?float $diameter_mm = null,
    ) {
    }

    public static function of(Bar|RingPair|Box|Plate|Weight|Machine $gear): self
    {
        return match (true) {
            $gear instanceof Bar => new self(
                GearKind::Bar,
                height_m: $gear->heightM,
                rated_kg: $gear->ratedKg,
                diameter_mm: $gear->diameterMm,
            ),
            $gear instanceof RingPair => new self(
                GearKind::Rings,
                anchor_height_m: $gear->anchorHeightM,
                straps_m: $gear->strapsM,
                rated_kg: $gear->ratedKg,
            ),
            $gear instanceof Box => new self(GearKind::Box, height_m: $gear->heightM, rated_kg: $gear->ratedKg),
            $gear instanceof Plate => new self(GearKind::Plate, thickness_m: $gear->thicknessM),
            $gear instanceof Weight => new self(GearKind::Weight, mass_kg: $gear->massKg),
            $gear instanceof Machine => new self(
                GearKind::Machine,
                use: $gear->use,
                step_kg: $gear->stepKg,
                most_kg: $gear->mostKg,
                leverage: $gear->leverage,
                platform_kg: $gear->platformKg > 0.0 ? $gear->platformKg : null,
            ),
        };
    }

    /** The piece of these figures, under an id and a name known otherwise. */
    public static function read(JsonObject $json, string $id, string $name): Bar|RingPair|Box|Plate|Weight|Machine
    {
        return match ($json->choice('kind', GearKind::class)) {
            GearKind::Bar => $json->allowing('kind', 'height_m', 'rated_kg', 'diameter_mm')->build(static fn (JsonObject $j): Bar => Bar::of(
                $id,
                $name,
                $j->number('height_m'),
                $j->optionalNumber('rated_kg'),
                $j->optionalNumber('diameter_mm'),
            ),
            ),
            GearKind::Rings => self::rings($json->allowing('kind', 'anchor_height_m', 'straps_m', 'rated_kg'), $id, $name),
            GearKind::Box => $json->allowing('kind', 'height_m', 'rated_kg')->build(
                static fn (JsonObject $j): Box => Box::of($id, $name, $j->number('height_m'), $j->optionalNumber('rated_kg')),
            ),
            GearKind::Plate => $json->allowing('kind', 'thickness_m')->build(
                static fn (JsonObject $j): Plate => Plate::of($id, $name, $j->number('thickness_m')),
            ),
            GearKind::Weight => $json->allowing('kind', 'mass_kg')->build(
                static fn (JsonObject $j): Weight => Weight::of($id, $name, $j->number('mass_kg')),
            ),
            GearKind::Machine => $json->allowing('kind', 'use', 'step_kg', 'most_kg', 'leverage', 'platform_kg')->build(static fn (JsonObject $j): Machine => Machine::of(
                id: $id,
                name: $name,
                use: $j->choice('use', MachineUse::class),
                stepKg: $j->number('step_kg'),
                mostKg: $j->number('most_kg'),
                leverage: $j->optionalNumber('leverage') ?? 1.0,
                platformKg: $j->optionalNumber('platform_kg') ?? 0.0,
            )),
        };
    }

    /** @return array<mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $value): bool => $value !== null);
    }

    private static function rings(JsonObject $json, string $id, string $name): RingPair
    {
        $strapsM = $json->numbers('straps_m', RingPair::MOST_MARKS);
        if ($strapsM === []) {
            throw $json->fault('straps_m', 'Give at least one strap mark: the length from anchor to ring.');
        }
        $anchorM = $json->number('anchor_height_m');
        foreach ($strapsM as $i => $strapM) {
            $json->buildAt(
                "straps_m/$i",
                static fn (): RingPair => RingPair::of(
                    $id,
                    $name,
                    max(RingPair::ANCHOR_HEIGHT_M[0], min($anchorM, RingPair::ANCHOR_HEIGHT_M[1])),
                    [$strapM],
                ),
            );
        }

        return $json->build(
            static fn (JsonObject $j): RingPair => RingPair::of($id, $name, $anchorM, $strapsM, $j->optionalNumber('rated_kg')),
        );
    }
}
