<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Method\Prescription;
use SteadyRung\Plan\Diary\Diary;

/**
 * What the coach changed in the lines of a stage; of two changes of a line the later one counts.
 */
final readonly class ChangesByHand
{
    /** @param  list<LineChange>  $changes  in the order they were made */
    public function __construct(private array $changes = [])
    {
    }

    public function and(LineChange $change): self
    {
        return new self([...$this->changes, $change]);
    }

    /**
     * The lines of a stage as they are to be written, and those added.
     *
     * @param  list<Prescription>  $lines
     * @return list<AskedLine>
     */
    public function on(array $lines, Diary $diary, int $today): array
    {
        $of = [];
        foreach ($this->changes as $change) {
            if ($change->holds($diary, $today)) {
                $of[$change->line] = $change;
            }
        }
        $asked = [];
        foreach ($lines as $line) {
            $change = $of[$line->key()] ?? null;
            unset($of[$line->key()]);
            $asked[] = new AskedLine($line, $change === null ? $line : $change->on($line), $change);
        }
        foreach ($of as $change) {
            $added = $change->added();
            $asked = $added === null ? $asked : [...$asked, new AskedLine(null, $added, $change)];
        }

        return $asked;
    }
}
