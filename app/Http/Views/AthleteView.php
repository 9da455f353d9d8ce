<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Formats\CoreJson\RungAnswer;
use App\Formats\PainJson;
use App\Http\Resources\AthleteResource;
use App\Http\Resources\CallResource;
use App\Http\Resources\CapacityResource;
use App\Http\Resources\StandardResource;
use App\Models\Athlete;
use App\Models\CallRecord;
use App\Models\CapacityRecord;
use App\Models\GymKit;
use App\Models\LoggedSet;
use SteadyRung\Call\Standard;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Ladder\UnknownGear;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\RepCurve;

/**
 * Puts one athlete's page together.
 */
final readonly class AthleteView
{
    public function __construct(private GymKit $kit)
    {
    }

    public function of(Athlete $athlete): AthleteResource
    {
        $body = $athlete->toCore();
        $capacity = CapacityRecord::pullOf($athlete->id)->orderByDesc('trained_on')->first();
        $rung = $this->rung($athlete);
        $call = CallRecord::query()->where('athlete_id', $athlete->id)->whereNull('decided_at')->first();
        $hang = LoggedSet::standing($athlete->id)->max('hang_s');

        return new AthleteResource(
            $athlete->id,
            $athlete->name,
            $athlete->kind,
            $body->massKg,
            $body->statureM,
            $body->reachM,
            $body->reachSource,
            $body->pullDistanceM(),
            StandardResource::of(new Standard),
            $rung instanceof Rung ? self::answer($rung, $capacity?->toCore()) : null,
            is_string($rung) ? $rung : null,
            $capacity === null ? null : CapacityResource::of($capacity),
            is_numeric($hang) ? (float) $hang : null,
            $athlete->pain === null ? null : PainJson::of($athlete->pain),
            $athlete->paused_at?->utc()->format('Y-m-d\TH:i:s\Z'),
            $call === null ? null : CallResource::of($call, $athlete->name),
        );
    }

    public static function answer(Rung $rung, ?CapacityState $capacity): RungAnswer
    {
        return RungAnswer::of($rung, $capacity === null ? null : $rung->predict(RepCurve::steady(), $capacity));
    }

    /** The rung in use, or why it cannot be built any more. */
    private function rung(Athlete $athlete): Rung|string|null
    {
        if ($athlete->chosen === null) {
            return null;
        }
        try {
            $rung = (new RungSearch($this->kit->inUse()))->rung($athlete->chosen, $athlete->toCore());
        } catch (UnknownGear $error) {
            return $error->getMessage();
        }

        return $rung instanceof DoesNotFit ? $rung->reason : $rung;
    }
}
