<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Band\BandPullDown;
use SteadyRung\Setup\Stack\Stance;

/**
 * One or two bands over a bar, pulled down by the hands.
 */
final readonly class BandPulledDown implements Choice
{
    /** @param  list<string>  $bandIds sorted */
    private function __construct(public string $barId, public array $bandIds, public Stance $stance)
    {
    }

    /**
     * @param  list<string>  $bandIds
     *
     * @throws OutOfRange if there is no band or more than two different ones
     */
    public static function of(string $barId, array $bandIds, Stance $stance = Stance::Kneeling): self
    {
        return new self($barId, PieceIds::of('band_ids', $bandIds, OnBands::BANDS), $stance);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::BandPullDown;
    }

    public function key(): string
    {
        return implode(':', ['band-pulldown', $this->stance->value, $this->barId, implode('+', $this->bandIds)]);
    }

    public function pieces(): array
    {
        return ['bar' => $this->barId, 'stance' => $this->stance->value, 'bands' => implode('+', $this->bandIds)];
    }

    public function bandIds(): array
    {
        return $this->bandIds;
    }

    public function setup(Kit $kit): BandPullDown
    {
        $bar = $kit->bar($this->barId);

        return BandPullDown::of(
            $bar->heightM,
            array_map(static fn (string $id): LoopBand => $kit->band($id)->over($bar), $this->bandIds),
            $this->stance,
        );
    }

    public function name(Kit $kit): string
    {
        return sprintf(
            'Band pull-down, %s, %s, %s',
            implode(' + ', array_map(static fn (string $id): string => $kit->band($id)->name, $this->bandIds)),
            $this->stance->value,
            $kit->bar($this->barId)->name,
        );
    }
}
