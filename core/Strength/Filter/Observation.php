<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Exercise\Style\Movement;
use SteadyRung\OutOfRange;
use SteadyRung\Strength\Reps\Endurance;
use SteadyRung\Strength\Reps\RepCurve;
use SteadyRung\Strength\Reps\Seconds;

/**
 * One logged set as evidence of capacity, on a day (days of any one calendar count).
 */
final readonly class Observation
{
    public const REPS = [0.0, 100.0];

    public const RESERVE = [0.0, 5.0];

    /** From this reserve on nobody can tell how far failure was; so many of it are believed. */
    private const FAR_FROM_FAILURE = 4;

    private const BELIEVED_OF_FAR = 3;

    /** A counted rep is a whole one: who stops at 8 could have done between 8 and 9. */
    private const HALF_REP = 0.5;

    /** Standard deviations in reps: of the count, of a reserve told, and of a failure or a far reserve that nobody told (prototypes). */
    private const COUNT_SD = 0.5;

    private const RESERVE_SD = 0.9;

    private const UNTOLD_SD = 0.8;

    /** Of a count that nobody saw: how clean the reps were, and whether all were (judgement). */
    private const UNSEEN_SD = 1.5;

    /** The second load of a baseline is done a little tired, in log capacity. */
    private const TIRED = 0.03;

    private const TIRED_SD = 0.02;

    /** Endurance of one person against the curve of many, in log strength (judgement). */
    private const ENDURANCE_SD = 0.15;

    private function __construct(
        public int $day,
        public FeltLoad $load,
        public ?int $reps,
        public ?int $reserve,
        public ?int $target,
        public Occasion $occasion,
        public bool $isTired,
        public ?float $seconds,
        private ?Movement $timed,
    ) {
    }

    /**
     * 0–100 clean reps with 0–5 in reserve or unknown, of so many asked; to failure is a reserve of 0.
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function reps(
        int $day,
        FeltLoad $load,
        int $reps,
        ?int $reserve = null,
        ?int $target = null,
        bool $toFailure = false,
        Occasion $occasion = Occasion::Work,
    ): self {
        OutOfRange::guard(['reps' => [$reps, self::REPS], 'reserve' => [$reserve, self::RESERVE], 'target' => [$target, self::REPS]]);

        return new self(
            day: $day,
            load: $load,
            reps: $reps,
            reserve: $toFailure ? 0 : $reserve,
            target: $target,
            occasion: $occasion,
            isTired: false,
            seconds: null,
            timed: null,
        );
    }

    /** A lowering or a hold that lasted so many seconds; it says that at least so much strength was there. */
    public static function held(int $day, FeltLoad $load, Movement $movement, float $seconds, Occasion $occasion = Occasion::Work): self
    {
        OutOfRange::guard(['seconds' => [$seconds, Seconds::ASKED]]);

        return new self(
            day: $day,
            load: $load,
            reps: null,
            reserve: null,
            target: null,
            occasion: $occasion,
            isTired: false,
            seconds: $seconds,
            timed: $movement,
        );
    }

    /**
     * The sets of one day, in their order, with those known as warm-ups that only say "at least so much" and are followed by work on a
     * harder load: what a session begins with easily must not stand for what it came to.
     *
     * @template K of array-key
     *
     * @param  non-empty-array<K, self>  $day
     * @return non-empty-array<K, self>
     */
    public static function afterWarmUps(array $day): array
    {
        $hardest = 0.0;
        foreach (array_reverse($day, true) as $key => $set) {
            if (! $set->isWorkInReps()) {
                continue;
            }
            if ($set->load->share < $hardest && $set->count()[0] === Side::AtLeast) {
                $day[$key] = $set->on(Occasion::WarmUp);
            }
            $hardest = max($hardest, $set->load->share);
        }

        return $day;
    }

    private function isWorkInReps(): bool
    {
        return $this->occasion === Occasion::Work && $this->seconds === null;
    }

    /**
     * Of the sets of one day, in their order, those that tell of capacity: each test, the first set that is none and no warm-up, the first
     * that is timed, the second load of a baseline, which is done a little tired, and the first that nobody saw. What comes after them is
     * done too tired to tell.
     *
     * @template K of array-key
     *
     * @param  array<K, self>  $day
     * @return array<K, self> under their keys
     */
    public static function telling(array $day): array
    {
        $telling = [];
        $first = $second = $timed = $unseen = null;
        foreach ($day as $key => $set) {
            $tells = match (true) {
                $set->occasion === Occasion::WarmUp => null,
                $set->occasion === Occasion::Home => $unseen === null ? $unseen = $set : null,
                $set->seconds !== null => $timed === null ? $timed = $set : null,
                $set->occasion === Occasion::Test => $set,
                $first === null => $first = $set,
                $second === null && $set->isSecondLoadAfter($first) => $second = $set->tired(),
                default => null,
            };
            if ($tells !== null) {
                $telling[$key] = $tells;
            }
        }

        return $telling;
    }

    private function isSecondLoadAfter(self $first): bool
    {
        return $this->occasion === Occasion::Baseline
            && $first->occasion === Occasion::Baseline
            && ($this->load->key !== $first->load->key || $this->load->share !== $first->load->share);
    }

    /** As the second load of a baseline. */
    private function tired(): self
    {
        return new self(
            day: $this->day,
            load: $this->load,
            reps: $this->reps,
            reserve: $this->reserve,
            target: $this->target,
            occasion: $this->occasion,
            isTired: true,
            seconds: $this->seconds,
            timed: $this->timed,
        );
    }

    private function on(Occasion $occasion): self
    {
        return new self(
            day: $this->day,
            load: $this->load,
            reps: $this->reps,
            reserve: $this->reserve,
            target: $this->target,
            occasion: $occasion,
            isTired: $this->isTired,
            seconds: $this->seconds,
            timed: $this->timed,
        );
    }

    /** What it says of log capacity to somebody whose reps follow this curve; the day's form is not in its variance. */
    public function claim(RepCurve $curve): Claim
    {
        if ($this->seconds !== null) {
            return $this->claimOfSeconds();
        }
        [$side, $n, $repSd] = $this->count();
        $repSd = $this->occasion === Occasion::Home ? hypot($repSd, self::UNSEEN_SD) : $repSd;
        $perRep = 1.0 / ($curve->k + $n - 1.0);

        return new Claim(
            $side,
            log($this->load->share * $curve->ratio($n)) + ($this->isTired ? self::TIRED : 0.0),
            ($repSd * $perRep) ** 2 + ($this->isTired ? self::TIRED_SD ** 2 : 0.0) + (
                $this->load->lastingKey() === null ? $this->load->sdLog() ** 2 : 0.0
            ),
        );
    }

    /** How dense reps lie on log capacity there: what makes densities on curves of different k comparable. */
    public function logRepsPerLog(RepCurve $curve): float
    {
        return $this->seconds === null && $this->count()[0] === Side::Exactly ? log($curve->k + $this->count()[1] - 1.0) : 0.0;
    }

    /** @return array{Side, float, float} with the reps to failure that it speaks of, and their standard deviation */
    private function count(): array
    {
        $reps = (float) $this->reps;
        $isShort = $this->target !== null && $reps < $this->target;

        return match (true) {
            $this->reps === 0 => [Side::LessThan, 1.0, 0.0],
            $this->reserve === null && $isShort => [Side::Exactly, $reps + self::HALF_REP, hypot(self::COUNT_SD, self::UNTOLD_SD)],
            $this->reserve === null => [Side::AtLeast, $reps, self::COUNT_SD],
            $this->reserve >= self::FAR_FROM_FAILURE => [
                Side::AtLeast,
                $reps + self::BELIEVED_OF_FAR,
                hypot(self::COUNT_SD, self::UNTOLD_SD),
            ],
            default => [
                Side::Exactly,
                $reps + $this->reserve + self::HALF_REP,
                $this->reserve === 0 ? self::COUNT_SD : hypot(self::COUNT_SD, self::RESERVE_SD),
            ],
        };
    }

    private function claimOfSeconds(): Claim
    {
        [$factor, $factorSd] = Seconds::strengthOf($this->timed ?? Movement::Hold);
        $strength = $this->load->share / (Endurance::partFor((float) $this->seconds) * $factor);
        $unsure = ($factorSd / $factor) ** 2 + self::ENDURANCE_SD ** 2 + (
            $this->load->lastingKey() === null ? $this->load->sdLog() ** 2 : 0.0
        );

        return new Claim(Side::AtLeast, log($strength), $unsure);
    }

    /** The reps to failure that it speaks of, where it was counted. */
    public function repsToFailure(): float
    {
        return $this->count()[1];
    }

    /** How they were reckoned, as “8 clean + 2 left + half a rep begun”. */
    public function reckoned(): string
    {
        $clean = "$this->reps clean";

        return match (true) {
            $this->reps === 0 => 'not one clean',
            $this->reserve === null && $this->count()[0] === Side::AtLeast => "$clean, reserve unknown: at the least",
            $this->reserve === null => "$clean, short of what was asked, + half a rep begun",
            $this->reserve >= self::FAR_FROM_FAILURE => sprintf(
                '%s + %.0f believed of %d left: at the least',
                $clean,
                self::BELIEVED_OF_FAR,
                $this->reserve,
            ),
            $this->reserve === 0 => "$clean + half a rep begun",
            default => "$clean + $this->reserve left + half a rep begun",
        };
    }

    /** Whether it only bounds capacity, from below or from above. */
    public function isBound(): bool
    {
        return $this->seconds !== null || $this->count()[0] !== Side::Exactly;
    }
}
