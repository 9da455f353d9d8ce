<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\Kit\Band\LoopBand;

/**
 * The gear a gym has in use.
 */
final readonly class Kit
{
    /** More bands, and more other pieces, than this no gym has in use. */
    public const MOST_BANDS = 100;

    public const MOST_PIECES = 200;

    /**
     * @param  list<Bar>  $bars
     * @param  list<LoopBand>  $bands
     * @param  list<RingPair>  $ringPairs
     * @param  list<Box>  $boxes
     * @param  list<Plate>  $plates
     * @param  list<Weight>  $weights
     * @param  list<Machine>  $machines
     */
    public function __construct(
        public array $bars = [],
        public array $bands = [],
        public array $ringPairs = [],
        public array $boxes = [],
        public array $plates = [],
        public array $weights = [],
        public array $machines = [],
        public Floor $floor = Floor::Unknown,
    ) {
    }

    /** @param  iterable<Bar|LoopBand|RingPair|Box|Plate|Weight|Machine>  $pieces */
    public static function of(iterable $pieces, Floor $floor = Floor::Unknown): self
    {
        $bars = $bands = $ringPairs = $boxes = $plates = $weights = $machines = [];
        foreach ($pieces as $piece) {
            match (true) {
                $piece instanceof Bar => $bars[] = $piece,
                $piece instanceof LoopBand => $bands[] = $piece,
                $piece instanceof RingPair => $ringPairs[] = $piece,
                $piece instanceof Box => $boxes[] = $piece,
                $piece instanceof Plate => $plates[] = $piece,
                $piece instanceof Weight => $weights[] = $piece,
                $piece instanceof Machine => $machines[] = $piece,
            };
        }

        return new self(
            bars: $bars,
            bands: $bands,
            ringPairs: $ringPairs,
            boxes: $boxes,
            plates: $plates,
            weights: $weights,
            machines: $machines,
            floor: $floor,
        );
    }

    /** Whether there is a piece that heels on the floor can stand against; on a box its lip is one. */
    public function blocksHeels(): bool
    {
        return $this->plates !== [] || $this->boxes !== [] || $this->weights !== [];
    }

    /** The same bars with this band and nothing else. */
    public function onlyBand(LoopBand $band): self
    {
        return new self($this->bars, [$band]);
    }

    /** The same kit with one more piece. */
    public function with(LoopBand|RingPair|Box|Weight $piece): self
    {
        return new self(
            bars: $this->bars,
            bands: $piece instanceof LoopBand ? [...$this->bands, $piece] : $this->bands,
            ringPairs: $piece instanceof RingPair ? [...$this->ringPairs, $piece] : $this->ringPairs,
            boxes: $piece instanceof Box ? [...$this->boxes, $piece] : $this->boxes,
            plates: $this->plates,
            weights: $piece instanceof Weight ? [...$this->weights, $piece] : $this->weights,
            machines: $this->machines,
            floor: $this->floor,
        );
    }

    /**
     * The piece among those named that is rated for the least; none where no rating is known.
     *
     * @param  array<string>  $ids
     */
    public function weakest(array $ids): ?Rated
    {
        $weakest = null;
        foreach ([...$this->bars, ...$this->ringPairs, ...$this->boxes] as $piece) {
            if ($piece->ratedKg !== null && $piece->ratedKg < ($weakest->ratedKg ?? INF) && in_array($piece->id, $ids, true)) {
                $weakest = new Rated($piece->name, $piece->ratedKg);
            }
        }

        return $weakest;
    }

    /**
     * The names of the pieces named, in the order the kit lists them.
     *
     * @param  list<string>  $ids
     * @return list<string>
     */
    public function names(array $ids): array
    {
        $named = array_filter(
            [
                ...$this->bars,
                ...$this->ringPairs,
                ...$this->bands,
                ...$this->boxes,
                ...$this->plates,
                ...$this->weights,
                ...$this->machines,
            ],
            static fn (Bar|RingPair|LoopBand|Box|Plate|Weight|Machine $piece): bool => in_array($piece->id, $ids, true),
        );

        return array_values(array_map(static fn (Bar|RingPair|LoopBand|Box|Plate|Weight|Machine $piece): string => $piece->name, $named));
    }

    /** @throws UnknownGear if the kit lacks it */
    public function bar(string $id): Bar
    {
        return self::find($this->bars, $id, 'bar', 'bar_id');
    }

    /** @throws UnknownGear if the kit lacks it */
    public function band(string $id): LoopBand
    {
        return self::find($this->bands, $id, 'band', 'band_ids');
    }

    /** @throws UnknownGear if the kit lacks it */
    public function ringPair(string $id): RingPair
    {
        return self::find($this->ringPairs, $id, 'pair of rings', 'ring_id');
    }

    /** @throws UnknownGear if the kit lacks it */
    public function box(string $id): Box
    {
        return self::find($this->boxes, $id, 'box', 'box_id');
    }

    /** @throws UnknownGear if the kit lacks it */
    public function plate(string $id): Plate
    {
        return self::find($this->plates, $id, 'plate', 'plate_ids');
    }

    /** @throws UnknownGear if the kit lacks it */
    public function weight(string $id): Weight
    {
        return self::find($this->weights, $id, 'weight', 'weight_ids');
    }

    /**
     * @throws UnknownGear if the kit lacks it
     * @throws GearClash if its stack does something else
     */
    public function machine(string $id, ?MachineUse $for = null): Machine
    {
        $machine = self::find($this->machines, $id, 'machine', 'machine_id');

        return $for === null || $machine->use === $for ? $machine : throw GearClash::otherMachine($machine, $for);
    }

    /**
     * @template T of Bar|LoopBand|RingPair|Box|Plate|Weight|Machine
     *
     * @param  list<T>  $pieces
     * @return T
     */
    private static function find(array $pieces, string $id, string $noun, string $field): Bar|LoopBand|RingPair|Box|Plate|Weight|Machine
    {
        foreach ($pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }
        throw UnknownGear::named($noun, $field, $id);
    }
}
