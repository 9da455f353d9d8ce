<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\PainJson;
use App\Formats\Json\RungJson;
use App\Formats\Json\StandardJson;
use App\Models\Athlete;
use App\Models\CallRecord;
use App\Models\CapacityRecord;
use App\Models\Clearance;
use App\Models\GymDay;
use App\Models\LoggedSet;
use SteadyRung\Exercise\Pattern;
use SteadyRung\Exercise\Rung;
use SteadyRung\Setup\DoesNotFit;

/**
 * Puts one athlete's page together.
 */
final readonly class AthleteReading
{
    public function __construct(private FindWay $ways, private Believed $believed, private GymDay $days, private ScreeningReading $screens)
    {
    }

    public function of(Athlete $athlete): AthleteJson
    {
        $body = $athlete->toCore();
        $standing = $this->ways->standing($athlete);
        $rung = $standing instanceof Rung ? $standing : null;
        $newest = [];
        foreach (Pattern::cases() as $pattern) {
            $newest[$pattern->value] = CapacityRecord::newest($athlete->id, $pattern);
        }
        $belief = $this->believed->from($newest[$rung?->exercise->pattern()?->value] ?? null);
        [$open, $decided] = CallRecord::latestOf($athlete->id);
        $cleared = Clearance::latestOf($athlete->id);

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
            StandardJson::of(BuildSituation::standard($rung)),
            $rung === null ? null : RungJson::believed($rung, $belief),
            $standing instanceof DoesNotFit ? $standing->reason : null,
            $this->capacity($newest[Pattern::Pull->value]),
            $this->capacity($newest[Pattern::Row->value]),
            LoggedSet::bestHangS($athlete->id),
            $athlete->pain === null ? null : PainJson::of($athlete->pain),
            $athlete->paused_at === null ? null : $this->days->of($athlete->paused_at),
            $cleared === null ? null : new ClearedJson($this->days->of($cleared->cleared_at), $cleared->note),
            $this->screens->standing($athlete),
            $open === null ? null : KeptCallJson::of($open, $athlete->name),
            $open === null ? $this->decidedToday($athlete, $decided) : null,
        );
    }

    private function capacity(?CapacityRecord $newest): ?CapacityJson
    {
        return CapacityJson::of($this->believed->from($newest), $newest?->trained_on);
    }

    /** The call decided last, if that was today. */
    private function decidedToday(Athlete $athlete, ?CallRecord $decided): ?KeptCallJson
    {
        return $decided?->decided_at !== null && $this->days->of($decided->decided_at) === $this->days->today() ? KeptCallJson::of($decided, $athlete->name) : null;
    }
}
