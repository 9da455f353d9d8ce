<?php

declare(strict_types=1);

namespace SteadyRung\Why;

/**
 * The answer to "why this number?": its steps in order, what makes it uncertain, and what would remove that.
 */
final readonly class Explanation
{
    /**
     * @param  list<Step>  $steps
     * @param  list<string>  $uncertainties
     * @param  list<string>  $remedies
     */
    public function __construct(
        public array $steps,
        public array $uncertainties = [],
        public array $remedies = [],
    ) {
    }

    public function then(self $next): self
    {
        return new self(
            [...$this->steps, ...$next->steps],
            array_values(array_unique([...$this->uncertainties, ...$next->uncertainties])),
            array_values(array_unique([...$this->remedies, ...$next->remedies])),
        );
    }
}
