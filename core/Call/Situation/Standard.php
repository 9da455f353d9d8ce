<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Gate;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Stage;

/**
 * What must be met to take help away, and what falls short (common practice: three sets of eight, floor of five).
 */
final readonly class Standard
{
    public function __construct(
        public int $sets = 3,
        public int $count = 8,
        public int $floor = 5,
        public int $sessions = 2,
        public float $chance = 0.8,
        public Measure $measure = Measure::Reps,
        public int $leastDays = 0,
    ) {
    }

    /** For reps that are only the way down, of which few are done (common practice: three sets of five, floor of two). */
    public static function lowering(): self
    {
        return new self(count: 5, floor: 2);
    }

    /**
     * From rung to rung of a stage that climbs the least of what its sets are asked, else the gate of the stage; on a rung that is none of
     * its work, lowerings are held against their own.
     */
    public static function at(Stage $stage, ?Rung $rung, HouseRules $rules): self
    {
        $work = $stage->work();
        $isItsOwn = $rung === null || $work->meansOf($rung) !== null;
        $gate = self::of($stage->gate, $rules);

        return match (true) {
            ! $isItsOwn && $rung->lane() === Lane::Seconds => self::lowering(),
            $work->climbs && $gate->measure === Measure::Reps => $gate->counting(min($gate->count, $work->amount->low)),
            default => $gate,
        };
    }

    /** What ends a stage: its gate. */
    public static function ending(Stage $stage, HouseRules $rules): self
    {
        return self::of($stage->gate, $rules);
    }

    private function counting(int $count): self
    {
        return new self($this->sets, $count, min($this->floor, $count), $this->sessions, $this->chance, $this->measure, $this->leastDays);
    }

    private static function of(Gate $gate, HouseRules $rules): self
    {
        return new self(
            $rules->setsFor($gate),
            $gate->count,
            $gate->floor,
            $rules->sessionsFor($gate),
            measure: $gate->measure,
            leastDays: $gate->leastDays,
        );
    }

    /** As “3 × 8 clean” or “30 s in one set”. */
    public function words(): string
    {
        $count = $this->measure->count($this->count);

        return match (true) {
            $this->measure === Measure::TotalReps => "$count in all",
            $this->measure === Measure::Seconds => $this->sets === 1 ? "$count in one set" : "$this->sets × $count",
            default => "$this->sets × $count clean",
        };
    }

    /** A count below it in words, as “5 clean” or “12 s”. */
    public function countWords(int $count): string
    {
        return $this->measure->count($count).($this->measure === Measure::Seconds ? '' : ' clean');
    }
}
