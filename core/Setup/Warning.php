<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

/**
 * Something the coach should know about a set-up that fits all the same.
 */
final readonly class Warning
{
    public function __construct(public WarningCode $code, public string $text)
    {
    }
}
