<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Kit\BandWear;
use App\Context\Kit\GymKit;
use App\Context\Readable;
use App\Formats\Day;
use App\Formats\Json\Kit\WearJson;
use App\Formats\Json\Setups\DoableJson;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Responses\Kit\BandResponse;
use App\Responses\Kit\DamagedResponse;
use App\Responses\Kit\GearResponse;
use App\Responses\Kit\KitResponse;
use SteadyRung\Kit\Kit;

/**
 * Puts all gear together, retired gear last, with the wear of each band.
 */
final readonly class KitQuery
{
    private const MOST = 2;

    public function __construct(private GymDay $days, private CurrentGym $gym, private BandWear $wear)
    {
    }

    public function all(): KitResponse
    {
        $rows = array_values(GymKit::bands()->limit(self::MOST * Kit::MOST_BANDS)->get()->all());
        $wear = $this->wear->of(array_column($rows, 'id'));
        $today = Day::number($this->days->today());
        [$bands, $damagedBands] = Readable::all(
            $rows,
            static fn (Band $band): BandResponse => BandResponse::of($band, self::due($wear[$band->id], $today), $today),
            static fn (Band $band): DamagedResponse => new DamagedResponse($band->id, $band->name),
        );
        [$gear, $damagedGear] = Readable::all(
            array_values(GymKit::gear()->limit(self::MOST * Kit::MOST_PIECES)->get()->all()),
            GearResponse::of(...),
            static fn (Gear $gear): DamagedResponse => new DamagedResponse($gear->id, $gear->name),
        );

        return new KitResponse($gear, $bands, [...$damagedBands, ...$damagedGear], $this->gym->gym()->floor, DoableJson::all());
    }

    public function band(Band $band): BandResponse
    {
        $today = Day::number($this->days->today());

        return BandResponse::of($band, self::due($this->wear->of([$band->id])[$band->id], $today), $today);
    }

    /** @param  array{inspected_on: string|null, uses: int}  $wear */
    private static function due(array $wear, int $today): WearJson
    {
        $due = BandWear::due($wear, $today);

        return new WearJson($wear['inspected_on'], $wear['uses'], $due->isDue, $due->text);
    }
}
