<?php

declare(strict_types=1);

namespace App\Context\Log;

use App\Models\Athletes\Weighing;
use App\Models\Kit\Band;
use App\Models\Log\LoggedSet;
use App\Models\Log\Recomputation;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Logged sets that stand, and were computed from a mass or a measurement that does not stand any more.
 */
final class OutdatedSets
{
    /** What somebody weighs more or less from one day to the next, as a part of the mass (common practice: one to two in a hundred). */
    private const UNNOTICED = 0.015;

    /** @return Builder<LoggedSet> those whose mass is farther from the one that stands for their day than a day makes */
    public static function ofAthlete(string $athleteId): Builder
    {
        $weighings = Weighing::latestFirst($athleteId)->get(['weighed_on', 'mass_kg'])->reverse()->values();

        return LoggedSet::standing($athleteId)->whereNotNull('exercise')->where(static function ($any) use ($weighings): void {
            $any->whereRaw('false');
            foreach ($weighings as $i => $weighing) {
                $next = $weighings[$i + 1]->weighed_on ?? null;
                $any->orWhere(static fn ($q) => $q->whereNotBetween('mass_kg', [
                    (1.0 - self::UNNOTICED) * $weighing->mass_kg,
                    (1.0 + self::UNNOTICED) * $weighing->mass_kg,
                ])
                    ->when($i > 0, static fn ($q) => $q->where('trained_on', '>=', $weighing->weighed_on))
                    ->when($next !== null, static fn ($q) => $q->where('trained_on', '<', $next)));
            }
        });
    }

    /** @return Builder<LoggedSet> those in a band whose load is not of its readings as they are */
    public static function ofBand(Band $band): Builder
    {
        return LoggedSet::standingAnywhere()
            ->whereIn('id', DB::table('set_bands')->where('gym_id', $band->gym_id)->where('band_id', $band->id)->select('set_id'))
            ->where(static fn (Builder $q) => $q->whereNull('load_key')
                ->orWhereRaw('position(? in load_key) = 0', ['#'.$band->toCore()->stamp()]));
    }

    /** @return Builder<LoggedSet> what is left of an order */
    public static function of(Recomputation $order): Builder
    {
        return match (true) {
            $order->athlete_id !== null => self::ofAthlete($order->athlete_id),
            $order->band_id !== null => self::ofBand(Band::query()->findOrFail($order->band_id)),
            default => LoggedSet::standingAnywhere()->where('recomputation_id', $order->undoes_id),
        };
    }
}
