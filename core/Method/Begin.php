<?php

declare(strict_types=1);

namespace SteadyRung\Method;

/**
 * How a set begins that goes on, without a rest, on something easier.
 */
final readonly class Begin
{
    /**
     * @param  non-empty-list<AllowedExercises>  $allowed  the first that this gear allows is done
     * @param  int  $reps  of the set, at the most
     */
    public function __construct(public array $allowed, public int $reps)
    {
    }
}
