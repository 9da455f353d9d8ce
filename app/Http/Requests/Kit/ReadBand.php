<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Actions\Kit\BandParticulars;
use App\Formats\JsonObject;
use SteadyRung\Kit\Band\BandDoubt;
use SteadyRung\Kit\Band\LoopBand;

final class ReadBand
{
    public static function from(JsonObject $json, string ...$besides): BandParticulars
    {
        $json->allowing('name', 'hung_length_m', 'width_mm', 'thickness_mm', 'points', 'hitched_on', 'sure', ...$besides);
        $points = array_map(PointInput::read(...), $json->objects('points', LoopBand::MOST_POINTS));

        return $json->build(static fn (JsonObject $j): BandParticulars => new BandParticulars(
            name: $j->name('name', 60), hung_length_m: $j
                ->number('hung_length_m'), width_mm: $j
                ->number('width_mm'), thickness_mm: $j
                ->number('thickness_mm'), points: $points,
            hitched_on: $j->optionalUuid('hitched_on'), sure: $j->has('sure') && $j->boolean('sure'),
        ));
    }

    /** A band to be kept: readings that look like another band's, or another unit's, need a word. */
    public static function toKeep(JsonObject $json, string ...$besides): BandParticulars
    {
        $band = self::from($json, ...$besides);
        foreach ($band->sure ? [] : BandDoubt::about($band->toCore()) as $doubt) {
            if ($doubt->code->isGrave()) {
                throw $json->fault('sure', $doubt->text.' If it is right, keep it all the same.');
            }
        }

        return $band;
    }
}
