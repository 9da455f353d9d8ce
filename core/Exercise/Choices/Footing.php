<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\OutOfRange;

/**
 * What is under the feet: the floor, a box, or plates.
 */
final readonly class Footing
{
    public const PLATES = [1.0, StandingHeight::MOST_PLATES + 0.0];

    /** @param  list<string>  $plateIds sorted */
    private function __construct(public ?string $boxId, public array $plateIds)
    {
    }

    public static function floor(): self
    {
        return new self(null, []);
    }

    public static function box(string $boxId): self
    {
        return new self($boxId, []);
    }

    /**
     * @param  list<string>  $plateIds
     *
     * @throws OutOfRange if there are none or more than twelve
     */
    public static function plates(array $plateIds): self
    {
        return new self(null, PieceIds::of('plate_ids', $plateIds, self::PLATES));
    }

    public static function at(StandingHeight $height): self
    {
        return match (true) {
            $height->boxId !== null => self::box($height->boxId),
            $height->plateIds !== [] => self::plates($height->plateIds),
            default => self::floor(),
        };
    }

    public function key(): string
    {
        return $this->boxId ?? implode('+', $this->plateIds);
    }

    public function heightM(Kit $kit): float
    {
        return $this->boxId === null
            ? array_sum(array_map(static fn (string $id): float => $kit->plate($id)->thicknessM, $this->plateIds))
            : $kit->box($this->boxId)->heightM;
    }

    public function name(Kit $kit): string
    {
        return match (true) {
            $this->boxId !== null => $kit->box($this->boxId)->name,
            $this->plateIds !== [] => implode(
                ' + ',
                array_map(static fn (Plate $p): string => $p->name, array_map($kit->plate(...), $this->plateIds)),
            ),
            default => 'from the floor',
        };
    }
}
