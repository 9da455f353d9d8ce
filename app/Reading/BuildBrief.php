<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Day;
use App\Formats\Library;
use App\Models\Athlete;
use App\Models\AthleteKind;
use App\Models\CurrentGym;
use App\Models\GymDay;
use App\Models\TimeOffRecord;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Method\Place;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Brief\Brief;
use SteadyRung\Plan\Diary\TimeOff;
use SteadyRung\Setup\DoesNotFit;

/**
 * The one place where what is known of an athlete is put together, for the session and for the call.
 */
final readonly class BuildBrief
{
    public function __construct(
        private Methods $methods,
        private FindWay $ways,
        private KeptAnswers $kept,
        private DiaryReading $diaries,
        private Believed $believed,
        private CapacityBefore $before,
        private FallReading $fall,
        private HandReading $hand,
        private CurrentGym $gym,
        private GymDay $days,
    ) {
    }

    /** @param  string|null  $on  another day than today */
    public function of(Athlete $athlete, ?HouseRules $rules = null, ?string $on = null): Brief
    {
        $method = $this->methods->of($athlete->method_key);
        $standing = $this->ways->standing($athlete);
        $today = Day::number($on ?? $this->days->today());

        return new Brief(
            $today,
            $method,
            new Place(self::stage($method, $athlete->stage_key), $athlete->stage_since === null ? $today : Day::number($athlete->stage_since), $standing instanceof Rung ? $standing : null),
            $rules ?? $this->gym->gym()->houseRules(),
            $this->diaries->of($athlete),
            new StoredBeliefs($athlete->id, $this->believed, $this->before, $this->fall),
            new KeptWays($athlete, $this->ways, $this->kept),
            $athlete->sessions_a_week,
            $standing instanceof DoesNotFit ? $standing->reason : null,
            $this->gym->gym()->capLimits(),
            $this->hand->of($athlete),
            off: new TimeOff(array_values(TimeOffRecord::ahead($athlete->id, Day::date($today))->get()->map(static fn (TimeOffRecord $t): array => [Day::number($t->from_on), Day::number($t->to_on)])->all())),
            builder: Library::find($athlete->builder_key),
            isClimber: $athlete->kind !== AthleteKind::Gym,
        );
    }

    /** The first stage, where a stage is not there any more. */
    public static function stage(Method $method, string $key): Stage
    {
        return $method->find($key) ?? $method->stages[0];
    }
}
