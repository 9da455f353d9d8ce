<?php

declare(strict_types=1);

namespace SteadyRung\Plan;

use SteadyRung\Method\Accessory;

/**
 * A set of work beside the pull.
 */
final readonly class BesideDone
{
    public function __construct(public int $day, public Accessory $accessory, public ?int $reps, public ?float $seconds, public ?float $loadKg, public ?float $metres = null)
    {
    }

    /** As “12 kg × 10” or “60 s”. */
    public function inWords(): string
    {
        $much = match (true) {
            $this->reps !== null => (string) $this->reps,
            $this->seconds !== null => sprintf('%.0f s', $this->seconds),
            default => sprintf('%.0f m', $this->metres ?? 0.0),
        };

        return $this->loadKg === null ? $much : sprintf('%.1f kg × %s', $this->loadKg, $much);
    }
}
