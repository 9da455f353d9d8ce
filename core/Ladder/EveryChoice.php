<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\Kit\Weight;
use SteadyRung\Ladder\Choices\Counterweighted;
use SteadyRung\Ladder\Choices\FootHelped;
use SteadyRung\Ladder\Choices\Footing;
use SteadyRung\Ladder\Choices\Held;
use SteadyRung\Ladder\Choices\InRow;
use SteadyRung\Ladder\Choices\Lowered;
use SteadyRung\Ladder\Choices\OnBands;
use SteadyRung\Ladder\Choices\PulledDown;
use SteadyRung\Ladder\Choices\StrictPull;
use SteadyRung\Ladder\Choices\Weighted;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\HoldAt;

/**
 * Every choice a kit allows, whether or not it fits a body.
 */
final readonly class EveryChoice
{
    /** Heel marks are taped on the floor this far apart, from this to that. */
    private const MARK_STEP_CM = 5;

    private const MARKS_CM = [-150, 200];

    /** Seconds of lowerings and holds that are asked for (common practice). */
    private const LOWERING_S = [3.0, 5.0, 8.0, 12.0];

    private const HANG_S = [15.0, 30.0, 40.0, 60.0];

    private const TOP_S = [5.0, 10.0, 20.0, 30.0, 60.0];

    public function __construct(private Kit $kit)
    {
    }

    /** @return \Generator<int, Choice> */
    public function in(Lane $lane): \Generator
    {
        return match ($lane) {
            Lane::Pull => $this->pulls(),
            Lane::Row => $this->rows([null, ...$this->kit->boxes]),
            Lane::Lower => self::seconds(),
            Lane::Apart => $this->stacks(MachineUse::PullDown),
        };
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
            yield from $this->onEveryBar([$band]);
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
            $from instanceof PulledDown => $this->stacks(MachineUse::PullDown),
            $from instanceof Counterweighted => $this->pinsAndSingles(),
            default => $from->kind()->lane() === Lane::Pull ? $this->singles() : self::seconds(),
        };
    }

    /** @return \Generator<int, Choice> */
    public function pairs(): \Generator
    {
        foreach ($this->kit->bands as $i => $first) {
            foreach (array_slice($this->kit->bands, $i + 1) as $second) {
                yield from $this->onEveryBar([$first, $second]);
            }
        }
    }

    /**
     * Those that one more piece would add.
     *
     * @return \Generator<int, Choice>
     */
    public function addedBy(LoopBand|Box|Weight $piece): \Generator
    {
        if ($piece instanceof LoopBand) {
            yield from $this->onEveryBar([$piece]);
            foreach ($this->kit->bands as $band) {
                yield from $this->onEveryBar([$band, $piece]);
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
        yield from $this->singles();
        yield from $this->pairs();
        yield from $this->feet();
        yield from $this->weightPairs();
        yield from $this->stacks(MachineUse::Counterweight);
    }

    /**
     * @param  non-empty-list<LoopBand>  $bands
     * @return \Generator<int, Choice>
     */
    private function onEveryBar(array $bands): \Generator
    {
        $ids = array_map(static fn (LoopBand $b): string => $b->id, $bands);
        foreach ($this->kit->bars as $bar) {
            foreach (Attach::cases() as $attach) {
                yield OnBands::of($bar->id, $attach, $ids);
            }
        }
    }

    /** @return \Generator<int, Choice> */
    private function feet(): \Generator
    {
        foreach ($this->kit->bars as $bar) {
            foreach (StandingHeight::all($this->kit->boxes, $this->kit->plates) as $height) {
                yield FootHelped::of($bar->id, Footing::at($height));
            }
        }
    }

    /** @return \Generator<int, Choice> */
    private function weightPairs(): \Generator
    {
        foreach ($this->kit->weights as $i => $first) {
            foreach (array_slice($this->kit->weights, $i + 1) as $second) {
                yield Weighted::of([$first->id, $second->id]);
            }
        }
    }

    /** @return \Generator<int, Choice> */
    private function stacks(MachineUse $use): \Generator
    {
        foreach (array_filter($this->kit->machines, static fn (Machine $m): bool => $m->use === $use) as $machine) {
            foreach ($machine->stacksKg() as $stackKg) {
                yield $use === MachineUse::PullDown ? PulledDown::of($machine->id, $stackKg) : Counterweighted::of($machine->id, $stackKg);
            }
        }
    }

    /**
     * @param  list<Box|null>  $boxes under the heels; null is the floor
     * @return \Generator<int, Choice>
     */
    private function rows(array $boxes): \Generator
    {
        foreach ($boxes as $box) {
            foreach (range(self::MARKS_CM[0], self::MARKS_CM[1], self::MARK_STEP_CM) as $cm) {
                foreach ($this->kit->ringPairs as $rings) {
                    foreach ($rings->strapsM as $strapM) {
                        yield InRow::onRings($rings->id, $strapM, $cm / 100.0, $box?->id);
                    }
                }
                foreach ($this->kit->bars as $bar) {
                    yield InRow::onBar($bar->id, $cm / 100.0, $box?->id);
                }
            }
        }
    }

    /** @return \Generator<int, Choice> */
    private static function marks(InRow $row): \Generator
    {
        foreach (range(self::MARKS_CM[0], self::MARKS_CM[1], self::MARK_STEP_CM) as $cm) {
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
    private static function seconds(): \Generator
    {
        foreach (self::HANG_S as $seconds) {
            yield Held::of(HoldAt::Hang, $seconds);
        }
        foreach (self::LOWERING_S as $seconds) {
            yield Lowered::of($seconds);
        }
        foreach (self::TOP_S as $seconds) {
            yield Held::of(HoldAt::Top, $seconds);
        }
    }
}
