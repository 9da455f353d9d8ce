<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * The gear a gym has in use.
 */
final readonly class Kit
{
    /**
     * @param  list<Bar>  $bars
     * @param  list<LoopBand>  $bands
     */
    public function __construct(public array $bars, public array $bands)
    {
    }

    /**
     * The same bars with other bands.
     *
     * @param  list<LoopBand>  $bands
     */
    public function withBands(array $bands): self
    {
        return new self($this->bars, $bands);
    }
}
