<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;

/**
 * What was foretold once, by the key of the rung.
 */
final readonly class AsForetold implements Foresight
{
    /**
     * @param  array<string, RepPrediction>  $reps
     * @param  array<string, Seconds>  $seconds
     */
    public function __construct(private bool $known, private array $reps, private array $seconds)
    {
    }

    public function isKnown(): bool
    {
        return $this->known;
    }

    public function reps(Rung $rung): ?RepPrediction
    {
        return $this->reps[$rung->key()] ?? null;
    }

    public function seconds(Rung $rung): ?Seconds
    {
        return $this->seconds[$rung->key()] ?? null;
    }
}
