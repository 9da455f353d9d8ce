<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\RecalculateDue;
use App\Actions\Screening\WatchPain;
use App\Actions\Scripts\TellWebhooks;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Models\Gym\User;
use App\Models\Log\LoggedSet;
use App\Models\Scripts\HookEvent;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Carbon\CarbonImmutable;
use Psr\Clock\ClockInterface;
use SteadyRung\CoreError;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Style\HoldAt;

/**
 * Takes sets into the log, or corrections of them; pain told with one pauses at once, the rest is followed when somebody looks.
 */
final readonly class LogSet
{
    public function __construct(
        private LockAthlete $athletes,
        private GymDay $days,
        private LoadOfSet $loads,
        private InsertOnce $storeOnce,
        private WatchPain $pain,
        private RecalculateDue $catchUp,
        private TellWebhooks $webhooks,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<LoggedSet>
     *
     * @throws Problem if pulling is paused, the set-up does not fit, or the id holds another set
     * @throws CoreError if the gear cannot make the set-up
     */
    public function log(string $athleteId, ?User $coach, SetDone $done): Inserted
    {
        $outcome = $this->logAll($athleteId, $coach, [$done])[0];

        return $outcome instanceof Inserted ? $outcome : throw $outcome;
    }

    /**
     * Several sets of one athlete in their order; what is refused does not keep the others out.
     *
     * @param  non-empty-list<SetDone>  $sets
     * @return non-empty-list<Inserted<LoggedSet>|Problem|CoreError>
     */
    public function logAll(string $athleteId, ?User $coach, array $sets): array
    {
        return $this->athletes->during($athleteId, function (Athlete $athlete) use ($coach, $sets): array {
            $this->followDaysBefore($athlete, $sets);
            $outcomes = $new = [];
            foreach ($sets as $done) {
                try {
                    $outcomes[] = $stored = $this->take($athlete, $coach, $done);
                    if ($stored->isNew) {
                        $new[] = $stored->record;
                    }
                } catch (Problem|CoreError $refused) {
                    $outcomes[] = $refused;
                }
            }
            if ($new !== []) {
                $this->follow($athlete, $new);
            }

            return $outcomes;
        });
    }

    /**
     * What days before left to follow is followed first, so that forecasts and calls stand as of their days.
     *
     * @param  non-empty-list<SetDone>  $sets
     */
    private function followDaysBefore(Athlete $athlete, array $sets): void
    {
        $last = max(array_map(fn (SetDone $s): string => $this->days->of($s->performed_at), $sets));
        if ($athlete->follow_from !== null && $athlete->follow_from < $last) {
            $this->catchUp->of($athlete);
        }
    }

    /** @return Inserted<LoggedSet> */
    private function take(Athlete $athlete, ?User $coach, SetDone $done): Inserted
    {
        $replaced = $done->replaces_id === null
            ? null
            : LoggedSet::query()->where('athlete_id', $athlete->id)->find($done->replaces_id)
                ?? throw new Problem(ProblemCode::NotFound, 'The set that this one corrects is not in the log of this athlete.');
        $row = $this->row($athlete, $coach, $done, $replaced);
        $stored = $this->storeOnce->store($row, $done, ['athlete' => $athlete->id], function () use ($row, $athlete): void {
            $this->refuseWhilePaused($athlete, $row);
            $this->refuseStrayPart($row);
            $this->refuseSecondCorrection($row);
            $this->loads->fill($row, $athlete);
        });
        if ($stored->isNew) {
            $this->loads->noteBands($stored->record);
            $ids = ['athlete_id' => $athlete->id, 'set_id' => $row->id, 'replaces_id' => $row->replaces_id];
            $this->webhooks->of(HookEvent::SetLogged, array_filter($ids));
            if ($done->pain !== null) {
                $this->pain->of($athlete);
            }
        }

        return $stored;
    }

    /** @param  non-empty-list<LoggedSet>  $rows */
    private function follow(Athlete $athlete, array $rows): void
    {
        $days = $patterns = [];
        foreach ($rows as $row) {
            $replaced = $row->replaces_id === null ? null : LoggedSet::query()->find($row->replaces_id);
            foreach (array_filter([$row, $replaced]) as $touched) {
                $days[] = $touched->trained_on;
                $patterns[] = $touched->pattern;
            }
        }
        $athlete->last_trained_on = max((string) $athlete->last_trained_on, ...$days);
        RecalculateDue::later($athlete, min($days), array_values(array_filter($patterns)));
    }

    private function row(Athlete $athlete, ?User $coach, SetDone $done, ?LoggedSet $replaced): LoggedSet
    {
        $day = $this->days->of($done->performed_at);
        $now = $this->clock->now();
        $toldBefore = $done->pain !== null && $replaced?->pain == $done->pain ? $replaced?->pain_told_at : null;

        return new LoggedSet([
            'id' => $done->id,
            'athlete_id' => $athlete->id,
            'user_id' => $coach?->id,
            'replaces_id' => $replaced?->id,
            'part_of' => $replaced === null ? $done->part_of : $replaced->part_of,
            'withdrawn' => false,
            'purpose' => $done->purpose,
            'performed_at' => CarbonImmutable::instance($done->performed_at),
            'trained_on' => $day,
            'mass_kg' => $day === $this->days->today() ? $athlete->mass_kg : Weighing::massOn($athlete->id, $day) ?? $athlete->mass_kg,
            'exercise' => $done->exercise,
            'held_at' => $done->hang_s === null ? null : ($done->exercise->style->at ?? HoldAt::Hang)->value,
            'clean_reps' => $done->clean_reps,
            'no_counts' => $done->clean_reps === null ? null : (object) $done->no_counts,
            'reserve' => $done->reserve,
            'asked_reps' => $done->asked_reps,
            'to_failure' => $done->to_failure,
            'faults' => $done->faults === [] ? null : array_map(static fn (FormFault $f): string => $f->value, $done->faults),
            'hang_s' => $done->hang_s,
            'splits_s' => $done->splits_s === [] ? null : $done->splits_s,
            'down_s' => $done->downS(),
            'halves_s' => $done->halves_s === [] ? null : $done->halves_s,
            'uneven' => $done->uneven(),
            'pain' => $done->pain,
            'pain_told_at' => $done->pain === null ? null : $toldBefore ?? $now,
            'note' => $done->note,
            'line' => $done->line,
            'logged_at' => $now,
        ]);
    }

    /** A mixed set is of one athlete and one day. */
    private function refuseStrayPart(LoggedSet $row): void
    {
        if (
            $row->part_of !== null
            && LoggedSet::query()->where('athlete_id', $row->athlete_id)
                ->where('trained_on', $row->trained_on)
                ->whereKey($row->part_of)
                ->doesntExist()
        ) {
            throw new Problem(ProblemCode::NotFound, 'The set that this one goes on from is not in the log of that day.');
        }
    }

    /** What was corrected or taken back meanwhile is not corrected once more. */
    private function refuseSecondCorrection(LoggedSet $row): void
    {
        if ($row->replaces_id !== null && LoggedSet::query()->where('replaces_id', $row->replaces_id)->whereKeyNot($row->id)->exists()) {
            throw new Problem(ProblemCode::IdTaken, 'This set was corrected or taken back meanwhile. Look at it again.');
        }
    }

    private function refuseWhilePaused(Athlete $athlete, LoggedSet $row): void
    {
        $pausedOn = $athlete->paused_at === null ? null : $this->days->of($athlete->paused_at);
        if ($pausedOn !== null && $row->trained_on > $pausedOn) {
            throw new Problem(
                ProblemCode::PullingPaused,
                "Pain was logged on $pausedOn. A licensed clinician looks at it first; then clear it with a note.",
            );
        }
    }
}
