<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Method\Accessory;
use SteadyRung\Safety\CapLimits;
use SteadyRung\Safety\Caps;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\ScreenDue;
use SteadyRung\Safety\Symptom;
use SteadyRung\Strength\Tries;

/**
 * What was done and told up to a day, as planning and judging look at it.
 */
final readonly class Diary
{
    /** Sets of longer ago are neither loaded nor judged. */
    public const LOOK_BACK_DAYS = 60;

    private const DAYS_A_WEEK = 7;

    private const WEEKS_LOOKED_AT = 4;

    /** Soreness told so long ago says nothing of today. */
    private const SORENESS_DAYS = 3;

    private const FAULT_DAYS = 21;

    /**
     * @param  list<Done>  $done  in order
     * @param  list<AccessoryWork>  $beside  in order
     * @param  list<Signal>  $signals  in order
     * @param  list<int>  $cleared  days pain and symptoms before were cleared on
     * @param  Past|null  $past  where the list does not reach back to the first set
     */
    public function __construct(
        public array $done,
        public array $beside = [],
        public array $signals = [],
        public array $cleared = [],
        private ?Past $past = null,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->done === [];
    }

    /** Without the work of a day and all that came later; its baseline, and what was told, stays. */
    public function beforeWorkOn(int $day): self
    {
        return new self(
            array_values(array_filter(
                $this->done,
                static fn (Done $d): bool => $d->day < $day || ($d->day === $day && $d->purpose === Purpose::Baseline),
            )),
            array_values(array_filter($this->beside, static fn (AccessoryWork $b): bool => $b->day < $day)),
            $this->signals,
            $this->cleared,
            $this->past,
        );
    }

    /** @return list<int> days with sets up to a day, the latest last */
    public function days(int $upTo): array
    {
        return $this->daysOf(static fn (Done $d): bool => $d->day <= $upTo);
    }

    /** @return list<int> days with work up to a day, the latest last */
    public function workDays(int $upTo): array
    {
        return $this->daysOf(static fn (Done $d): bool => $d->day <= $upTo && $d->purpose === Purpose::Work);
    }

    public function lastDay(int $upTo): ?int
    {
        $days = $this->days($upTo);

        return $days === [] ? null : $days[count($days) - 1];
    }

    /**
     * Whether a new baseline decides the set-up: it was taken after so many weeks without work that it comes first, and no work was
     * done on the rung since.
     */
    public function beginsAnew(Rung $rung, int $today): bool
    {
        $baseline = $this->last(static fn (Done $d): bool => $d->purpose === Purpose::Baseline && $d->day <= $today)?->day;
        $worked = $baseline === null
            ? null
            : $this->last(static fn (Done $d): bool => $d->purpose === Purpose::Work && $d->day < $baseline)?->day;

        return $worked !== null && $baseline - $worked >= ScreenDue::AWAY_DAYS
            && $this->first(static fn (Done $d): bool => $d->purpose === Purpose::Work && $d->day >= $baseline && $d->isOn($rung)) === null;
    }

    public function isNewcomer(int $today): bool
    {
        $begun = $this->past === null ? ($this->done[0]->day ?? null) : $this->past->begun();

        return $begun === null || $today - $begun < Caps::NEW_DAYS;
    }

    public function isNewToLowering(int $today): bool
    {
        $first = $this->past === null
            ? $this->first(static fn (Done $d): bool => $d->isLowering() && $d->purpose !== Purpose::Baseline)?->day
            : $this->past->firstLowering();

        return $first === null || $today - $first < Caps::NEW_DAYS;
    }

    public function caps(int $today, CapLimits $limits, BrakedHops $hops = new BrakedHops): Caps
    {
        $monday = Week::monday($today);
        $weeks = array_map(
            fn (int $ago): int => $this->lowerings($monday - self::DAYS_A_WEEK * $ago, $monday - self::DAYS_A_WEEK * ($ago - 1) - 1, $hops),
            range(1, self::WEEKS_LOOKED_AT),
        );

        return Caps::of($limits, $this->isNewToLowering($today), $this->isNewcomer($today), max($weeks));
    }

    /**
     * Counted lowerings of the days from one to another.
     *
     * @param  BrakedHops  $hops  hopped reps that count as well
     */
    public function lowerings(int $from, int $to, BrakedHops $hops = new BrakedHops): int
    {
        $count = 0;
        $braked = [];
        foreach ($this->done as $done) {
            if ($done->day >= $from && $done->day <= $to) {
                $count += $done->lowerings();
                $braked[$done->day] = min($hops->mostADay, ($braked[$done->day] ?? 0) + $hops->in($done));
            }
        }

        return $count + array_sum($braked);
    }

    public function loweringsThisWeek(int $today, BrakedHops $hops = new BrakedHops): int
    {
        return $this->lowerings(Week::monday($today), $today, $hops);
    }

    /** @return list<int> days of the week of a day, up to it, with lowering */
    public function loweringDays(int $today): array
    {
        $monday = Week::monday($today);

        return $this->daysOf(
            static fn (Done $d): bool => $d->day >= $monday
            && $d->day <= $today
            && $d->lowerings() > 0
            && $d->purpose->isTraining(),
        );
    }

    public function hardVerticals(int $from, int $to): int
    {
        return count(array_filter($this->done, static fn (Done $d): bool => $d->day >= $from && $d->day <= $to && $d->isHardVertical()));
    }

    public function hardVerticalsThisWeek(int $today): int
    {
        return $this->hardVerticals(Week::monday($today), $today);
    }

    /** Day of the last try or test of a strict rep. */
    public function lastTry(): ?int
    {
        return $this->last(static fn (Done $d): bool => $d->purpose === Purpose::Try || $d->purpose === Purpose::Test)?->day;
    }

    /** Those of the last year. */
    public function tries(int $today): Tries
    {
        $from = $today - Tries::YEAR_DAYS;
        if ($this->past !== null) {
            return $this->past->tries($from);
        }
        $tries = array_filter(
            $this->done,
            static fn (Done $d): bool => $d->day > $from && in_array($d->purpose, [Purpose::Try, Purpose::Test], true),
        );

        return new Tries(array_values(array_map(static fn (Done $d): array => [$d->day, $d->reps > 0], $tries)));
    }

    /** The most strict reps in one set. */
    public function mostStrict(): int
    {
        return $this->past?->mostStrict() ?? max([0, ...array_map(static fn (Done $d): int => $d->strictReps(), $this->done)]);
    }

    /** The most strict chin-ups in one set, of the sets at hand. */
    public function mostChinUps(): int
    {
        return max([0, ...array_map(static fn (Done $d): int => $d->strictChinUps(), $this->done)]);
    }

    public function longestHangS(): ?float
    {
        $hangs = array_filter(array_map(
            static fn (Done $d): ?float => $d->style->at === HoldAt::Hang || $d->style->at === HoldAt::ActiveHang ? $d->seconds : null,
            $this->done,
        ));
        $before = $this->past?->longestHangS();

        return $hangs === [] ? $before : max([...$hangs, $before ?? 0.0]);
    }

    /** The worst pain told that no later clearance covers. */
    public function pain(): ?Pain
    {
        $told = [];
        foreach ([...$this->done, ...$this->beside, ...$this->signals] as $one) {
            if ($one->pain !== null && ! $this->isCleared($one->day)) {
                $told[] = $one->pain;
            }
        }
        usort(
            $told,
            static fn (Pain $a, Pain $b): int => [$b->place->isUrgent(), $b->level ?? 0] <=> [$a->place->isUrgent(), $a->level ?? 0],
        );

        return $told[0] ?? null;
    }

    /** @return list<Symptom> told that no later clearance covers */
    public function symptoms(): array
    {
        $told = [];
        foreach ($this->signals as $signal) {
            foreach ($this->isCleared($signal->day) ? [] : $signal->symptoms as $symptom) {
                $told[$symptom->value] = $symptom;
            }
        }

        return array_values($told);
    }

    /** The latest soreness told, if it still says something. */
    public function soreness(int $today): ?int
    {
        $soreness = null;
        foreach ($this->signals as $signal) {
            $soreness = $signal->soreness !== null && $today - $signal->day <= self::SORENESS_DAYS && $signal->day <= $today
                ? $signal->soreness
                : $soreness;
        }

        return $soreness;
    }

    /** Of a day: the last thing told under each head. */
    public function signalOf(int $day): ?Signal
    {
        $of = array_values(array_filter($this->signals, static fn (Signal $s): bool => $s->day === $day));

        return $of === [] ? null : array_reduce(array_slice($of, 1), static fn (Signal $a, Signal $b): Signal => Signal::of(
            day: $day, soreness: $b->soreness
                ?? $a->soreness, symptoms: [...$a->symptoms, ...$b->symptoms], pain: $b->pain
                ?? $a->pain, limitingFactor: $b->limitingFactor
                ?? $a->limitingFactor, effort: $b->effort
                ?? $a->effort, takesHold: $b->takesHold
                ?? $a->takesHold, feltWorked: $b->feltWorked
                ?? $a->feltWorked,
        ), $of[0]);
    }

    /** @return list<FormFault> seen lately on a kind of work, the most frequent first */
    public function faults(int $today, \Closure $on): array
    {
        $seen = [];
        foreach ($this->done as $done) {
            if ($today - $done->day <= self::FAULT_DAYS && $on($done)) {
                foreach ($done->faults as $fault) {
                    $seen[$fault->value] = ($seen[$fault->value] ?? 0) + 1;
                }
            }
        }
        arsort($seen);

        return array_map(FormFault::from(...), array_keys($seen));
    }

    /** The longest set of work beside the pull that is counted in seconds; none where none is logged. */
    public function longestBesideS(Accessory $accessory): ?float
    {
        $seconds = array_filter(array_map(
            static fn (AccessoryWork $b): ?float => $b->accessory === $accessory ? $b->seconds : null,
            $this->beside,
        ));

        return $seconds === [] ? null : max($seconds);
    }

    public function lastBeside(Accessory $accessory): ?AccessoryWork
    {
        $of = array_values(array_filter($this->beside, static fn (AccessoryWork $b): bool => $b->accessory === $accessory));

        return $of === [] ? null : $of[count($of) - 1];
    }

    private function isCleared(int $day): bool
    {
        return array_filter($this->cleared, static fn (int $on): bool => $on > $day) !== [];
    }

    /**
     * @param  \Closure(Done): bool  $holds
     * @return list<int>
     */
    private function daysOf(\Closure $holds): array
    {
        return array_values(array_unique(array_map(static fn (Done $d): int => $d->day, array_filter($this->done, $holds))));
    }

    /** @param  \Closure(Done): bool  $holds */
    private function first(\Closure $holds): ?Done
    {
        return array_values(array_filter($this->done, $holds))[0] ?? null;
    }

    /** @param  \Closure(Done): bool  $holds */
    private function last(\Closure $holds): ?Done
    {
        $of = array_values(array_filter($this->done, $holds));

        return $of === [] ? null : $of[count($of) - 1];
    }
}
