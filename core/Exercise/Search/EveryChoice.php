<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Search;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\BandPulledDown;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Counterweighted;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\Hopped;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\OnLowBar;
use SteadyRung\Exercise\Choices\PulledDown;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Choices\Weighted;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\Kit\Weight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Feet\Hop;

/**
 * The choices a kit allows, whether or not they fit a body: all of them in a usual gym, an even spread where a kit allows
 * more than anybody can look through. What is bounded is the choices, never the pieces.
 */
final readonly class EveryChoice
{
    /** Bars a band is tried on one by one; more of them are only more places for the same work. */
    private const MOST_BARS = 12;

    private const MOST_SHORT_BARS = 3;

    private const MOST_PAIRS = 700;

    private const MOST_STANDS = 240;

    private const MOST_WEIGHT_PAIRS = 400;

    private const MOST_PINS = 400;

    /** Hangs of rows from one footing, each tried at every heel mark. */
    private const MOST_ROW_HANGS = 12;

    private const MOST_ROW_FOOTINGS = 5;

    /** Hands nearer to each other than this in height, on anchors of the same height, make the same rows. */
    private const SAME_HANDS_M = 0.02;

    /** Heel marks are taped on the floor this far apart, from this to that. */
    private const MARK_STEP_CM = 5;

    private const MARKS_CM = [-150, 200];

    public function __construct(private Kit $kit, private Body $body)
    {
    }

    /** @return \Generator<int, Choice> */
    public function in(Lane $lane): \Generator
    {
        return match ($lane) {
            Lane::Pull => $this->pulls(),
            Lane::Row => $this->rows([null, ...$this->kit->boxes]),
            Lane::PullDown => $this->pullDowns(),
            Lane::Seconds => self::none(),
        };
    }

    /**
     * Those of one kind, arranged as is asked; of rows enough places and marks to pick one from.
     *
     * @return \Generator<int, Choice>
     */
    public function ofKind(ChoiceKind $kind, ?Arrangement $as = null): \Generator
    {
        $choices = match ($kind) {
            ChoiceKind::Hop => $this->hops(),
            ChoiceKind::LowBar => $this->lowBars(),
            ChoiceKind::Row => $this->rows([null, ...$this->kit->boxes], 2 * self::MARK_STEP_CM),
            default => $this->in($kind->lane()),
        };
        $arranged = new Arranged($this->kit, $this->body);
        foreach ($choices as $choice) {
            if ($choice->kind() === $kind) {
                yield from $as === null ? [$choice] : $arranged->ways($choice, $as);
            }
        }
    }

    /**
     * The unassisted pull-up, and one band or one weight at a time.
     *
     * @return \Generator<int, Choice>
     */
    public function singles(): \Generator
    {
        yield new StrictPull;
        foreach ($this->kit->bands as $band) {
            yield from self::onBars([$band], self::spread($this->kit->bars, self::MOST_BARS));
        }
        foreach ($this->kit->weights as $weight) {
            yield Weighted::of([$weight->id]);
        }
    }

    /**
     * What a single change leads to: another band, weight or pin, or the heels at another mark.
     *
     * @return \Generator<int, Choice>
     */
    public function near(Choice $from): \Generator
    {
        return match (true) {
            $from instanceof InRow => self::marks($from),
            $from instanceof PulledDown, $from instanceof BandPulledDown => $this->pullDowns(),
            $from instanceof Counterweighted => $this->pinsAndSingles(),
            default => $this->singles(),
        };
    }

    /**
     * Those that one more piece would add.
     *
     * @return \Generator<int, Choice>
     */
    public function addedBy(LoopBand|Box|Weight $piece): \Generator
    {
        if ($piece instanceof LoopBand) {
            yield from self::onBars([$piece], $this->tellingBars());
            foreach ($this->kit->bands as $band) {
                yield from $this->pairs($band, $piece);
            }
        } elseif ($piece instanceof Box) {
            yield from $this->rows([$piece]);
        } else {
            yield Weighted::of([$piece->id]);
        }
    }

    /** @return \Generator<int, Choice> */
    private function pulls(): \Generator
    {
        yield new StrictPull;
        foreach ($this->kit->bands as $band) {
            yield from self::onBars([$band], $this->tellingBars());
        }
        foreach (self::spread(self::pairsOf($this->kit->bands), self::MOST_PAIRS) as $pair) {
            yield from $this->pairs(...$pair);
        }
        yield from $this->feet();
        foreach ($this->kit->weights as $weight) {
            yield Weighted::of([$weight->id]);
        }
        foreach (self::spread(self::pairsOf($this->kit->weights), self::MOST_WEIGHT_PAIRS) as [$first, $second]) {
            yield Weighted::of([$first->id, $second->id]);
        }
        yield from $this->stacks(MachineUse::Counterweight);
    }

    /**
     * The lowest bar that the athlete hangs straight from, which stands for all higher ones, and some too low for that.
     *
     * @return list<Bar>
     */
    private function tellingBars(): array
    {
        $tall = $this->tallBar();
        $short = array_values(array_filter($this->kit->bars, fn (Bar $b): bool => $b->heightM < $this->straightHangM()));

        return [...self::spread($short, self::MOST_SHORT_BARS), ...$tall];
    }

    /** @return list<Bar> the lowest bar that is high enough, else the highest there is, else none */
    private function tallBar(): array
    {
        $bars = $this->kit->bars;
        usort($bars, static fn (Bar $a, Bar $b): int => [$a->heightM, $a->name] <=> [$b->heightM, $b->name]);
        foreach ($bars as $bar) {
            if ($bar->heightM >= $this->straightHangM()) {
                return [$bar];
            }
        }

        return array_slice($bars, -1);
    }

    private function straightHangM(): float
    {
        return $this->body->reachM + BandHelp::CLEARANCE_M;
    }

    /**
     * @template T
     *
     * @param  list<T>  $pieces
     * @return list<array{T, T}>
     */
    private static function pairsOf(array $pieces): array
    {
        $pairs = [];
        foreach ($pieces as $i => $first) {
            foreach (array_slice($pieces, $i + 1) as $second) {
                $pairs[] = [$first, $second];
            }
        }

        return $pairs;
    }

    /**
     * So many of a list at the most, evenly spread over it, its ends among them.
     *
     * @template T
     *
     * @param  list<T>  $all
     * @return list<T>
     */
    private static function spread(array $all, int $most): array
    {
        $last = count($all) - 1;

        return $last < $most
            ? $all
            : array_map(static fn (int $i): mixed => $all[intdiv($i * $last, max(1, $most - 1))], range(0, $most - 1));
    }

    /**
     * @param  non-empty-list<LoopBand>  $bands
     * @param  list<Bar>  $bars
     * @return \Generator<int, Choice>
     */
    private static function onBars(array $bands, array $bars): \Generator
    {
        $ids = array_map(static fn (LoopBand $b): string => $b->id, $bands);
        foreach ($bars as $bar) {
            foreach (Attach::cases() as $attach) {
                yield OnBands::of($bar->id, $attach, $ids);
            }
        }
    }

    /** @return \Generator<int, Choice> both at the foot, both at the knee, and one at each */
    private function pairs(LoopBand $one, LoopBand $other): \Generator
    {
        yield from self::onBars([$one, $other], $this->tallBar());
        foreach ($this->tallBar() as $bar) {
            yield OnBands::split($bar->id, $one->id, $other->id);
            yield OnBands::split($bar->id, $other->id, $one->id);
        }
    }

    /** @return \Generator<int, Choice> */
    private function feet(): \Generator
    {
        $bars = self::spread($this->kit->bars, self::MOST_BARS);
        $heights = self::spread(
            StandingHeight::all($this->kit->boxes, $this->kit->plates),
            intdiv(self::MOST_STANDS, max(1, count($bars))),
        );
        foreach ($bars as $bar) {
            foreach ($heights as $height) {
                yield FootHelped::of($bar->id, Footing::at($height));
            }
        }
    }

    /** @return \Generator<int, Choice> from the floor and from each box, a small hop and a jump */
    private function hops(): \Generator
    {
        $footings = [
            Footing::floor(),
            ...array_map(static fn (Box $b): Footing => Footing::box($b->id), self::spread($this->kit->boxes, self::MOST_ROW_FOOTINGS)),
        ];
        foreach (self::spread($this->kit->bars, self::MOST_BARS) as $bar) {
            foreach ($footings as $footing) {
                yield Hopped::of($bar->id, $footing, Hop::SMALL_M);
                yield Hopped::of($bar->id, $footing, Hop::JUMP_M);
            }
        }
    }

    /** @return \Generator<int, Choice> */
    private function lowBars(): \Generator
    {
        foreach (self::spread($this->kit->bars, self::MOST_BARS) as $bar) {
            yield OnLowBar::of($bar->id);
        }
    }

    /** @return \Generator<int, Choice> */
    private function stacks(MachineUse $use): \Generator
    {
        $machines = array_values(array_filter($this->kit->machines, static fn (Machine $m): bool => $m->use === $use));
        foreach ($machines as $machine) {
            foreach (self::spread($machine->stacksKg(), max(2, intdiv(self::MOST_PINS, count($machines)))) as $stackKg) {
                yield $use === MachineUse::PullDown ? PulledDown::of($machine->id, $stackKg) : Counterweighted::of($machine->id, $stackKg);
            }
        }
    }

    /**
     * @param  list<Box|null>  $boxes under the heels; null is the floor
     * @return \Generator<int, Choice>
     */
    private function rows(array $boxes, int $stepCm = self::MARK_STEP_CM): \Generator
    {
        $hangs = self::spread($this->rowHangs(), self::MOST_ROW_HANGS);
        foreach (self::spread($boxes, self::MOST_ROW_FOOTINGS) as $box) {
            foreach ($hangs as $hang) {
                yield from self::marks($hang->onFooting($box?->id), $stepCm);
            }
        }
    }

    /**
     * Where rows hang, the lowest hands first; of those that make the same rows the first.
     *
     * @return list<InRow>
     */
    private function rowHangs(): array
    {
        $hangs = [];
        foreach ($this->kit->ringPairs as $rings) {
            foreach ($rings->strapsM as $strapM) {
                $hangs[self::hang($rings->anchorHeightM, $strapM)] ??= InRow::onRings($rings->id, $strapM, 0.0);
            }
        }
        foreach ($this->kit->bars as $bar) {
            $hangs[self::hang($bar->heightM, 0.0)] ??= InRow::onBar($bar->id, 0.0);
        }
        ksort($hangs);

        return array_values($hangs);
    }

    /** Sorts by the height of the hands. */
    private static function hang(float $anchorHeightM, float $strapM): string
    {
        return sprintf('%04.0f %04.0f', ($anchorHeightM - $strapM) / self::SAME_HANDS_M, $anchorHeightM / self::SAME_HANDS_M);
    }

    /** @return \Generator<int, Choice> */
    private static function marks(InRow $row, int $stepCm = self::MARK_STEP_CM): \Generator
    {
        foreach (range(self::MARKS_CM[0], self::MARKS_CM[1], $stepCm) as $cm) {
            yield $row->withHeelMark($cm / 100.0);
        }
    }

    /** @return \Generator<int, Choice> */
    private function pinsAndSingles(): \Generator
    {
        yield from $this->singles();
        yield from $this->stacks(MachineUse::Counterweight);
    }

    /** @return \Generator<int, Choice> */
    private function pullDowns(): \Generator
    {
        yield from $this->stacks(MachineUse::PullDown);
        $bars = self::spread($this->kit->bars, self::MOST_SHORT_BARS);
        foreach ($this->kit->bands as $band) {
            foreach ($bars as $bar) {
                yield BandPulledDown::of($bar->id, [$band->id]);
            }
        }
    }

    /** @return \Generator<int, Choice> */
    private static function none(): \Generator
    {
        yield from [];
    }
}
