<?php

declare(strict_types=1);

namespace SteadyRung\Ladder\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\BandHelp;

/**
 * One or two bands on a bar, under the foot or the knee.
 */
final readonly class OnBands implements Choice
{
    public const BANDS = [1.0, 2.0];

    /** @param  list<string>  $bandIds sorted */
    private function __construct(public string $barId, public Attach $attach, public array $bandIds)
    {
    }

    /**
     * @param  list<string>  $bandIds
     *
     * @throws OutOfRange if there is no band or more than two different ones
     */
    public static function of(string $barId, Attach $attach, array $bandIds): self
    {
        return new self($barId, $attach, PieceIds::of('band_ids', $bandIds, self::BANDS));
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Band;
    }

    public function key(): string
    {
        return implode(':', ['band', $this->attach->value, $this->barId, implode('+', $this->bandIds)]);
    }

    public function pieces(): array
    {
        return ['bar' => $this->barId, 'attach' => $this->attach->value, 'bands' => implode('+', $this->bandIds)];
    }

    public function onBar(string $barId): self
    {
        return new self($barId, $this->attach, $this->bandIds);
    }

    /** The key without the bar: the same work done elsewhere. */
    public function work(): string
    {
        return implode(':', ['band', $this->attach->value, implode('+', $this->bandIds)]);
    }

    public function setup(Kit $kit): BandHelp
    {
        return BandHelp::of($kit->bar($this->barId)->heightM, $this->attach, $this->bands($kit));
    }

    public function name(Kit $kit): string
    {
        return sprintf('%s, %s, %s', implode(' + ', array_map(static fn (LoopBand $b): string => $b->name, $this->bands($kit))), $this->attach->value, $kit->bar($this->barId)->name);
    }

    /** @return list<LoopBand> */
    private function bands(Kit $kit): array
    {
        return array_map($kit->band(...), $this->bandIds);
    }
}
