<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * Reads a trace: the reps of heights, the hangs and the hardest pull of forces.
 */
final class RepReader
{
    private const SHORTEST_S = 2.0;

    private const MOST_LOST = 0.3;

    private const LONGEST_GAP_S = 1.0;

    /** So many metres of scatter hide a rep. */
    private const NOISY_M = 0.08;

    private const NOISE_HZ = 5.0;

    public static function of(Trace $trace): Reading|Unread
    {
        if (count($trace->samples) < self::SHORTEST_S * $trace->hz) {
            return Unread::TooShort;
        }
        $samples = Samples::of($trace->samples, $trace->hz, $trace->kind);
        $values = $samples->values;

        return match (true) {
            $values === [], $samples->missing > self::MOST_LOST, $samples->longestGapS > self::LONGEST_GAP_S => Unread::Lost,
            max($values) === min($values) => Unread::Still,
            $trace->kind === TraceKind::Force => self::force(ForceReader::of($values, $trace->hz, $trace->massKg)),
            self::scatter($values, $trace->hz) > self::NOISY_M => Unread::Noisy,
            default => new Reading(
                [],
                HeightReader::reps($values, $trace->hz, $trace->pullM),
                null,
                ['A height does not tell when the bar was loaded: no hangs are read from it.'],
            ),
        };
    }

    private static function force(ForceReader $reader): Reading
    {
        $hangs = $reader->hangs();

        return new Reading($hangs, [], $reader->peakShare($hangs), ['Reps are read from heights; a force tells hangs and the hardest pull.']);
    }

    /** @param  list<float>  $values */
    private static function scatter(array $values, int $hz): float
    {
        $off = array_map(static fn (float $value, float $smooth): float => abs($value - $smooth), $values, Smooth::of($values, $hz, self::NOISE_HZ));

        return Middle::of($off) * 1.4826; // a normal's sd from its median distance
    }
}
