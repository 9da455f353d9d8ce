<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

use SteadyRung\OutOfRange;

/**
 * Pain reported with a set.
 */
final readonly class Pain
{
    public const LEVEL = [1.0, 10.0];

    private function __construct(public PainPlace $place, public int $level)
    {
    }

    /**
     * Pain at a place, level 1–10.
     *
     * @throws OutOfRange if the level is outside
     */
    public static function of(PainPlace $place, int $level): self
    {
        OutOfRange::guard(['level' => [$level, self::LEVEL]]);

        return new self($place, $level);
    }
}
