<?php

declare(strict_types=1);

namespace App\Actions;

use App\Formats\CoreJson\CallAnswer;
use App\Formats\CoreJson\SituationAnswer;
use App\Models\Athlete;
use App\Models\CallRecord;
use App\Models\CurrentGym;
use App\Models\LoggedSet;
use App\Models\Purpose;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\Call\Judge;

/**
 * Makes the athlete's open call anew, or takes it away where nothing was done since the last decision.
 */
final readonly class MakeCall
{
    public function __construct(private BuildSituation $situations, private CurrentGym $gym, private ClockInterface $clock)
    {
    }

    public function for(Athlete $athlete): void
    {
        $open = CallRecord::query()->where('athlete_id', $athlete->id)->whereNull('decided_at')->first();
        $situation = $this->hasNews($athlete) ? $this->situations->of($athlete) : null;
        if ($situation === null) {
            $open?->delete();

            return;
        }
        $call = CallAnswer::of(Judge::call($situation), $situation);
        $record = $open ?? new CallRecord([
            'id' => (string) Str::uuid7(),
            'gym_id' => $this->gym->id(),
            'athlete_id' => $athlete->id,
            'version' => 0,
        ]);
        $record->fill([
            'version' => $record->version + 1,
            'verdict' => $call->verdict,
            'call' => $call,
            'situation' => SituationAnswer::of($situation, $athlete->toCore()),
            'made_at' => $this->clock->now(),
        ])->save();
    }

    /** Work, or a set with pain, logged since the last decision. */
    private function hasNews(Athlete $athlete): bool
    {
        $decidedAt = CallRecord::query()->where('athlete_id', $athlete->id)->whereNotNull('decided_at')->max('decided_at');

        return LoggedSet::standing($athlete->id)
            ->where(static fn ($q) => $q->where('purpose', Purpose::Work)->orWhereNotNull('pain'))
            ->when($decidedAt !== null, static fn ($q) => $q->where('logged_at', '>', $decidedAt))
            ->exists();
    }
}
