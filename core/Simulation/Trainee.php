<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Reps\Endurance;
use SteadyRung\Strength\Reps\Seconds;

/**
 * A virtual athlete on real gear: does what is written, as well as the truth allows, and tells what anybody would tell.
 */
final class Trainee
{
    /** Seconds of a dead hang at the start, and more of it a week of training (judgement). */
    private const GRIP_S = 22.0;

    private const GRIP_S_A_SESSION = 1.2;

    private const LONGEST_GRIP_S = 90.0;

    private const UNTOLD = 0.15;

    /** Level rows for ten come well before the first pull-up (judgement). */
    private const ROW_STRENGTH = 1.1;

    private const ROW_STRENGTH_SD = 0.1;

    /** Lowerings that make sore, and how much of that is got used to with each session of them (judgement). */
    private const SORE_PER_LOWERING = 0.28;

    private const USED_TO_IT = 0.25;

    private const LEAST_S = 1.0;

    private const SET_S = 40.0;

    private float $gripS = self::GRIP_S;

    private int $loweringSessions = 0;

    private float $soreness = 0.0;

    /** @param  float  $sorePerLowering  of somebody new to it */
    public function __construct(
        public readonly VirtualAthlete $athlete,
        private readonly float $bandSd,
        private readonly float $sorePerLowering = self::SORE_PER_LOWERING,
    ) {
    }

    /** Lets days pass, at whose end a session is trained or missed. */
    public function pass(int $days, bool $trained): void
    {
        $this->athlete->pass($days, $trained);
        $this->soreness *= 0.6 ** $days;
        $this->gripS = min(self::LONGEST_GRIP_S, $this->gripS + ($trained ? self::GRIP_S_A_SESSION : 0.0));
    }

    /** 0–5, as it would be told. */
    public function soreness(): int
    {
        return (int) max(0, min(5, round($this->soreness)));
    }

    /**
     * The sets of a line, in their order.
     *
     * @return list<Done>
     */
    public function do(Block $block, int $day, float $atS): array
    {
        $rung = $block->rung();
        if ($rung === null) {
            return [];
        }
        $done = [];
        $left = $block->amount->measure === Measure::TotalReps ? $block->amount->high : PHP_INT_MAX;
        for ($set = 0; $set < $block->sets && $left > 0; $set++) {
            $one = $this->set($block, $rung, $day, $set, $left, $atS + $set * ($block->restS + self::SET_S));
            $left -= (int) $one->reps;
            $done[] = $one;
        }
        $lowered = array_sum(array_map(static fn (Done $d): int => $d->lowerings(), $done));
        $this->soreness += $this->sorePerLowering * $lowered / (1.0 + self::USED_TO_IT * $this->loweringSessions);
        $this->loweringSessions += $lowered > 0 ? 1 : 0;

        return $done;
    }

    /** What a set of the rung is done to failure at, in whole reps. */
    public function failure(Rung $rung, int $set): int
    {
        return $this->athlete->repsToFailure($this->trueShare($rung), min($set, VirtualAthlete::MOST_SETS - 1));
    }

    private function set(Block $block, Rung $rung, int $day, int $set, int $left, float $atS): Done
    {
        $purpose = $block->purpose ?? Purpose::Work;
        $style = $rung->exercise->style;
        [$low, $high] = [$block->amount->low, min($block->amount->high, $left)];
        if ($block->amount->measure === Measure::Seconds) {
            return $this->done(
                $rung,
                $day,
                $purpose,
                $atS,
                seconds: min((float) $high, $this->seconds($rung)),
                toFailure: $block->toFailure,
            );
        }
        if ($style->movement === Movement::Lowering) {
            $each = $this->seconds($rung);
            $reps = $block->amount->measure === Measure::TotalReps
                ? (int) min($left, max(1.0, floor($each / Seconds::FIRST_S) * 3.0))
                : $high;

            return $this->done(
                rung: $rung,
                day: $day,
                purpose: $purpose,
                atS: $atS,
                reps: $reps,
                asked: $low,
                seconds: max(self::LEAST_S, min($each, (float) $style->seconds + 1.0)),
            );
        }
        $failure = $rung->legsGiveTheRest()
            ? max($high + 1, $this->failure($rung, $set)) // the legs give what is missing
            : $this->failure($rung, $set);
        $toFailure = $block->toFailure || $block->part === SessionPart::Test;
        $reps = $toFailure ? $failure : min($high, $failure <= $low ? $failure : $failure - 1);
        $untold = $this->athlete->chance(self::UNTOLD);
        $reserve = $toFailure || $reps < $low
            ? 0
            : ($untold ? null : $this->athlete->toldReserve($failure - $reps, min($set, VirtualAthlete::MOST_SETS - 1)));

        return $this->done(
            rung: $rung,
            day: $day,
            purpose: $purpose,
            atS: $atS,
            reps: $reps,
            asked: $low,
            reserve: $reserve,
            toFailure: $toFailure,
        );
    }

    private function done(
        Rung $rung,
        int $day,
        Purpose $purpose,
        float $atS,
        ?int $reps = null,
        ?int $asked = null,
        ?int $reserve = null,
        ?float $seconds = null,
        bool $toFailure = false,
    ): Done {
        return new Done(
            day: $day,
            purpose: $purpose,
            kind: $rung->exercise->setup->kind(),
            style: $rung->exercise->style,
            share: $rung->share(),
            load: FeltLoad::ofRung($rung),
            work: $rung->exercise->work(),
            isPart: false,
            askedReps: $asked,
            toFailure: $toFailure,
            reps: $reps,
            reserve: $reserve,
            seconds: $seconds,
            atS: $atS,
        );
    }

    /** How long it lasts, in truth; the grip decides a hang. */
    private function seconds(Rung $rung): float
    {
        $style = $rung->exercise->style;
        if ($style->at?->isGrip() === true) {
            return floor($this->gripS);
        }
        [$factor] = Seconds::strengthOf($style->movement);

        return max(0.0, floor(Endurance::seconds($this->trueShare($rung) / ($this->athlete->capacityShare() * $factor))));
    }

    /** Of rows and pull-downs against the pull: an athlete’s own. */
    private function rowStrength(): float
    {
        return self::ROW_STRENGTH * exp($this->athlete->errorOf('rows', self::ROW_STRENGTH_SD));
    }

    /** What the rung asks in truth: a band's error stays as long as the band. */
    private function trueShare(Rung $rung): float
    {
        $load = FeltLoad::ofRung($rung);
        $strength = $rung->exercise->setup->kind()->lane() === Lane::Pull ? 1.0 : $this->rowStrength();

        return $load->share / $strength * exp(-$this->athlete->errorOf($rung->exercise->work(), min($this->bandSd, $load->shareSd) / $load->share));
    }
}
