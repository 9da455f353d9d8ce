<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

use SteadyRung\OutOfRange;

/**
 * Pain that was told.
 */
final readonly class Pain
{
    public const LEVEL = [1.0, 10.0];

    private function __construct(public PainPlace $place, public ?int $level)
    {
    }

    /**
     * Pain at a place, level 1–10; none where its place alone was told.
     *
     * @throws OutOfRange if the level is outside
     */
    public static function of(PainPlace $place, ?int $level): self
    {
        OutOfRange::guard(['level' => [$level, self::LEVEL]]);

        return new self($place, $level);
    }

    public function words(): string
    {
        return $this->level === null ? "{$this->place->words()}, how bad not said" : "{$this->place->words()}, $this->level of 10";
    }
}
