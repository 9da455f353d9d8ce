<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\SetInput;
use App\Models\Athlete;
use App\Models\GymDay;
use App\Models\GymKit;
use App\Models\LoggedSet;
use App\Models\User;
use App\Models\Weighing;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;

/**
 * Takes a set into the log, or a correction of one, and what follows from it: capacity, pause, call.
 */
final readonly class LogSet
{
    public function __construct(
        private ConnectionInterface $db,
        private GymDay $days,
        private GymKit $kit,
        private StoreOnce $storeOnce,
        private RefreshAthlete $refresh,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Stored<LoggedSet>
     *
     * @throws Problem if pulling is paused, the set-up does not fit, or the id holds another set
     */
    public function log(Athlete $athlete, User $coach, SetInput $input): Stored
    {
        return $this->db->transaction(function () use ($athlete, $coach, $input): Stored {
            $athlete = Athlete::query()->lockForUpdate()->findOrFail($athlete->id);
            $replaced = $input->replaces_id === null ? null : LoggedSet::query()->where('athlete_id', $athlete->id)->findOrFail($input->replaces_id);
            $row = $this->row($athlete, $coach, $input, $replaced);
            $before = LoggedSet::query()->find($input->id);
            if ($before === null) {
                $this->refuseWhilePaused($athlete, $row);
                $this->fillLoad($row, $athlete, $input->choice);
            }
            $stored = $this->storeOnce->store($row, $input);
            if ($stored->isNew) {
                $this->refresh->from($athlete, min($row->trained_on, $replaced->trained_on ?? $row->trained_on));
            }

            return $stored;
        });
    }

    private function row(Athlete $athlete, User $coach, SetInput $input, ?LoggedSet $replaced): LoggedSet
    {
        $day = $this->days->of($input->performed_at);
        $samePain = $replaced !== null && $replaced->pain == $input->pain;

        return new LoggedSet([
            'id' => $input->id,
            'athlete_id' => $athlete->id,
            'user_id' => $coach->id,
            'replaces_id' => $replaced?->id,
            'withdrawn' => false,
            'purpose' => $input->purpose,
            'performed_at' => CarbonImmutable::instance($input->performed_at),
            'trained_on' => $day,
            'mass_kg' => Weighing::massOn($athlete->id, $day) ?? $athlete->mass_kg,
            'clean_reps' => $input->clean_reps,
            'no_counts' => $input->clean_reps === null ? null : (object) $input->no_counts,
            'reserve' => $input->reserve,
            'hang_s' => $input->hang_s,
            'pain' => $input->pain,
            'note' => $input->note,
            'logged_at' => $samePain ? $replaced->logged_at : $this->clock->now(),
        ]);
    }

    private function refuseWhilePaused(Athlete $athlete, LoggedSet $row): void
    {
        $pausedOn = $athlete->paused_at === null ? null : $this->days->of($athlete->paused_at);
        if ($pausedOn !== null && $row->trained_on > $pausedOn) {
            throw new Problem(ProblemCode::PullingPaused, "Pain was logged on $pausedOn. A licensed clinician looks at it first; then clear it with a note.");
        }
    }

    private function fillLoad(LoggedSet $row, Athlete $athlete, ?Choice $choice): void
    {
        if ($choice === null) {
            return;
        }
        $rung = (new RungSearch($this->kit->inUse()))->rung($choice, $athlete->bodyAt($row->mass_kg));
        if (! $rung instanceof Rung) {
            throw new Problem(ProblemCode::DoesNotFit, $rung->reason);
        }
        $row->fill([
            'choice' => $choice,
            'setup_name' => $rung->name,
            'pattern' => $rung->lane()->pattern(),
            'carried_kg' => $rung->load::kg($rung->load->meanN),
            'carried_share' => $rung->share(),
            'ascent_share' => $rung->load->ascentShare(),
            'share_sd' => $rung->load->shareSd,
        ]);
    }
}
