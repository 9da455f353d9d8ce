<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Kit\Band\LoopBand;

/**
 * Something the coach should know about a set-up that fits all the same.
 */
final readonly class Warning
{
    public function __construct(public WarningCode $code, public string $text)
    {
    }

    public static function estimated(LoopBand $band): self
    {
        return new self(WarningCode::BandEstimated, sprintf('Band %s is estimated from its size, ± 30 %%. Measure it.', $band->name));
    }
}
