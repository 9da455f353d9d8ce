<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\InWords;
use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Row\Heeling;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Row\Row;

/**
 * A row on a pair of rings at a strap mark, or on a low bar, with the heels at a mark and on the floor or a box.
 */
final readonly class InRow implements Choice
{
    /** @param  list<string>  $vestIds weights worn, sorted */
    private function __construct(
        public ?string $ringId,
        public ?string $barId,
        public float $strapM,
        public float $heelMarkM,
        public ?string $boxId,
        public Heels $heels = Heels::Free,
        public Knees $knees = Knees::Straight,
        public array $vestIds = [],
    ) {
    }

    /** @throws OutOfRange if the strap or the heel mark is outside its range */
    public static function onRings(string $ringId, float $strapM, float $heelMarkM, ?string $boxId = null): self
    {
        OutOfRange::guard(['strap_m' => [$strapM, Row::STRAP_M], 'heel_mark_m' => [$heelMarkM, Row::HEEL_MARK_M]]);

        return new self($ringId, null, $strapM, $heelMarkM, $boxId);
    }

    /** @throws OutOfRange if the heel mark is outside its range */
    public static function onBar(string $barId, float $heelMarkM, ?string $boxId = null): self
    {
        OutOfRange::guard(['heel_mark_m' => [$heelMarkM, Row::HEEL_MARK_M]]);

        return new self(null, $barId, 0.0, $heelMarkM, $boxId);
    }

    /**
     * The same with the heels blocked or free, the knees straight or bent, and weights worn.
     *
     * @param  list<string>  $vestIds
     */
    public function with(Heels $heels, Knees $knees, array $vestIds = []): self
    {
        sort($vestIds);

        return new self(
            ringId: $this->ringId,
            barId: $this->barId,
            strapM: $this->strapM,
            heelMarkM: $this->heelMarkM,
            boxId: $this->boxId,
            heels: $heels,
            knees: $knees,
            vestIds: array_values(array_unique($vestIds)),
        );
    }

    /** Heels free on the floor, knees straight, nothing worn: what anybody can set up at once. */
    public function isPlain(): bool
    {
        return $this->boxId === null && $this->heels === Heels::Free && $this->knees === Knees::Straight && $this->vestIds === [];
    }

    /** @param  string|null  $boxId  none is the floor */
    public function onFooting(?string $boxId): self
    {
        return new self(
            ringId: $this->ringId,
            barId: $this->barId,
            strapM: $this->strapM,
            heelMarkM: $this->heelMarkM,
            boxId: $boxId,
            heels: $this->heels,
            knees: $this->knees,
            vestIds: $this->vestIds,
        );
    }

    public function withHeelMark(float $heelMarkM): self
    {
        return new self(
            ringId: $this->ringId,
            barId: $this->barId,
            strapM: $this->strapM,
            heelMarkM: $heelMarkM,
            boxId: $this->boxId,
            heels: $this->heels,
            knees: $this->knees,
            vestIds: $this->vestIds,
        );
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Row;
    }

    public function key(): string
    {
        return sprintf(
            'row:%s:%.3f:%s:%.3f%s',
            $this->ringId ?? $this->barId,
            $this->strapM,
            $this->boxId ?? '',
            $this->heelMarkM,
            $this->style(),
        );
    }

    public function pieces(): array
    {
        return [
            'hang' => (string) ($this->ringId ?? $this->barId),
            'strap' => sprintf('%.3f', $this->strapM),
            'box' => (string) $this->boxId,
            'mark' => sprintf('%.3f', $this->heelMarkM),
            'manner' => $this->style(),
        ];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): Row
    {
        return Row::of(
            $this->ringId === null ? $kit->bar((string) $this->barId)->heightM : $kit->ringPair($this->ringId)->anchorHeightM,
            $this->strapM,
            $this->heelMarkM,
            $this->boxId === null ? 0.0 : $kit->box($this->boxId)->heightM,
            new Heeling($this->heels, $this->knees, $kit->floor),
            array_sum(array_map(static fn (string $id): float => $kit->weight($id)->massKg, $this->vestIds)),
        );
    }

    public function name(Kit $kit): string
    {
        return implode(', ', array_filter([
            $this->ringId === null
                ? sprintf('Row, %s', $kit->bar((string) $this->barId)->name)
                : sprintf('Row, %s %s', $kit->ringPair($this->ringId)->name, InWords::wholeCm($this->strapM)),
            sprintf('mark %s%s', $this->heelMarkM < 0.0 ? '−' : '+', InWords::wholeCm(abs($this->heelMarkM))),
            $this->boxId === null ? '' : $kit->box($this->boxId)->name,
            $this->knees === Knees::Bent ? 'knees bent' : '',
            $this->heels === Heels::Blocked ? 'heels blocked' : '',
            $this->vestIds === []
                ? ''
                : 'wearing '.implode(' + ', array_map(static fn (string $id): string => $kit->weight($id)->name, $this->vestIds)),
        ]));
    }

    private function style(): string
    {
        return ($this->heels === Heels::Blocked ? ':blocked' : '').($this->knees === Knees::Bent ? ':bent' : '').(
            $this->vestIds === [] ? '' : ':'.implode('+', $this->vestIds)
        );
    }
}
