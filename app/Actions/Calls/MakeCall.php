<?php

declare(strict_types=1);

namespace App\Actions\Calls;

use App\Actions\Scripts\TellWebhooks;
use App\Context\Calls\LoadSituation;
use App\Context\Gym\CurrentGym;
use App\Formats\Stored\StoredCall;
use App\Formats\Stored\StoredSituation;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Models\Log\LoggedSet;
use App\Models\Screening\PainReport;
use App\Models\Scripts\HookEvent;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\Situation;

/**
 * Keeps an athlete's open call as what is known asks for: made anew where that changed, left alone where it did not, taken
 * away where nothing was done since the last decision.
 */
final readonly class MakeCall
{
    public function __construct(
        private LoadSituation $situations,
        private CurrentGym $gym,
        private TellWebhooks $webhooks,
        private ClockInterface $clock,
    ) {
    }

    /** @param  string|null  $because  what was changed under the call, if it was not the log */
    public function for(Athlete $athlete, ?string $because = null): void
    {
        [$open, $decided] = CallRecord::latestOf($athlete->id);
        $situation = $athlete->archived_at === null ? $this->news($athlete, $decided) : null;
        $situation === null
            ? $open?->delete()
            : $this->keep($athlete, $situation, StoredSituation::write($situation, $athlete->toCore()), $open, $because);
    }

    /** After a change of gear only where the rungs are others than the call was made with. */
    public function afterKitChange(Athlete $athlete): void
    {
        [$open, $decided] = CallRecord::latestOf($athlete->id);
        $situation = $this->news($athlete, $decided);
        if ($situation === null) {
            $open?->delete();

            return;
        }
        $known = StoredSituation::write($situation, $athlete->toCore());
        $now = StoredSituation::rungs($known);
        $before = $open === null ? [] : StoredSituation::rungs($open->situation);
        if ($now != $before) {
            $this->keep($athlete, $situation, $known, $open, self::difference($before, $now));
        }
    }

    /** @param  array<string, mixed>  $known */
    private function keep(Athlete $athlete, Situation $situation, array $known, ?CallRecord $open, ?string $because): void
    {
        if ($open !== null && ! StoredSituation::differ($open->situation, $known)) {
            return;
        }
        $call = Judge::call($situation);
        $record = $open ?? new CallRecord([
            'id' => (string) Str::uuid7(),
            'gym_id' => $this->gym->id(),
            'athlete_id' => $athlete->id,
            'version' => 0,
        ]);
        $record->fill([
            'version' => $record->version + 1,
            'verdict' => $call->verdict,
            'call' => StoredCall::write($call, $situation),
            'situation' => $known + ['foretold' => StoredSituation::foretold($situation)],
            'made_at' => $this->clock->now(),
            'changed' => $open === null ? null : $because,
        ])->save();
        $this->webhooks->of(HookEvent::CallMade, ['athlete_id' => $athlete->id, 'call_id' => $record->id]);
    }

    /** What is known, where work or pain was logged or told since the last decision. */
    private function news(Athlete $athlete, ?CallRecord $decided): ?Situation
    {
        $since = $decided?->decided_at;
        $any = LoggedSet::anyNewsSince($athlete->id, $since) || PainReport::latestOf($athlete->id, $since) !== null
            || ($athlete->pain !== null && LoggedSet::painTold($athlete->id, $since)->exists());

        return $any ? $this->situations->of($athlete) : null;
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $now
     */
    private static function difference(array $before, array $now): string
    {
        $words = [];
        foreach (['from' => 'the set-up in use', 'up' => 'the next rung', 'down' => 'the rung below'] as $place => $noun) {
            [$old, $new] = [$before[$place] ?? null, $now[$place] ?? null];
            if ($old != $new) {
                $words[] = sprintf('%s was %s, now %s', $noun, self::named($old), self::named($new));
            }
        }

        return mb_strimwidth('The gear changed: '.implode('; ', $words).'.', 0, 590, '…');
    }

    private static function named(mixed $rung): string
    {
        return is_array($rung) && is_string($rung['name'] ?? null)
            ? sprintf('%s (%.0f %%)', $rung['name'], 100 * (float) $rung['share'])
            : 'none';
    }
}
