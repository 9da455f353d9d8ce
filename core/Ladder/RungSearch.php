<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Body\Body;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Kit\Weight;
use SteadyRung\Ladder\Choices\StrictPull;
use SteadyRung\Setup\DoesNotFit;

/**
 * Finds the rungs a kit can build for a body.
 */
final readonly class RungSearch
{
    public function __construct(public Kit $kit)
    {
    }

    /**
     * The rung of one choice.
     *
     * @throws UnknownGear if the kit lacks a piece
     * @throws GearClash if two pieces cannot go together
     */
    public function rung(Choice $choice, Body $body): Rung|DoesNotFit
    {
        $setup = $choice->setup($this->kit);
        $load = $setup->carriedBy($body);

        return $load instanceof DoesNotFit ? $load : new Rung($choice, $choice->name($this->kit), $setup, $load);
    }

    /** The rung of a choice made before, whatever became of the gear since; null where none was made. */
    public function standing(?Choice $choice, Body $body): Rung|DoesNotFit|null
    {
        try {
            return $choice === null ? null : $this->rung($choice, $body);
        } catch (UnknownGear|GearClash $error) {
            return DoesNotFit::cannotBeBuilt($error);
        }
    }

    public function strict(Body $body): Rung
    {
        $choice = new StrictPull;
        $setup = $choice->setup($this->kit);

        return new Rung($choice, $choice->name($this->kit), $setup, $setup->carriedBy($body));
    }

    /**
     * All that fits in a lane, from the least carried to the most.
     *
     * @return list<Rung>
     */
    public function lane(Lane $lane, Body $body): array
    {
        return $this->fitting((new EveryChoice($this->kit, $body))->in($lane), $body);
    }

    /**
     * The unassisted pull-up and what one band or one weight makes, likewise.
     *
     * @return list<Rung>
     */
    public function singles(Body $body): array
    {
        return $this->fitting((new EveryChoice($this->kit, $body))->singles(), $body);
    }

    /**
     * What one change makes of a rung, likewise.
     *
     * @return list<Rung>
     */
    public function near(Rung $from, Body $body): array
    {
        return $this->fitting((new EveryChoice($this->kit, $body))->near($from->choice), $body);
    }

    /**
     * What one more piece would add, likewise.
     *
     * @return list<Rung>
     */
    public function addedBy(LoopBand|Box|Weight $piece, Body $body): array
    {
        return (new self($this->kit->with($piece)))->fitting((new EveryChoice($this->kit, $body))->addedBy($piece), $body);
    }

    /**
     * What does not fit of the single bands and weights, each with its reason.
     *
     * @return list<array{string, DoesNotFit}>
     */
    public function misfits(Body $body): array
    {
        $misfits = [];
        foreach ((new EveryChoice($this->kit, $body))->singles() as $choice) {
            $rung = $this->standing($choice, $body);
            if ($rung instanceof DoesNotFit) {
                $misfits[] = [$choice->name($this->kit), $rung];
            }
        }

        return $misfits;
    }

    /**
     * @param  iterable<Choice>  $choices
     * @return list<Rung>
     */
    private function fitting(iterable $choices, Body $body): array
    {
        $rungs = [];
        foreach ($choices as $choice) {
            $rung = $this->standing($choice, $body);
            if ($rung instanceof Rung) {
                $rungs[] = $rung;
            }
        }
        usort($rungs, static fn (Rung $a, Rung $b): int => $a->load->meanN <=> $b->load->meanN ?: strcmp($a->name, $b->name));

        return $rungs;
    }
}
