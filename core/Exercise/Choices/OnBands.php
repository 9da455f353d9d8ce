<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\AttachedBand;
use SteadyRung\Setup\Band\BandHelp;

/**
 * One or two bands on a bar, under the foot or the knee.
 */
final readonly class OnBands implements Choice
{
    public const BANDS = [1.0, 2.0];

    /**
     * @param  list<string>  $bandIds sorted
     * @param  string|null  $kneeBandId the one of them that goes under the knee while the other is at the foot
     */
    private function __construct(public string $barId, public Attach $attach, public array $bandIds, public ?string $kneeBandId)
    {
    }

    /**
     * @param  list<string>  $bandIds
     *
     * @throws OutOfRange if there is no band or more than two different ones
     */
    public static function of(string $barId, Attach $attach, array $bandIds): self
    {
        return new self($barId, $attach, PieceIds::of('band_ids', $bandIds, self::BANDS), null);
    }

    /**
     * One band under the foot of one leg, another under the knee of the other.
     *
     * @throws OutOfRange if they are one band
     */
    public static function split(string $barId, string $footBandId, string $kneeBandId): self
    {
        return new self($barId, Attach::Foot, PieceIds::of('band_ids', [$footBandId, $kneeBandId], [2.0, 2.0]), $kneeBandId);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Band;
    }

    public function key(): string
    {
        return implode(':', ['band', $this->place(), $this->barId, $this->together()]);
    }

    public function pieces(): array
    {
        return ['bar' => $this->barId, 'attach' => $this->place(), 'bands' => implode('+', $this->bandIds)];
    }

    public function onBar(string $barId): self
    {
        return new self($barId, $this->attach, $this->bandIds, $this->kneeBandId);
    }

    /** Whether it is one band under the foot. */
    public function isSingleAtFoot(): bool
    {
        return $this->attach === Attach::Foot && count($this->bandIds) === 1;
    }

    /** The key without the bar: the same work done elsewhere. */
    public function work(): string
    {
        return implode(':', ['band', $this->place(), $this->together()]);
    }

    public function bandIds(): array
    {
        return $this->bandIds;
    }

    public function setup(Kit $kit): BandHelp
    {
        $bar = $kit->bar($this->barId);

        return BandHelp::each($bar->heightM, array_map(
            fn (string $id): AttachedBand => new AttachedBand($kit->band($id)->over($bar), $id === $this->kneeBandId ? Attach::Knee : $this->attach),
            $this->bandIds,
        ));
    }

    public function name(Kit $kit): string
    {
        $bands = $this->kneeBandId === null
            ? [implode(' + ', array_map(static fn (string $id): string => $kit->band($id)->name, $this->bandIds)), $this->attach->value]
            : [implode(
                ' + ',
                array_map(fn (string $id): string => $kit->band($id)->name.($id === $this->kneeBandId ? ' knee' : ' foot'), $this->bandIds),
            )];

        return implode(', ', [...$bands, $kit->bar($this->barId)->name]);
    }

    private function place(): string
    {
        return $this->kneeBandId === null ? $this->attach->value : 'split';
    }

    private function together(): string
    {
        return implode('+', array_map(fn (string $id): string => $id === $this->kneeBandId ? "$id@knee" : $id, $this->bandIds));
    }
}
