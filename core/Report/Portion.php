<?php

declare(strict_types=1);

namespace SteadyRung\Report;

use SteadyRung\Normal;
use SteadyRung\OutOfRange;

/**
 * So many of so many, and between which parts the true one lies eight times in ten (score interval: Wilson 1927; of counts that come in
 * clusters by the effective sample size: Korn & Graubard 1998).
 */
final readonly class Portion
{
    /**
     * @param  float|null  $part  0–1; null of none at all
     * @param  float  $low  0–1
     * @param  float  $high  0–1
     */
    private function __construct(public int $some, public int $all, public ?float $part, public float $low, public float $high)
    {
    }

    /** @throws OutOfRange if there are more than all, or fewer than none */
    public static function of(int $some, int $all, float $z = Normal::Z90): self
    {
        return self::within($some, $all, (float) $all, $z);
    }

    /**
     * Of counts of several people, whose own differ more from one another than chance alone would have it.
     *
     * @param  list<array{int, int}>  $counts  so many of so many, of each
     *
     * @throws OutOfRange if there are more than all, or fewer than none
     */
    public static function ofEach(array $counts, float $z = Normal::Z90): self
    {
        $counts = array_values(array_filter($counts, static fn (array $c): bool => $c[1] > 0));
        $all = array_sum(array_column($counts, 1));
        $some = array_sum(array_column($counts, 0));

        return self::within($some, $all, self::effective($counts, $some, $all), $z);
    }

    /**
     * How many independent counts tell as much: fewer by as much as people differ, and never more than there are.
     *
     * @param  list<array{int, int}>  $counts
     */
    private static function effective(array $counts, int $some, int $all): float
    {
        $people = count($counts);
        $part = $all === 0 ? 0.0 : $some / $all;
        if ($people < 2 || $part <= 0.0 || $part >= 1.0) {
            return (float) ($people < 2 ? min(1, $all) : $all);
        }
        $squares = array_sum(array_map(static fn (array $c): float => ($c[0] - $part * $c[1]) ** 2, $counts));
        $seen = $people / ($people - 1) * $squares / $all ** 2;

        return min((float) $all, $part * (1.0 - $part) / max($seen, PHP_FLOAT_MIN));
    }

    private static function within(int $some, int $all, float $n, float $z): self
    {
        OutOfRange::guard(['some' => [$some, [0.0, (float) max(0, $all)]], 'all' => [$all, [0.0, INF]]]);
        if ($all === 0) {
            return new self(0, 0, null, 0.0, 1.0);
        }
        $part = $some / $all;
        $middle = ($part + $z ** 2 / (2.0 * $n)) / (1.0 + $z ** 2 / $n);
        $half = $z / (1.0 + $z ** 2 / $n) * sqrt($part * (1.0 - $part) / $n + $z ** 2 / (4.0 * $n ** 2));

        return new self($some, $all, $part, max(0.0, $middle - $half), min(1.0, $middle + $half));
    }
}
