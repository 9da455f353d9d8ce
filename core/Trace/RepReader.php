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
            default => self::height(HeightReader::of($values, $trace->hz), $trace->pullM),
        };
    }

    private static function force(ForceReader $reader): Reading
    {
        $hangs = $reader->hangs();

        return new Reading($hangs, [], $reader->peakShare($hangs), ['Reps are read from heights; a force tells hangs and the hardest pull.']);
    }

    private static function height(HeightReader $reader, ?float $pullM): Reading|Unread
    {
        return $reader->scatterM() > self::NOISY_M
            ? Unread::Noisy
            : new Reading([], $reader->reps($pullM), null, ['A height does not tell when the bar was loaded: no hangs are read from it.']);
    }
}
