<?php

declare(strict_types=1);

namespace SteadyRung\Plan;

use SteadyRung\Method\Place;

/**
 * A session as it is written for one athlete and one day.
 */
final readonly class Session
{
    /**
     * @param  Place  $place  as it stands, the rung filled in
     * @param  list<Block>  $blocks
     * @param  list<string>  $gear  names of the pieces it needs
     * @param  list<string>  $notes
     * @param  list<AskedLine>  $leftOut  lines left out by hand
     */
    public function __construct(public Place $place, public array $blocks, public array $gear, public array $notes, public ?Refusal $refused, public array $leftOut = [])
    {
    }

    public function minutes(): int
    {
        return (int) ceil(array_sum(array_map(static fn (Block $b): float => $b->lastsS(), $this->blocks)) / 60.0);
    }
}
