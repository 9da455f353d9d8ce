<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\AttachedBand;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Band\BandPullDown;
use SteadyRung\Setup\Feet\BoxReach;
use SteadyRung\Setup\Feet\FootHelp;
use SteadyRung\Setup\Feet\Hop;
use SteadyRung\Setup\Feet\LowBar;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Stack\Counterweight;
use SteadyRung\Setup\Stack\PullDown;
use SteadyRung\Setup\Strict;

/**
 * Finds the pieces of a kit that a set-up given in measures is made of.
 */
final readonly class ChoiceFor
{
    private const SAME_M = 0.001;

    private const SAME_KG = 0.01;

    private function __construct(private Kit $kit)
    {
    }

    /** None where the kit lacks a piece of these measures. */
    public static function setup(Setup $setup, Kit $kit): ?Choice
    {
        return (new self($kit))->of($setup);
    }

    private function of(Setup $setup): ?Choice
    {
        return match (true) {
            $setup instanceof Strict => new StrictPull,
            $setup instanceof BandHelp => $this->bands($setup),
            $setup instanceof Row => $this->row($setup),
            $setup instanceof FootHelp => $this->onFeet(
                $setup->reach,
                static fn (string $bar, Footing $footing): Choice => FootHelped::of($bar, $footing, $setup->scaleKg, $setup->grade),
            ),
            $setup instanceof Hop => $this->onFeet(
                $setup->reach,
                static fn (string $bar, Footing $footing): Choice => Hopped::of($bar, $footing, $setup->hopM),
            ),
            $setup instanceof LowBar => ($bar = $this->bar($setup->barHeightM)) === null
                ? null
                : OnLowBar::of($bar, $setup->scaleKg, $setup->grade),
            $setup instanceof Counterweight => ($machine = $this->machine(MachineUse::Counterweight, $setup->stackKg)) === null
                ? null
                : Counterweighted::of($machine, $setup->stackKg),
            $setup instanceof PullDown => ($machine = $this->machine(MachineUse::PullDown, $setup->stackKg)) === null
                ? null
                : PulledDown::of($machine, $setup->stackKg, $setup->stance),
            $setup instanceof BandPullDown => $this->bandPullDown($setup),
            $setup instanceof AddedWeight => $this->weighted($setup),
            default => null,
        };
    }

    private function bands(BandHelp $setup): ?Choice
    {
        $bar = $this->bar($setup->barHeightM);
        $ids = array_map(fn (AttachedBand $b): ?string => $this->band($b->band), $setup->bands);
        if ($bar === null || in_array(null, $ids, true)) {
            return null;
        }
        $atKnee = array_keys(array_filter($setup->bands, static fn (AttachedBand $b): bool => $b->attach === Attach::Knee));

        return count($atKnee) === 1 && count($ids) === 2
            ? OnBands::split($bar, (string) $ids[1 - $atKnee[0]], (string) $ids[$atKnee[0]])
            : OnBands::of($bar, $setup->bands[0]->attach, array_map(strval(...), $ids));
    }

    private function bandPullDown(BandPullDown $setup): ?Choice
    {
        $bar = $this->bar($setup->anchorHeightM);
        $ids = array_map($this->band(...), $setup->bands);

        return $bar === null || in_array(null, $ids, true) ? null : BandPulledDown::of($bar, array_map(strval(...), $ids), $setup->stance);
    }

    private function row(Row $row): ?Choice
    {
        $box = $row->heelHeightM === 0.0 ? null : $this->box($row->heelHeightM);
        $rings = $row->strapM === 0.0 ? null : $this->rings($row);
        $bar = $rings === null && $row->strapM === 0.0 ? $this->bar($row->anchorHeightM) : null;
        if (($rings === null && $bar === null) || ($box === null) !== ($row->heelHeightM === 0.0) || $row->addedKg > 0.0) {
            return null;
        }
        $choice = $rings !== null
            ? InRow::onRings($rings, $row->strapM, $row->heelMarkM, $box)
            : InRow::onBar((string) $bar, $row->heelMarkM, $box);

        return $choice->with($row->heeling->heels, $row->heeling->knees);
    }

    /** @param  \Closure(string, Footing): Choice  $choice */
    private function onFeet(BoxReach $reach, \Closure $choice): ?Choice
    {
        $bar = $this->bar($reach->barHeightM);
        $heights = array_values(array_filter(
            StandingHeight::all($this->kit->boxes, $this->kit->plates),
            static fn (StandingHeight $h): bool => self::same($h->heightM, $reach->boxM),
        ));

        return $bar === null || $heights === [] ? null : $choice($bar, Footing::at($heights[0]));
    }

    private function weighted(AddedWeight $setup): ?Choice
    {
        foreach ($this->kit->weights as $i => $weight) {
            if (self::sameKg($weight->massKg, $setup->addedKg)) {
                return Weighted::of([$weight->id]);
            }
            foreach (array_slice($this->kit->weights, $i + 1) as $other) {
                if (self::sameKg($weight->massKg + $other->massKg, $setup->addedKg)) {
                    return Weighted::of([$weight->id, $other->id]);
                }
            }
        }

        return null;
    }

    private function bar(float $heightM): ?string
    {
        foreach ($this->kit->bars as $bar) {
            if (self::same($bar->heightM, $heightM)) {
                return $bar->id;
            }
        }

        return null;
    }

    private function box(float $heightM): ?string
    {
        foreach ($this->kit->boxes as $box) {
            if (self::same($box->heightM, $heightM)) {
                return $box->id;
            }
        }

        return null;
    }

    private function rings(Row $row): ?string
    {
        foreach ($this->kit->ringPairs as $rings) {
            if (
                self::same($rings->anchorHeightM, $row->anchorHeightM)
                && array_filter($rings->strapsM, static fn (float $m): bool => self::same($m, $row->strapM)) !== []
            ) {
                return $rings->id;
            }
        }

        return null;
    }

    private function machine(MachineUse $use, float $stackKg): ?string
    {
        foreach ($this->kit->machines as $machine) {
            if (
                $machine->use === $use
                && array_filter($machine->stacksKg(), static fn (float $kg): bool => self::sameKg($kg, $stackKg)) !== []
            ) {
                return $machine->id;
            }
        }

        return null;
    }

    private function band(LoopBand $band): ?string
    {
        foreach ($this->kit->bands as $own) {
            if ($own->id === $band->id || $own->stamp() === $band->stamp()) {
                return $own->id;
            }
        }

        return null;
    }

    private static function same(float $oneM, float $otherM): bool
    {
        return abs($oneM - $otherM) <= self::SAME_M;
    }

    private static function sameKg(float $oneKg, float $otherKg): bool
    {
        return abs($oneKg - $otherKg) <= self::SAME_KG;
    }
}
