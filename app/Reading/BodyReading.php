<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\ProportionJson;
use App\Models\Athlete;
use App\Models\Weighing;

/**
 * Puts an athlete's body together.
 */
final readonly class BodyReading
{
    /** Two years of a weighing a week. */
    private const MOST_WEIGHINGS = 104;

    public function of(Athlete $athlete): BodyJson
    {
        $body = $athlete->toCore();
        $weighings = Weighing::latestFirst($athlete->id)->limit(self::MOST_WEIGHINGS)->get();

        return new BodyJson(
            $athlete->id,
            $athlete->name,
            $body->massKg,
            $body->statureM,
            $body->reachM,
            $body->reachSource,
            $body->reachSdM(),
            array_map(ProportionJson::of(...), $body->proportions()),
            array_values($weighings->map(static fn (Weighing $w): WeighingJson => WeighingJson::of($w))->all()),
        );
    }
}
