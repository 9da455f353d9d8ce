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
use App\Models\GymDay;
use App\Models\GymKit;
use App\Models\LoggedSet;
use SteadyRung\Call\Standard;
use SteadyRung\Ladder\Lane;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\Pattern;
use SteadyRung\Strength\RepCurve;

/**
 * Puts one athlete's page together.
 */
final readonly class AthleteView
{
    public function __construct(private GymKit $kit, private GymDay $days)
    {
    }

    public function of(Athlete $athlete): AthleteResource
    {
        $body = $athlete->toCore();
        $rung = (new RungSearch($this->kit->inUse()))->standing($athlete->chosen, $body);
        $pattern = $rung instanceof Rung ? $rung->lane()->pattern() : null;
        $call = CallRecord::query()->where('athlete_id', $athlete->id)->whereNull('decided_at')->first();
        $hang = LoggedSet::standing($athlete->id)->whereRaw("coalesce(choice->>'at', 'hang') = 'hang'")->max('hang_s');

        return new AthleteResource(
            $athlete->id,
            $athlete->name,
            $athlete->kind,
            $body->massKg,
            $body->statureM,
            $body->reachM,
            $body->reachSource,
            $body->pullDistanceM(),
            StandardResource::of($rung instanceof Rung && $rung->lane() === Lane::Lower ? Standard::lowering() : new Standard),
            $rung instanceof Rung ? self::answer($rung, CapacityRecord::latest($athlete->id, $pattern)) : null,
            $rung instanceof DoesNotFit ? $rung->reason : null,
            CapacityResource::orNull(CapacityRecord::newest($athlete->id, Pattern::Pull)),
            CapacityResource::orNull(CapacityRecord::newest($athlete->id, Pattern::Row)),
            is_numeric($hang) ? (float) $hang : null,
            $athlete->pain === null ? null : PainJson::of($athlete->pain),
            $athlete->paused_at === null ? null : $this->days->of($athlete->paused_at),
            $call === null ? null : CallResource::of($call, $athlete->name),
        );
    }

    public static function answer(Rung $rung, ?CapacityState $capacity): RungAnswer
    {
        return RungAnswer::of($rung, $capacity === null ? null : $rung->predict(RepCurve::steady(), $capacity));
    }
}
