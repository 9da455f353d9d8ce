<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\RepCurve;

/**
 * Answers a topic of the core: JSON in, a value that becomes JSON out.
 */
final class CoreJson
{
    /** @throws Unreadable if the request cannot be read */
    public static function answer(Topic $topic, JsonObject $request): object
    {
        return match ($topic) {
            Topic::Carried => self::carried($request),
            Topic::Band => BandAnswer::of(Read::band($request)),
            Topic::Reps => self::reps($request),
        };
    }

    private static function carried(JsonObject $request): CarriedAnswer|MisfitAnswer
    {
        $request->allowing('body', 'setup');
        $load = Read::setup($request->object('setup'))->carriedBy(Read::body($request->object('body')));

        return $load instanceof DoesNotFit ? MisfitAnswer::of($load) : CarriedAnswer::of($load);
    }

    private static function reps(JsonObject $request): object
    {
        return $request->has('reps') ? self::capacity($request) : self::repsAtLoad($request);
    }

    private static function capacity(JsonObject $request): object
    {
        $curve = Read::curve($request->allowing('load_kg', 'reps', 'k', 'formula'));
        $reps = $request->number('reps');

        return (object) [
            'capacity_kg' => $request->build(static fn (JsonObject $j): float => $curve->capacity($j->number('load_kg'), $reps)),
            'clipped' => $reps > RepCurve::MOST_REPS,
        ];
    }

    private static function repsAtLoad(JsonObject $request): object
    {
        $curve = Read::curve($request->allowing('capacity_kg', 'load_kg', 'k', 'formula'));

        return $request->build(static fn (JsonObject $j): object => $curve->repsAt($j->number('capacity_kg'), $j->number('load_kg')));
    }
}
