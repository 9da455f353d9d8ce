<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Day;
use App\Formats\Json\DoableJson;
use App\Formats\Json\WearJson;
use App\Models\Band;
use App\Models\BandWear;
use App\Models\CurrentGym;
use App\Models\Gear;
use App\Models\GymDay;
use App\Models\GymKit;
use SteadyRung\Kit\Band\InspectionDue;
use SteadyRung\Kit\Kit;

/**
 * Puts all gear together, retired gear last, with the wear of each band.
 */
final readonly class KitReading
{
    private const MOST = 2;

    public function __construct(private GymDay $days, private CurrentGym $gym, private BandWear $wear)
    {
    }

    public function all(): KitJson
    {
        $rows = array_values(GymKit::bands()->limit(self::MOST * Kit::MOST_BANDS)->get()->all());
        $wear = $this->wear->of(array_column($rows, 'id'));
        $today = Day::number($this->days->today());
        [$bands, $damagedBands] = Readable::all(
            $rows,
            static fn (Band $band): BandJson => BandJson::of($band, self::due($wear[$band->id], $today), $today),
            static fn (Band $band): DamagedJson => new DamagedJson($band->id, $band->name),
        );
        [$gear, $damagedGear] = Readable::all(
            array_values(GymKit::gear()->limit(self::MOST * Kit::MOST_PIECES)->get()->all()),
            GearJson::of(...),
            static fn (Gear $gear): DamagedJson => new DamagedJson($gear->id, $gear->name),
        );

        return new KitJson($gear, $bands, [...$damagedBands, ...$damagedGear], $this->gym->gym()->floor, DoableJson::all());
    }

    public function band(Band $band): BandJson
    {
        $today = Day::number($this->days->today());

        return BandJson::of($band, self::due($this->wear->of([$band->id])[$band->id], $today), $today);
    }

    /** @param  array{inspected_on: string|null, uses: int}  $wear */
    private static function due(array $wear, int $today): WearJson
    {
        $on = $wear['inspected_on'];
        $due = InspectionDue::after($on === null ? null : $today - Day::number($on), $wear['uses']);

        return new WearJson($on, $wear['uses'], $due->isDue, $due->text);
    }
}
