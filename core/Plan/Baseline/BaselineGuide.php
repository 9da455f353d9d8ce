<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Baseline;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\InWords;
use SteadyRung\Ladder\NearestReps;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\StrictTry;

/**
 * Leads through a baseline: from what was done it says what comes next and on which set-up, and passes over what makes no sense.
 */
final readonly class BaselineGuide
{
    /** A hang shorter than this asks for grip first: nothing further is hung (judgement). */
    private const LEAST_HANG_S = 5.0;

    private const HOLD_ASKED_S = 10.0;

    private const LOWERING_ASKED_S = 5.0;

    /** Reps the loads are chosen for: the first many, the second few, and many again where the first was too much. */
    private const FIRST_REPS = 8;

    private const SECOND_REPS = 4;

    private const EASIER_REPS = 10;

    /**
     * @param  Estimate  $pull  what is believed of the pull, or expected of anybody
     * @param  Estimate  $row  likewise
     */
    public function __construct(private RungSearch $search, private Body $body, private Estimate $pull, private Estimate $row)
    {
    }

    /**
     * @param  list<BaselineDone>  $done  in their order
     * @param  list<BaselineStep>  $passed  what the coach passed over
     * @return non-empty-list<BaselineLine>
     */
    public function lines(array $done, array $passed = []): array
    {
        $results = $this->results($done);
        $lines = [];
        $isNext = true;
        foreach (BaselineStep::cases() as $step) {
            $line = $this->line($step, $results, in_array($step, $passed, true), $isNext);
            $isNext = $isNext && $line->state !== BaselineState::Next;
            $lines[] = $line;
        }

        return $lines;
    }

    /**
     * @param  list<BaselineDone>  $done
     * @return array<string, BaselineDone> the last of each step
     */
    private function results(array $done): array
    {
        $results = $steps = [];
        foreach ($done as $one) {
            $step = $one->step($steps);
            if ($step !== null) {
                $steps[] = $step;
                $results[$step->value] = $one;
            }
        }

        return $results;
    }

    /** @param  array<string, BaselineDone>  $results */
    private function line(BaselineStep $step, array $results, bool $isPassed, bool $isNext): BaselineLine
    {
        if (isset($results[$step->value])) {
            return new BaselineLine($step, BaselineState::Done, $results[$step->value]->inWords());
        }
        if ($isPassed) {
            return new BaselineLine($step, BaselineState::PassedOver, 'Left out by the coach.');
        }
        $against = $isNext ? $this->against($step, $results) : null;
        $rung = $isNext && $against === null ? $this->rung($step, $results) : null;

        return match (true) {
            ! $isNext => new BaselineLine($step, BaselineState::Later),
            $against !== null => new BaselineLine($step, BaselineState::PassedOver, $against),
            $rung instanceof DoesNotFit => new BaselineLine($step, BaselineState::PassedOver, $rung->reason),
            $rung === null && $step !== BaselineStep::Hang => new BaselineLine(
                $step,
                BaselineState::PassedOver,
                'Nothing in the kit fits for it.',
            ),
            default => new BaselineLine($step, BaselineState::Next, null, $rung),
        };
    }

    /**
     * Why going on with a step makes no sense, from what was seen.
     *
     * @param  array<string, BaselineDone>  $results
     */
    private function against(BaselineStep $step, array $results): ?string
    {
        $hang = $results[BaselineStep::Hang->value]->seconds ?? null;
        if ($step !== BaselineStep::Row && $hang !== null && $hang < self::LEAST_HANG_S) {
            return sprintf('A hang of %s: the grip comes first.', InWords::seconds($hang));
        }

        return match ($step) {
            BaselineStep::Hang => $this->reason($this->hold(HoldAt::Hang)),
            BaselineStep::Lowering => $this->againstLowering($results),
            BaselineStep::SecondBand => isset($results[BaselineStep::Band->value]) ? null : 'Without a first load there is no second.',
            BaselineStep::ChinUp, BaselineStep::PullUp => $this->againstTry(),
            default => null,
        };
    }

    /** @param  array<string, BaselineDone>  $results */
    private function againstLowering(array $results): ?string
    {
        $held = $results[BaselineStep::TopHold->value]->seconds ?? null;
        $rung = $this->lowering();

        return match (true) {
            $rung instanceof DoesNotFit => $rung->reason,
            $held !== null && $held < 1.0 => 'Nothing to lower from: the top was not held.',
            $this->pull->secondsOn($rung)?->isControlled() !== true => 'Control is not predicted yet.',
            default => null,
        };
    }

    private function againstTry(): ?string
    {
        $chance = $this->pull->state === null ? 0.0 : StrictTry::chance($this->pull->state);

        return StrictTry::isWorthIt($chance) ? null : sprintf('Not yet: %s.', InWords::chance($chance));
    }

    /** @param  array<string, BaselineDone>  $results */
    private function rung(BaselineStep $step, array $results): Rung|DoesNotFit|null
    {
        return match ($step) {
            BaselineStep::Hang => null,
            BaselineStep::ActiveHang => $this->hold(HoldAt::ActiveHang),
            BaselineStep::TopHold => $this->hold(HoldAt::Top),
            BaselineStep::Lowering => $this->lowering(),
            BaselineStep::Row => $this->rowRung(),
            BaselineStep::Band => $this->bandRung(self::FIRST_REPS, null),
            BaselineStep::SecondBand => $this->secondRung($results[BaselineStep::Band->value] ?? null),
            BaselineStep::ChinUp => $this->search->standing(Exercise::of(new StrictPull, grip: Grip::Under), $this->body),
            BaselineStep::PullUp => $this->search->standing(Exercise::of(new StrictPull), $this->body),
        };
    }

    private function hold(HoldAt $at): Rung|DoesNotFit|null
    {
        return $this->search->standing(Exercise::of(new StrictPull, Movement::Hold, $at, self::HOLD_ASKED_S), $this->body);
    }

    private function lowering(): Rung|DoesNotFit
    {
        return $this->search->rung(Exercise::of(new StrictPull, Movement::Lowering, seconds: self::LOWERING_ASKED_S), $this->body);
    }

    private function rowRung(): ?Rung
    {
        $rows = array_values(array_filter(
            $this->search->lane(Lane::Row, $this->body),
            static fn (Rung $r): bool => $r->holds() && $r->exercise->setup instanceof InRow,
        ));
        $plain = array_values(array_filter(
            $rows,
            static fn (Rung $r): bool => $r->exercise->setup instanceof InRow && $r->exercise->setup->isPlain(),
        ));

        return NearestReps::of($plain === [] ? $rows : $plain, $this->row, self::FIRST_REPS, 1)[0] ?? null;
    }

    private function bandRung(int $reps, ?Exercise $besides): ?Rung
    {
        $rungs = array_values(array_filter(
            $this->search->singles($this->body),
            static fn (Rung $r): bool => $r->holds()
                && $r->exercise->setup instanceof OnBands
                && $r->exercise->work() !== $besides?->work(),
        ));

        return NearestReps::of($rungs, $this->pull, $reps, 1)[0] ?? null;
    }

    private function secondRung(?BaselineDone $first): ?Rung
    {
        return $first === null
            ? null
            : $this->bandRung($first->reps >= self::SECOND_REPS ? self::SECOND_REPS : self::EASIER_REPS, $first->exercise);
    }

    private function reason(Rung|DoesNotFit|null $rung): ?string
    {
        return $rung instanceof DoesNotFit ? $rung->reason : null;
    }
}
