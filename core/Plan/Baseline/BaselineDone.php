<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Baseline;

use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\InWords;

/**
 * A set of a baseline that was done.
 */
final readonly class BaselineDone
{
    /** @param  Exercise|null  $exercise  none of a dead hang */
    public function __construct(public ?Exercise $exercise, public ?int $reps, public ?float $seconds)
    {
    }

    /**
     * The step it belongs to; of reps on help the first load, until another was done.
     *
     * @param  list<BaselineStep>  $before  the steps done before it
     */
    public function step(array $before): ?BaselineStep
    {
        $style = $this->exercise?->style;

        return match (true) {
            $this->exercise === null || $style === null, $style->at === HoldAt::Hang => BaselineStep::Hang,
            $style->at === HoldAt::ActiveHang => BaselineStep::ActiveHang,
            $style->at === HoldAt::Top => BaselineStep::TopHold,
            $style->movement === Movement::Lowering => BaselineStep::Lowering,
            $this->exercise->setup instanceof InRow => BaselineStep::Row,
            $this->exercise->setup instanceof StrictPull && $style->movement === Movement::Full => $style->grip === Grip::Under
                ? BaselineStep::ChinUp
                : BaselineStep::PullUp,
            $this->exercise->pattern() === Pattern::Pull => in_array(BaselineStep::Band, $before, true)
                ? BaselineStep::SecondBand
                : BaselineStep::Band,
            default => null,
        };
    }

    public function inWords(): string
    {
        return $this->seconds === null ? sprintf('%d clean', $this->reps) : InWords::seconds($this->seconds);
    }
}
