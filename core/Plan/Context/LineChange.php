<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Diary\Diary;

/**
 * A line of a stage as the coach wants it instead: other figures, another exercise, or left out; a line the stage does not have is
 * one more. It holds for the next session or from now on.
 */
final readonly class LineChange
{
    /** Sets, and s of rest, of one more line where nothing is said. */
    private const ADDED = [2, 60];

    private function __construct(
        public string $line,
        public int $from,
        public bool $lasts,
        public bool $isLeftOut,
        public ?int $sets,
        public ?int $low,
        public ?int $high,
        public ?int $restS,
        public Exercise|Accessory|null $instead,
    ) {
    }

    /**
     * @param  string  $line  key of the line
     * @param  int  $from  day
     * @param  bool  $lasts  from now on; else until the next work is logged
     * @param  int|null  $low  of the amount, in the measure of the line
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function of(
        string $line,
        int $from,
        bool $lasts,
        bool $isLeftOut = false,
        ?int $sets = null,
        ?int $low = null,
        ?int $high = null,
        ?int $restS = null,
        Exercise|Accessory|null $instead = null,
    ): self {
        OutOfRange::guard([
            'sets' => [$sets, Prescription::SETS],
            'rest_s' => [$restS, Prescription::REST_S],
            'low' => [$low, Amount::COUNT],
            'high' => [$high, [(float) ($low ?? Amount::COUNT[0]), Amount::COUNT[1]]],
        ]);

        return new self(
            line: $line,
            from: $from,
            lasts: $lasts,
            isLeftOut: $isLeftOut,
            sets: $sets,
            low: $low,
            high: $high ?? $low,
            restS: $restS,
            instead: $instead,
        );
    }

    /** For the session that comes next on a day: today's, unless that is done. */
    public static function from(Diary $diary, int $today): int
    {
        return in_array($today, $diary->workDays($today), true) ? $today + 1 : $today;
    }

    /** Whether it still holds on a day: one for the next session ends with the work of a day from its own on. */
    public function holds(Diary $diary, int $today): bool
    {
        $worked = $diary->workDays($today - 1);

        return $this->lasts || $worked === [] || $worked[count($worked) - 1] < $this->from;
    }

    /** A line with what it says of it. */
    public function on(Prescription $line): Prescription
    {
        $usual = $this->usual($line->amount);
        $low = $this->low ?? $usual->low;
        $amount = Amount::of($usual->measure, $low, max($low, $this->high ?? $usual->high));

        return $line->with(
            $this->sets ?? $line->sets,
            $amount,
            $this->restS ?? $line->restS,
            $this->instead instanceof Accessory ? $this->instead : null,
        );
    }

    /** The amount of the line, unless what is done instead is counted otherwise. */
    private function usual(Amount $asked): Amount
    {
        $usual = match (true) {
            $this->instead instanceof Accessory => $this->instead->usual(),
            $this->instead?->style->movement === Movement::Hold => Amount::of(Measure::Seconds, (int) $this->instead->style->seconds),
            $this->instead !== null => Amount::of(Measure::Reps, 5),
            default => $asked,
        };

        return $usual->measure === $asked->measure || ($usual->measure === Measure::Reps && $asked->measure === Measure::TotalReps)
            ? $asked
            : $usual;
    }

    /** The line it adds where the stage has none of its key. */
    public function added(): ?Prescription
    {
        if (! $this->instead instanceof Accessory || $this->isLeftOut) {
            return null;
        }
        [$sets, $restS] = self::ADDED;

        return $this->on(Prescription::of($this->instead->part(), $this->instead, $sets, $this->instead->usual(), $restS));
    }
}
