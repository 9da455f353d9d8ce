<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

/**
 * How often a first strict rep is tried, first and fresh; a miss does no harm (ours, drawn on virtual athletes).
 */
enum TryPace: string
{
    case Rare = 'rare';
    case Usual = 'usual';
    case Often = 'often';

    /** After so many misses running the days between two grow, up to the most. */
    private const MISSES = 6;

    private const DAYS_MORE = 5;

    private const MOST_DAYS = 28;

    /** Whether a chance is worth a try at all, however long ago the last one was. */
    public function isWorthIt(float $chance): bool
    {
        return $this->daysApart($chance, 0) !== null;
    }

    /** Days that lie between two tries at a chance; none where it is not worth one. */
    public function daysApart(float $chance, int $missesRunning): ?int
    {
        $more = self::DAYS_MORE * intdiv($missesRunning, self::MISSES);
        $apart = null;
        foreach ($this->steps() as [$least, $days]) {
            $apart ??= $chance >= $least ? max($days, min(self::MOST_DAYS, $days + $more)) : null;
        }

        return $apart;
    }

    /** @return non-empty-list<array{float, int}> from a chance on so many days apart, the likelier first */
    private function steps(): array
    {
        return match ($this) {
            self::Rare => [[0.25, 10]],
            self::Usual => [[0.15, 5]],
            self::Often => [[0.10, 4], [0.02, 28]],
        };
    }
}
