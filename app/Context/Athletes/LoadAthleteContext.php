<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Log\LoadDiary;
use App\Context\Methods\Methods;
use App\Context\Methods\StageSince;
use App\Context\Setups\FindLadderPath;
use App\Context\Setups\KeptAnswers;
use App\Context\Setups\StoredRungCatalogue;
use App\Formats\Day;
use App\Formats\Methods\Library;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteKind;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Method\Place;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Setup\DoesNotFit;

/**
 * The one place where what is known of an athlete is put together, for the session and for the call.
 */
final readonly class LoadAthleteContext
{
    public function __construct(
        private Methods $methods,
        private FindLadderPath $ways,
        private KeptAnswers $kept,
        private LoadDiary $diaries,
        private LoadEstimate $estimates,
        private CapacityBefore $before,
        private LearnedFall $fall,
        private LoadChangesByHand $hand,
        private CurrentGym $gym,
        private GymDay $days,
        private StageSince $since,
        private LoadTimeOff $off,
    ) {
    }

    /** @param  string|null  $on  another day than today */
    public function of(Athlete $athlete, ?HouseRules $rules = null, ?string $on = null): AthleteContext
    {
        $method = $this->methods->of($athlete->method_key);
        $standing = $this->ways->standing($athlete);
        $today = Day::number($on ?? $this->days->today());

        return new AthleteContext(
            today: $today,
            method: $method,
            place: new Place(
                self::stage($method, $athlete->stage_key),
                Day::number($this->since->of($athlete)),
                $standing instanceof Rung ? $standing : null,
            ),
            house: $rules ?? $this->gym->gym()->houseRules(),
            diary: $this->diaries->of($athlete),
            estimates: new StoredEstimates($athlete->id, $this->estimates, $this->before, $this->fall),
            ways: new StoredRungCatalogue($athlete, $this->ways, $this->kept),
            perWeek: $athlete->sessions_a_week,
            missing: $standing instanceof DoesNotFit ? $standing->reason : null,
            capLimits: $this->gym->gym()->capLimits(),
            hand: $this->hand->of($athlete),
            off: $this->off->of($athlete->id, $today),
            builders: Library::for($athlete->builder_key, Day::number($athlete->builder_since ?? $this->days->today())),
            isClimber: $athlete->kind !== AthleteKind::Gym,
        );
    }

    /** The first stage, where a stage is not there any more. */
    public static function stage(Method $method, string $key): Stage
    {
        return $method->find($key) ?? $method->stages[0];
    }
}
