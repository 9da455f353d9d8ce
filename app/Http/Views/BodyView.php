<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Http\Resources\BodyResource;
use App\Http\Resources\ProportionResource;
use App\Http\Resources\WeighingResource;
use App\Models\Athlete;
use App\Models\Weighing;

/**
 * Puts an athlete's body together.
 */
final readonly class BodyView
{
    /** Two years of a weighing a week. */
    private const MOST_WEIGHINGS = 104;

    public function of(Athlete $athlete): BodyResource
    {
        $body = $athlete->toCore();
        $weighings = Weighing::latestFirst($athlete->id)->limit(self::MOST_WEIGHINGS)->get();

        return new BodyResource(
            $athlete->id,
            $athlete->name,
            $body->massKg,
            $body->statureM,
            $body->reachM,
            $body->reachSource,
            $body->reachSdM(),
            array_map(ProportionResource::of(...), $body->proportions()),
            array_values($weighings->map(static fn (Weighing $w): WeighingResource => WeighingResource::of($w))->all()),
        );
    }
}
