<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * Where the sets of several athletes agree that a band helps more or less than its readings say: the errors learned of its set-ups,
 * turned into parts of the help and weighed by how sure each is. It is an advice, never a change.
 */
final readonly class AgreedError
{
    /** Fewer athletes agree by chance. */
    private const LEAST_ATHLETES = 3;

    /** Smaller errors no bench would find again; less sure ones are none. */
    private const LEAST_PART = 0.04;

    private const LEAST_SURE = 2.0;

    /** Mean square of how far each lies from all, in their own spreads; over it they disagree. */
    private const MOST_APART = 3.0;

    private function __construct(public int $athletes, public float $part, public float $sd)
    {
    }

    /**
     * Of each athlete the share, the error learned (log of the share over the true one), its standard deviation and that before any
     * set; none where they are few, unsure, or of different minds.
     *
     * @param  list<array{share: float, error: float, sd: float, before: float}>  $learned
     */
    public static function of(array $learned): ?self
    {
        $told = [];
        foreach ($learned as ['share' => $share, 'error' => $error, 'sd' => $sd, 'before' => $before]) {
            $information = 1.0 / $sd ** 2 - 1.0 / $before ** 2;
            if ($information > 0.0 && $share < 1.0) {
                $perHelp = $share / (1.0 - $share);
                $told[] = [$error / $sd ** 2 / $information * $perHelp, $information / $perHelp ** 2];
            }
        }
        if (count($told) < self::LEAST_ATHLETES) {
            return null;
        }
        $weight = array_sum(array_column($told, 1));
        $part = array_sum(array_map(static fn (array $t): float => $t[0] * $t[1], $told)) / $weight;
        $apart = array_sum(array_map(static fn (array $t): float => $t[1] * ($t[0] - $part) ** 2, $told)) / (count($told) - 1);
        $sd = 1.0 / sqrt($weight);

        return abs($part) >= self::LEAST_PART && abs($part) >= self::LEAST_SURE * $sd && $apart <= self::MOST_APART
            ? new self(count($told), $part, $sd)
            : null;
    }

    public function inWords(): string
    {
        return sprintf(
            'The sets of %d athletes agree: this band helps about %.0f %% %s than it is taken for (give or take %.0f). Measure it again.',
            $this->athletes, 100 * abs($this->part), $this->part > 0.0 ? 'more' : 'less', 100 * $this->sd,
        );
    }
}
