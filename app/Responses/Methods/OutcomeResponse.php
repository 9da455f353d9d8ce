<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Method\Outcomes\Outcome;

/**
 * What followed from a method, or from a position of a rule.
 */
#[OA\Schema]
final readonly class OutcomeResponse
{
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Followed for four weeks at the least.')]
        public int $athletes,
        #[OA\Property(description: 'Weeks each was followed for, in the mean.')]
        public float $weeks,
        #[OA\Property(description: 'Of pull capacity a week, in %, shrunk to what is known beforehand.')]
        public float $gain,
        #[OA\Property(description: 'Eight in ten lie between this and the next.')]
        public float $gain_low,
        #[OA\Property]
        public float $gain_high,
        #[OA\Property(description: 'Part of the work sets, 0–1.')]
        public float $failed,
        #[OA\Property(description: 'Part of the times that soreness was told, 0–1.')]
        public float $sore,
        #[OA\Property(description: 'Whether there are enough to tell.')]
        public bool $known,
        #[OA\Property]
        public string $words,
    ) {
    }

    public static function of(string $key, string $name, Outcome $outcome): self
    {
        [$gain, $low, $high] = $outcome->gainPercent();

        return new self(
            key: $key,
            name: $name,
            athletes: $outcome->athletes,
            weeks: $outcome->weeks,
            gain: $gain,
            gain_low: $low,
            gain_high: $high,
            failed: $outcome->failed,
            sore: $outcome->sore,
            known: $outcome->isKnown(),
            words: $outcome->words(),
        );
    }
}
