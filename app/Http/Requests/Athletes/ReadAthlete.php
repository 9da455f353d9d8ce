<?php

declare(strict_types=1);

namespace App\Http\Requests\Athletes;

use App\Actions\Athletes\AthleteParticulars;
use App\Formats\JsonObject;
use App\Models\Athletes\AthleteKind;
use SteadyRung\Body\SegmentTable;

final class ReadAthlete
{
    public static function from(JsonObject $json, string ...$besides): AthleteParticulars
    {
        $json->allowing('name', 'kind', 'mass_kg', 'stature_m', 'reach_m', 'tags', 'proportions', ...$besides);

        return $json->build(static fn (JsonObject $j): AthleteParticulars => new AthleteParticulars(
            name: $j->name('name', 80),
            kind: $j->choice('kind', AthleteKind::class),
            mass_kg: $j->number('mass_kg'),
            stature_m: $j->number('stature_m'),
            reach_m: $j->optionalNumber('reach_m'),
            tags: self::tags($j),
            proportions: $j->optionalChoice('proportions', SegmentTable::class) ?? SegmentTable::Average,
        ));
    }

    /** @return list<string> each once, whatever its capitals */
    private static function tags(JsonObject $json): array
    {
        $tags = [];
        foreach ($json->texts('tags', AthleteParticulars::MOST_TAGS, AthleteParticulars::LONGEST_TAG) as $tag) {
            $tags[mb_strtolower($tag)] ??= $tag;
        }

        return array_values($tags);
    }
}
