<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Workout;

use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Variation;

/**
 * What one athlete does of a class workout, or why nothing.
 */
final readonly class Part
{
    /**
     * @param  Rung|null  $rung  none of work beside the pull, and where nothing is done
     * @param  string|null  $note  what is to be said of it: why nothing, why half
     */
    private function __construct(public ?Variation $variation, public ?Rung $rung, public ?Split $split, public ?string $note)
    {
    }

    public static function on(Variation $variation, ?Rung $rung, Split $split, ?string $note): self
    {
        return new self($variation, $rung, $split, $note);
    }

    public static function none(string $why): self
    {
        return new self(null, null, null, $why);
    }
}
