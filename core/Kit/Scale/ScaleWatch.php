<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Scale;

use SteadyRung\Middle;

/**
 * Says whether the latest readings of a hanging scale can be kept, and their value.
 */
final readonly class ScaleWatch
{
    /** No reading for so long is silence. */
    private const SILENT_MS = 1500;

    private const WINDOW_MS = 1200;

    private const LEAST_READINGS = 6;

    /** Steady: the spread, and the drift over the window, within this part of the force, or this many N if that is more. */
    private const STEADY_PART = 0.015;

    private const STEADY_N = 0.8;

    /** A change between neighbours that no hand makes in a tenth of a second. */
    private const JUMP_PART = 0.35;

    private const JUMP_N = 25.0;

    private function __construct(public ScaleState $state, public ?float $forceN, public ?float $sdN)
    {
    }

    /**
     * The state of a stream, readings in the order they came, at a moment of the scale's clock; the value is the median of the last 1.2 s.
     *
     * @param  list<ScaleReading>  $readings
     */
    public static function of(array $readings, int $nowMs): self
    {
        $distinct = self::distinct($readings);
        $latest = $distinct[count($distinct) - 1] ?? null;
        if ($latest === null || $nowMs - $latest->atMs > self::SILENT_MS) {
            $stuck = $readings !== [] && count($readings) - count($distinct) >= self::LEAST_READINGS;

            return new self($stuck ? ScaleState::Repeating : ScaleState::Silent, null, null);
        }
        $forces = [];
        foreach ($distinct as $reading) {
            if ($latest->atMs - $reading->atMs <= self::WINDOW_MS) {
                $forces[] = $reading->forceN;
            }
        }
        $median = Middle::of($forces);
        if (self::jumps($forces)) {
            return new self(ScaleState::Jumping, null, null);
        }
        $sd = self::sd($forces);
        $half = intdiv(count($forces), 2);
        $drift = $half === 0 ? INF : abs(Middle::mean(array_slice($forces, -$half)) - Middle::mean(array_slice($forces, 0, $half)));
        $allowed = max(self::STEADY_N, self::STEADY_PART * abs($median));
        $steady = count($forces) >= self::LEAST_READINGS && $sd <= $allowed && $drift <= $allowed;

        return new self($steady ? ScaleState::Steady : ScaleState::Settling, $median, $sd);
    }

    /**
     * Readings that bring something new: a number and a time not seen before.
     *
     * @param  list<ScaleReading>  $readings
     * @return list<ScaleReading>
     */
    private static function distinct(array $readings): array
    {
        $distinct = [];
        foreach ($readings as $reading) {
            $last = end($distinct);
            if ($last === false || ($reading->number > $last->number && $reading->atMs > $last->atMs)) {
                $distinct[] = $reading;
            }
        }

        return $distinct;
    }

    /** @param  list<float>  $forces */
    private static function jumps(array $forces): bool
    {
        for ($i = 1; $i < count($forces); $i++) {
            $change = abs($forces[$i] - $forces[$i - 1]);
            if ($change > self::JUMP_N && $change > self::JUMP_PART * max(abs($forces[$i]), abs($forces[$i - 1]))) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<float>  $values */
    private static function sd(array $values): float
    {
        $mean = Middle::mean($values);
        $squares = array_map(static fn (float $v): float => ($v - $mean) ** 2, $values);

        return count($values) < 2 ? 0.0 : sqrt(array_sum($squares) / (count($values) - 1));
    }
}
