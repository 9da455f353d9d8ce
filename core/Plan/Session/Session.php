<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Method\Place;
use SteadyRung\Plan\Context\AskedLine;
use SteadyRung\Plan\Context\Refusal;

/**
 * A session as it is written for one athlete and one day.
 */
final readonly class Session
{
    /** @var list<AskedLine> lines left out by hand */
    public array $leftOut;

    /**
     * @param  Place  $place  as it stands, the rung filled in
     * @param  list<Block>  $blocks
     * @param  list<string>  $gear  names of the pieces it needs
     * @param  list<string>  $notes
     * @param  list<AskedLine>  $asked  what it was written from
     */
    public function __construct(
        public Place $place,
        public array $blocks,
        public array $gear,
        public array $notes,
        public ?Refusal $refused,
        private array $asked = [],
    ) {
        $this->leftOut = array_values(array_filter($asked, static fn (AskedLine $a): bool => $a->isLeftOut()));
    }

    /** What a line was written from; none of a try or a test. */
    public function asked(string $line): ?AskedLine
    {
        return array_values(array_filter($this->asked, static fn (AskedLine $a): bool => $a->key() === $line))[0] ?? null;
    }

    public function block(string $line): ?Block
    {
        return array_values(array_filter($this->blocks, static fn (Block $b): bool => $b->line === $line))[0] ?? null;
    }

    public function minutes(): int
    {
        return (int) ceil(array_sum(array_map(static fn (Block $b): float => $b->lastsS(), $this->blocks)) / 60.0);
    }
}
