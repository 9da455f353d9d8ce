<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * What was found in a trace.
 */
final readonly class Reading
{
    /**
     * @param  list<Hang>  $hangs
     * @param  list<TracedRep>  $reps
     * @param  float|null  $peakShare  the hardest pull as a part of bodyweight
     * @param  list<string>  $notes
     */
    public function __construct(public array $hangs, public array $reps, public ?float $peakShare, public array $notes)
    {
    }
}
