<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use App\Formats\PainJson;
use SteadyRung\Body\Body;
use SteadyRung\Call\Situation;
use SteadyRung\Strength\CapacityState;

/**
 * What was known when a call was made, kept beside it.
 */
final readonly class SituationAnswer
{
    /** @param  list<array{on: string, clean: list<int>}>  $sessions */
    private function __construct(
        public float $mass_kg,
        public float $reach_m,
        public string $rung,
        public float $share,
        public ?string $up,
        public ?string $down,
        public float $step_up_share,
        public array $sessions,
        public ?CapacityState $capacity,
        public ?PainJson $pain,
    ) {
    }

    public static function of(Situation $situation, Body $body): self
    {
        $steps = $situation->steps;

        return new self(
            $body->massKg,
            $body->reachM,
            $steps->from->choice->key(),
            $steps->from->share(),
            $steps->up?->choice->key(),
            $steps->down?->choice->key(),
            $steps->sizeUp(),
            array_map(static fn ($s): array => ['on' => $s->on, 'clean' => $s->clean], $situation->sessions),
            $situation->capacity,
            $situation->pain === null ? null : PainJson::of($situation->pain),
        );
    }
}
