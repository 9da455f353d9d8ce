<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\JsonObject;
use SteadyRung\Trace\Hang;
use SteadyRung\Trace\Reading;
use SteadyRung\Trace\RepReader;
use SteadyRung\Trace\Trace;
use SteadyRung\Trace\TracedRep;
use SteadyRung\Trace\TraceKind;
use SteadyRung\Trace\Unread;

/**
 * What a sensor saw of a set: reps of heights, hangs and the hardest pull of forces.
 */
final class TraceQuestion
{
    public static function answer(JsonObject $json): object
    {
        $json->allowing('hz', 'samples', 'kind', 'mass_kg', 'pull_m');
        $trace = $json->build(static fn (JsonObject $j): Trace => Trace::of(
            $j->choice('kind', TraceKind::class),
            $j->integer('hz'),
            $j->optionalNumbers('samples', Trace::MOST_SAMPLES),
            $j->number('mass_kg'),
            $j->optionalNumber('pull_m'),
        ));

        return self::told(RepReader::of($trace));
    }

    private static function told(Reading|Unread $read): object
    {
        return $read instanceof Unread
            ? (object) ['hangs' => [], 'reps' => [], 'notes' => [], 'refused' => (object) ['code' => $read->value, 'text' => $read->text()]]
            : (object) [
                'hangs' => array_map(
                    static fn (Hang $hang): object => (object) ['start_s' => $hang->startS, 'end_s' => $hang->endS],
                    $read->hangs,
                ),
                'reps' => array_map(self::rep(...), $read->reps),
                'peak_share' => $read->peakShare,
                'notes' => $read->notes,
            ];
    }

    private static function rep(TracedRep $rep): object
    {
        return (object) [
            'start_s' => $rep->startS,
            'top_s' => $rep->topS,
            'end_s' => $rep->endS,
            'up_s' => $rep->upS(),
            'pause_s' => $rep->pauseS(),
            'down_s' => $rep->downS(),
            'counted' => $rep->why === null,
            'why' => $rep->why?->value,
        ];
    }
}
