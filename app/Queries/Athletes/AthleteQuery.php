<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

use App\Context\Athletes\LoadAthleteContext;
use App\Context\Athletes\LoadEstimate;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Methods\Methods;
use App\Context\Methods\StageSince;
use App\Context\Screening\PausingPain;
use App\Context\Setups\FindLadderPath;
use App\Formats\Day;
use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Methods\PlaceJson;
use App\Formats\Json\Methods\StandardJson;
use App\Formats\Json\Safety\PainJson;
use App\Formats\Methods\Library;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Calls\CallRecord;
use App\Models\Log\LoggedSet;
use App\Models\Screening\Clearance;
use App\Queries\Screening\ScreeningQuery;
use App\Responses\Athletes\AthleteResponse;
use App\Responses\Athletes\CapacityResponse;
use App\Responses\Calls\KeptCallResponse;
use App\Responses\Log\LoweringLeftResponse;
use App\Responses\Methods\BuilderResponse;
use App\Responses\Screening\ClearedResponse;
use App\Responses\Screening\PainSourceResponse;
use SteadyRung\Call\Situation\Standard;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Plan\Session\Line\LoweringsLeft;
use SteadyRung\Setup\DoesNotFit;

/**
 * Puts one athlete's page together.
 */
final readonly class AthleteQuery
{
    public function __construct(
        private FindLadderPath $ways,
        private LoadEstimate $estimates,
        private GymDay $days,
        private ScreeningQuery $screens,
        private Methods $methods,
        private LoadAthleteContext $contexts,
        private CurrentGym $gym,
        private StageSince $since,
    ) {
    }

    public function of(Athlete $athlete): AthleteResponse
    {
        $body = $athlete->toCore();
        $standing = $this->ways->standing($athlete);
        $rung = $standing instanceof Rung ? $standing : null;
        $newest = CapacityRecord::newestByPattern($athlete->id);
        $estimates = array_map(
            $this->estimates->from(...),
            array_intersect_key(
                $newest,
                array_flip([Pattern::Pull->value, Pattern::Row->value, (string) $rung?->exercise->pattern()?->value]),
            ),
        );
        $estimate = $estimates[$rung?->exercise->pattern()?->value] ?? $this->estimates->from(null);
        $capacity = static fn (Pattern $pattern): ?CapacityResponse => isset($estimates[$pattern->value])
            ? CapacityResponse::of($estimates[$pattern->value], $newest[$pattern->value]->trained_on)
            : null;
        $school = $this->methods->of($athlete->method_key);
        $rules = $this->gym->gym()->houseRules()->for($school);
        $method = $rules->inOrder($school);
        $stage = LoadAthleteContext::stage($method, $athlete->stage_key);
        $builder = Library::find($athlete->builder_key);
        [$open, $decided] = CallRecord::latestOf($athlete->id);
        $cleared = Clearance::latestOf($athlete->id);
        $paused = $athlete->paused_at === null ? null : PausingPain::of($athlete->id);

        return new AthleteResponse(
            id: $athlete->id,
            name: $athlete->name,
            kind: $athlete->kind,
            tags: $athlete->tags,
            archived: $athlete->archived_at !== null,
            mass_kg: $body->massKg,
            stature_m: $body->statureM,
            reach_m: $body->reachM,
            reach_source: $body->reachSource,
            proportions: $body->proportions,
            pull_distance_m: $body->pullDistanceM(),
            standard: StandardJson::of(Standard::at($stage, $rung, $rules)),
            place: PlaceJson::of($method, $stage, Day::number($this->since->of($athlete))),
            lowerings_left: $rung?->exercise->style->movement === Movement::Lowering
                ? LoweringLeftResponse::of(LoweringsLeft::of($this->contexts->of($athlete)))
                : null,
            sessions_a_week: $athlete->sessions_a_week,
            builder: $builder === null ? null : BuilderResponse::of($builder),
            rung: $rung === null ? null : RungJson::estimated($rung, $estimate),
            rung_lost: $standing instanceof DoesNotFit ? $standing->reason : null,
            capacity: $capacity(Pattern::Pull),
            row_capacity: $capacity(Pattern::Row),
            best_hang_s: LoggedSet::bestHangS($athlete->id),
            pain: $athlete->pain === null ? null : PainJson::of($athlete->pain),
            paused_on: $athlete->paused_at === null ? null : $this->days->of($athlete->paused_at),
            pain_source: $paused === null ? null : PainSourceResponse::of($paused),
            cleared: $cleared === null ? null : new ClearedResponse($this->days->of($cleared->cleared_at), $cleared->note),
            screen: $this->screens->standing($athlete),
            call: $open === null ? null : KeptCallResponse::of($open, $athlete->name),
            decided: $open === null ? $this->decidedToday($athlete, $decided) : null,
        );
    }

    /** The call decided last, if that was today. */
    private function decidedToday(Athlete $athlete, ?CallRecord $decided): ?KeptCallResponse
    {
        return $decided?->decided_at !== null && $this->days->of($decided->decided_at) === $this->days->today()
            ? KeptCallResponse::of($decided, $athlete->name)
            : null;
    }
}
