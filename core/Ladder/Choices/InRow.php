<?php

declare(strict_types=1);

namespace SteadyRung\Ladder\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Row;

/**
 * A row on a pair of rings at a strap mark, or on a low bar, with the heels at a mark and on the floor or a box.
 */
final readonly class InRow implements Choice
{
    private function __construct(
        public ?string $ringId,
        public ?string $barId,
        public float $strapM,
        public float $heelMarkM,
        public ?string $boxId,
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

    public function withHeelMark(float $heelMarkM): self
    {
        return new self($this->ringId, $this->barId, $this->strapM, $heelMarkM, $this->boxId);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Row;
    }

    public function key(): string
    {
        return sprintf('row:%s:%.3f:%s:%.3f', $this->ringId ?? $this->barId, $this->strapM, $this->boxId ?? '', $this->heelMarkM);
    }

    public function pieces(): array
    {
        return ['hang' => (string) ($this->ringId ?? $this->barId), 'strap' => sprintf('%.3f', $this->strapM), 'box' => (string) $this->boxId, 'mark' => sprintf('%.3f', $this->heelMarkM)];
    }

    public function setup(Kit $kit): Row
    {
        return Row::of(
            $this->ringId === null ? $kit->bar((string) $this->barId)->heightM : $kit->ringPair($this->ringId)->anchorHeightM,
            $this->strapM,
            $this->heelMarkM,
            $this->boxId === null ? 0.0 : $kit->box($this->boxId)->heightM,
        );
    }

    public function name(Kit $kit): string
    {
        return implode(', ', array_filter([
            $this->ringId === null ? sprintf('Row, %s', $kit->bar((string) $this->barId)->name) : sprintf('Row, %s %.0f cm', $kit->ringPair($this->ringId)->name, 100.0 * $this->strapM),
            sprintf('mark %s%.0f cm', $this->heelMarkM < 0.0 ? '−' : '+', abs(100.0 * $this->heelMarkM)),
            $this->boxId === null ? '' : $kit->box($this->boxId)->name,
        ]));
    }
}
