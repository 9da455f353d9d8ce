<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\InWords;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Safety\Pain;

/**
 * A set of work beside the pull.
 */
final readonly class AccessoryWork
{
    /** The least that is added to a load, and about how much of it (common practice: 2–10 %, ACSM 2009; memory). */
    private const LEAST_KG = 0.5;

    private const HEAVIER = 0.05;

    /** One pull more for each hand. */
    private const HAND_OVER_HAND = 2;

    public function __construct(
        public int $day,
        public Accessory $accessory,
        public ?int $reps,
        public ?float $seconds,
        public ?float $loadKg,
        public ?float $metres = null,
        public ?Pain $pain = null,
    ) {
    }

    /** As “12 kg × 10” or “60 s”. */
    public function inWords(): string
    {
        $much = match (true) {
            $this->reps !== null => (string) $this->reps,
            $this->seconds !== null => InWords::seconds($this->seconds),
            default => sprintf('%.0f m', $this->metres ?? 0.0),
        };

        return $this->loadKg === null ? $much : sprintf('%s × %s', InWords::kg($this->loadKg), $much);
    }

    /** Whether it came to the most that is asked. */
    public function meets(Amount $asked): bool
    {
        return match ($asked->measure) {
            Measure::Seconds => $this->seconds >= $asked->high,
            Measure::Metres => $this->metres >= $asked->high,
            Measure::Reps, Measure::TotalReps => $this->reps >= $asked->high,
        };
    }

    /** What to try next, once the most that is asked was done; hand over hand two more each time before that. */
    public function next(Amount $asked): ?string
    {
        return match (true) {
            ! $this->meets($asked) => $this->accessory->hasLeadingHand() && $this->reps >= $asked->low
                ? sprintf('%d next', min($asked->high, $this->reps + self::HAND_OVER_HAND))
                : null,
            $this->loadKg !== null => sprintf(
                '%s × %s next',
                InWords::kg($this->loadKg + max(self::LEAST_KG, round(self::HEAVIER * $this->loadKg / self::LEAST_KG) * self::LEAST_KG)),
                $asked->words(),
            ),
            $asked->measure === Measure::Reps => 'a little weight, or a harder kind, next',
            default => null,
        };
    }
}
