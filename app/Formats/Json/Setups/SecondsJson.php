<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;
use SteadyRung\Strength\Reps\Seconds;

/**
 * Controlled seconds to expect of a lowering or a hold.
 */
#[OA\Schema]
final readonly class SecondsJson
{
    private const ASKED_S = [3, 5, 8, 10, 20, 30, 60];

    /** @param  object  $chance by seconds */
    private function __construct(
        #[OA\Property]
        public float $median_s,
        #[OA\Property]
        public float $low80,
        #[OA\Property]
        public float $high80,
        #[OA\Property(
            type: 'object',
            description: 'Chance of at least so many seconds, by seconds.',
            additionalProperties: new OA\AdditionalProperties(type: 'number'),
        )]
        public object $chance,
    ) {
    }

    public static function of(Seconds $seconds): self
    {
        $chances = [];
        foreach (self::ASKED_S as $asked) {
            $chances[(string) $asked] = $seconds->chanceOf((float) $asked);
        }

        return new self($seconds->median(), $seconds->low80(), $seconds->high80(), (object) $chances);
    }
}
