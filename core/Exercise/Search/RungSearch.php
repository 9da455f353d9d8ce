<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Search;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Kit\Weight;
use SteadyRung\Safety\Limits;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Strict;
use SteadyRung\Setup\WarningCode;

/**
 * Finds the rungs a kit can build for a body.
 */
final readonly class RungSearch
{
    public Limits $limits;

    /** @param  Limits|null  $limits  of the athlete's screen; none where nobody screens */
    public function __construct(public Kit $kit, ?Limits $limits = null)
    {
        $this->limits = $limits ?? Limits::none();
    }

    /**
     * The rung of one exercise.
     *
     * @throws UnknownGear if the kit lacks a piece
     * @throws GearClash if two pieces cannot go together
     */
    public function rung(Exercise $exercise, Body $body): Rung|DoesNotFit
    {
        $setup = $exercise->setup->setup($this->kit);
        $load = $setup->carriedBy($body, $exercise->style->travel());
        if ($load instanceof DoesNotFit) {
            return $load;
        }
        $broken = WithinLimits::broken($this->limits, $exercise, $load);
        if ($broken !== null) {
            return $broken;
        }
        $weak = $this->kit->weakest($exercise->setup->pieces());

        return $weak !== null && $load->peakN() > $weak->ratedN()
            ? DoesNotFit::overRating($weak->name, $weak->ratedN(), $load->peakN())
            : new Rung($exercise, $exercise->name($this->kit), $setup, $load->forBody($body));
    }

    /** The rung of an exercise chosen before, whatever became of the gear since; null where none was. */
    public function standing(?Exercise $exercise, Body $body): Rung|DoesNotFit|null
    {
        try {
            return $exercise === null ? null : $this->rung($exercise, $body);
        } catch (UnknownGear|GearClash $error) {
            return DoesNotFit::cannotBeBuilt($error);
        }
    }

    public function strict(Body $body): Rung
    {
        $exercise = Exercise::of(new StrictPull);
        $setup = new Strict;

        return new Rung($exercise, $exercise->name($this->kit), $setup, $setup->carriedBy($body)->forBody($body));
    }

    /**
     * All that fits in a lane, done like something else, from the least carried to the most.
     *
     * @return list<Rung>
     */
    public function lane(Lane $lane, Body $body, ?Exercise $like = null): array
    {
        return $this->fitting((new EveryChoice($this->kit, $body))->in($lane), $body, $like);
    }

    /**
     * All that fits of one kind, arranged as is asked, each made an exercise of, likewise.
     *
     * @param  \Closure(Choice): Exercise  $exercise
     * @return list<Rung>
     */
    public function kind(ChoiceKind $kind, Body $body, \Closure $exercise, ?Arrangement $as = null): array
    {
        $choices = (new EveryChoice($this->kit, $body))->ofKind($kind, $as);

        return $this->built((static function () use ($choices, $exercise): \Generator {
            foreach ($choices as $choice) {
                yield $exercise($choice);
            }
        })(), $body);
    }

    /**
     * The unassisted pull-up and what one band or one weight makes, likewise.
     *
     * @return list<Rung>
     */
    public function singles(Body $body, ?Exercise $like = null): array
    {
        return $this->fitting((new EveryChoice($this->kit, $body))->singles(), $body, $like);
    }

    /**
     * What one change makes of a rung: other gear, or, where seconds are asked for, other seconds.
     *
     * @return list<Rung>
     */
    public function near(Rung $from, Body $body): array
    {
        return $from->exercise->style->movement->isTimed()
            ? $this->built(EverySeconds::of($from->exercise), $body)
            : $this->fitting((new EveryChoice($this->kit, $body))->near($from->exercise->setup), $body, $from->exercise);
    }

    /**
     * What is measured in seconds on a set-up, or unassisted.
     *
     * @return list<Rung>
     */
    public function timed(Body $body, ?Choice $on = null): array
    {
        return $this->built(EverySeconds::on($on ?? new StrictPull), $body);
    }

    /**
     * What one more piece would add, done like something else.
     *
     * @return list<Rung>
     */
    public function addedBy(LoopBand|Box|Weight $piece, Body $body, ?Exercise $like = null): array
    {
        return (new self($this->kit->with($piece), $this->limits))->fitting(
            (new EveryChoice($this->kit, $body))->addedBy($piece),
            $body,
            $like,
        );
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
            $rung = $this->standing(Exercise::of($choice), $body);
            if ($rung instanceof DoesNotFit) {
                $misfits[] = [$choice->name($this->kit), $rung];
            }
        }

        return $misfits;
    }

    /** The same row with the heels blocked, where they would slip; none where there is nothing to block them with. */
    private function blocked(Rung $rung): ?Rung
    {
        $row = $rung->exercise->setup;
        if (! $row instanceof InRow || ! $rung->load->warns(WarningCode::HeelsSlip)) {
            return $rung;
        }
        if ($row->boxId === null && ! $this->kit->blocksHeels()) {
            return null;
        }
        $exercise = $rung->exercise->on($row->with(Heels::Blocked, $row->knees, $row->vestIds));

        return new Rung(
            $exercise,
            $exercise->name($this->kit),
            $exercise->setup->setup($this->kit),
            $rung->load->without(WarningCode::HeelsSlip),
        );
    }

    /**
     * @param  iterable<Choice>  $choices
     * @return list<Rung>
     */
    private function fitting(iterable $choices, Body $body, ?Exercise $like): array
    {
        return $this->built((static function () use ($choices, $like): \Generator {
            foreach ($choices as $choice) {
                yield $like?->on($choice) ?? Exercise::of($choice);
            }
        })(), $body);
    }

    /**
     * @param  iterable<Exercise>  $exercises
     * @return list<Rung>
     */
    private function built(iterable $exercises, Body $body): array
    {
        $rungs = [];
        foreach ($exercises as $exercise) {
            $rung = $this->standing($exercise, $body);
            $stands = $rung instanceof Rung ? $this->blocked($rung) : null;
            if ($stands !== null) {
                $rungs[] = $stands;
            }
        }
        usort($rungs, static fn (Rung $a, Rung $b): int => $a->load->meanN <=> $b->load->meanN ?: strcmp($a->name, $b->name));

        return $rungs;
    }
}
