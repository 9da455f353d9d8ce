<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Day;
use App\Formats\Json\PainJson;
use App\Formats\Json\PlaceJson;
use App\Formats\Json\RungJson;
use App\Formats\Json\StandardJson;
use App\Formats\Library;
use App\Models\Athlete;
use App\Models\CallRecord;
use App\Models\CapacityRecord;
use App\Models\Clearance;
use App\Models\CurrentGym;
use App\Models\GymDay;
use App\Models\LoggedSet;
use App\Models\PausingPain;
use SteadyRung\Call\Situation\Standard;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Movement;
use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\Session\LoweringsLeft;
use SteadyRung\Setup\DoesNotFit;

/**
 * Puts one athlete's page together.
 */
final readonly class AthleteReading
{
    public function __construct(private FindWay $ways, private Believed $believed, private GymDay $days, private ScreeningReading $screens, private Methods $methods, private BuildBrief $briefs, private CurrentGym $gym)
    {
    }

    public function of(Athlete $athlete): AthleteJson
    {
        $body = $athlete->toCore();
        $standing = $this->ways->standing($athlete);
        $rung = $standing instanceof Rung ? $standing : null;
        $newest = CapacityRecord::newestByPattern($athlete->id);
        $beliefs = array_map($this->believed->from(...), array_intersect_key($newest, array_flip([Pattern::Pull->value, Pattern::Row->value, (string) $rung?->exercise->pattern()?->value])));
        $belief = $beliefs[$rung?->exercise->pattern()?->value] ?? $this->believed->from(null);
        $capacity = static fn (Pattern $pattern): ?CapacityJson => isset($beliefs[$pattern->value]) ? CapacityJson::of($beliefs[$pattern->value], $newest[$pattern->value]->trained_on) : null;
        $method = $this->methods->of($athlete->method_key);
        $stage = BuildBrief::stage($method, $athlete->stage_key);
        $builder = Library::find($athlete->builder_key);
        [$open, $decided] = CallRecord::latestOf($athlete->id);
        $cleared = Clearance::latestOf($athlete->id);
        $paused = $athlete->paused_at === null ? null : PausingPain::of($athlete->id);

        return new AthleteJson(
            $athlete->id,
            $athlete->name,
            $athlete->kind,
            $athlete->tags,
            $athlete->archived_at !== null,
            $body->massKg,
            $body->statureM,
            $body->reachM,
            $body->reachSource,
            $body->proportions,
            $body->pullDistanceM(),
            StandardJson::of(Standard::at($stage, $rung, $this->gym->gym()->houseRules())),
            PlaceJson::of($method, $stage, Day::number($athlete->stage_since ?? $this->days->today())),
            $rung?->exercise->manner->movement === Movement::Lowering ? LoweringLeftJson::of(LoweringsLeft::of($this->briefs->of($athlete))) : null,
            $athlete->sessions_a_week,
            $builder === null ? null : BuilderJson::of($builder),
            $rung === null ? null : RungJson::believed($rung, $belief),
            $standing instanceof DoesNotFit ? $standing->reason : null,
            $capacity(Pattern::Pull),
            $capacity(Pattern::Row),
            LoggedSet::bestHangS($athlete->id),
            $athlete->pain === null ? null : PainJson::of($athlete->pain),
            $athlete->paused_at === null ? null : $this->days->of($athlete->paused_at),
            $paused === null ? null : PainSourceJson::of($paused),
            $cleared === null ? null : new ClearedJson($this->days->of($cleared->cleared_at), $cleared->note),
            $this->screens->standing($athlete),
            $open === null ? null : KeptCallJson::of($open, $athlete->name),
            $open === null ? $this->decidedToday($athlete, $decided) : null,
        );
    }

    /** The call decided last, if that was today. */
    private function decidedToday(Athlete $athlete, ?CallRecord $decided): ?KeptCallJson
    {
        return $decided?->decided_at !== null && $this->days->of($decided->decided_at) === $this->days->today() ? KeptCallJson::of($decided, $athlete->name) : null;
    }
}
