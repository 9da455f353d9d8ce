<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Formats\Day;
use App\Http\Resources\BandResource;
use App\Http\Resources\GearResource;
use App\Http\Resources\KitResource;
use App\Http\Resources\WearResource;
use App\Models\Band;
use App\Models\BandInspection;
use App\Models\Gear;
use App\Models\GymDay;
use App\Models\GymKit;
use App\Models\LoggedSet;
use SteadyRung\Kit\InspectionDue;

/**
 * Puts all gear together, retired gear last, with the wear of each band.
 */
final readonly class KitView
{
    private const MOST = 2;

    public function __construct(private GymDay $days)
    {
    }

    public function all(): KitResource
    {
        $bands = GymKit::bands()->limit(self::MOST * GymKit::MOST_BANDS)->get();
        $looked = BandInspection::query()->whereIn('band_id', $bands->pluck('id'))->groupBy('band_id')->selectRaw('band_id, max(inspected_on) AS inspected_on')->pluck('inspected_on', 'band_id');
        $today = $this->days->today();

        return new KitResource(
            array_values(GymKit::gear()->limit(self::MOST * GymKit::MOST_PIECES)->get()->map(static fn (Gear $gear): GearResource => GearResource::of($gear))->all()),
            array_values($bands->map(static fn (Band $band): BandResource => BandResource::of($band, self::wear($band, $looked->get($band->id), $today)))->all()),
        );
    }

    public function band(Band $band): BandResource
    {
        $looked = BandInspection::query()->where('band_id', $band->id)->max('inspected_on');

        return BandResource::of($band, self::wear($band, $looked, $this->days->today()));
    }

    private static function wear(Band $band, mixed $inspectedOn, string $today): WearResource
    {
        $on = is_string($inspectedOn) ? $inspectedOn : null;
        $uses = LoggedSet::onBand($band->id)->where('trained_on', '>', $on ?? '0001-01-01')->limit(2 * InspectionDue::USES)->select('id')->get()->count();
        $due = InspectionDue::after($on === null ? null : Day::number($today) - Day::number($on), $uses);

        return new WearResource($on, $uses, $due->isDue, $due->text);
    }
}
