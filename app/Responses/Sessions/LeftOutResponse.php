<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use OpenApi\Attributes as OA;
use SteadyRung\Plan\Context\AskedLine;

/**
 * A line left out by hand.
 */
#[OA\Schema]
final readonly class LeftOutResponse
{
    private function __construct(
        #[OA\Property]
        public string $line,
        #[OA\Property]
        public string $words,
        #[OA\Property(description: 'From now on; else for the next session.')]
        public bool $lasts,
    ) {
    }

    public static function of(AskedLine $line): self
    {
        return new self($line->key(), $line->school?->words() ?? $line->line->words(), $line->change?->lasts === true);
    }
}
