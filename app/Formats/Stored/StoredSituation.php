<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\Day;
use SteadyRung\Body\Body;
use SteadyRung\Call\SessionResult;
use SteadyRung\Call\Signs;
use SteadyRung\Call\Situation;
use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\GaveOut;
use SteadyRung\Safety\Symptom;

/**
 * What was known when a call was made, kept beside it, version 3: two calls made from the same are the same call.
 */
final class StoredSituation
{
    private const VERSION = 3;

    /** @return array<string, mixed> */
    public static function write(Situation $situation, Body $body): array
    {
        $observed = $situation->belief->observed;
        $steps = $situation->steps;

        return StoredForm::keys(self::VERSION, [
            'mass_kg' => $body->massKg,
            'reach_m' => $body->reachM,
            'from' => self::rung($steps->from),
            'up' => self::rung($steps->up),
            'down' => self::rung($steps->down),
            'sessions' => array_map(static fn (SessionResult $s): array => ['on' => Day::date($s->day), 'clean' => $s->clean, 'no_counts' => $s->noCounts, 'too_fast' => $s->tooFast, 'effort' => $s->effort], $situation->sessions),
            'capacity' => $observed === null ? null : ['day' => $observed->day, 'mean_log' => $observed->level()->mean(), 'variance' => $observed->sdLog() ** 2],
            'today' => $situation->belief->today,
            'pain' => $situation->signs->pain === null ? null : StoredPain::write($situation->signs->pain),
            'signs' => self::signs($situation->signs),
            'standard' => $situation->standard->words(),
            'stage' => $situation->course?->now->stage->key,
        ]);
    }

    /**
     * Whether two kept situations differ in more than the day: what is believed drifts from day to day by itself.
     *
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     */
    public static function differ(array $one, array $other): bool
    {
        return self::settled($one) !== self::settled($other);
    }

    /**
     * What was stood on and what it led to; a change here is a change of gear or body.
     *
     * @param  array<string, mixed>  $situation
     * @return array<mixed>
     */
    public static function rungs(array $situation): array
    {
        return self::sorted(array_intersect_key($situation, ['from' => 0, 'up' => 0, 'down' => 0]));
    }

    /** @return array<string, mixed> */
    private static function signs(Signs $signs): array
    {
        return [
            'symptoms' => array_map(static fn (Symptom $s): string => $s->value, $signs->symptoms),
            'soreness' => $signs->soreness,
            'gave_out' => array_map(static fn (GaveOut $g): string => $g->value, $signs->gaveOut),
            'takes_no_hold' => $signs->takesNoHold,
            'missing' => $signs->missing,
            'strict_reps' => $signs->goal?->reps,
            'ends_stage' => $signs->endsStage,
        ];
    }

    /** @return array{key: string, name: string, share: float}|null */
    private static function rung(?Rung $rung): ?array
    {
        return $rung === null ? null : ['key' => $rung->key(), 'name' => $rung->name, 'share' => round($rung->share(), 6)];
    }

    /**
     * @param  array<string, mixed>  $situation
     * @return array<mixed>
     */
    private static function settled(array $situation): array
    {
        unset($situation['today']);

        return self::sorted($situation);
    }

    /**
     * @param  array<mixed>  $value
     * @return array<mixed>
     */
    private static function sorted(array $value): array
    {
        ksort($value);

        return array_map(static fn (mixed $v): mixed => match (true) {
            is_array($v) => self::sorted($v),
            is_int($v) => (float) $v,
            default => $v,
        }, $value);
    }
}
