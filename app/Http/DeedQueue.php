<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\ChangeGear;
use App\Actions\Deeds\BesideSet;
use App\Actions\Deeds\ClassGiven;
use App\Actions\Deeds\ComingTold;
use App\Actions\Deeds\GearTold;
use App\Actions\Deeds\LineSwitched;
use App\Actions\Deeds\PainTold;
use App\Actions\Deeds\PainUndone;
use App\Actions\Deeds\SetDone;
use App\Actions\Deeds\SetTakenBack;
use App\Actions\Deeds\SignalTold;
use App\Actions\HoldAthlete;
use App\Actions\KeepClass;
use App\Actions\LogBeside;
use App\Actions\LogSet;
use App\Actions\NoteComing;
use App\Actions\Stored;
use App\Actions\SwitchLine;
use App\Actions\TellPain;
use App\Actions\TellSignal;
use App\Actions\UndoPain;
use App\Actions\WithdrawSet;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use App\Http\Requests\QueuedDeedsInput;
use App\Http\Requests\ReadDeed;
use App\Models\Athlete;
use App\Models\LoggedSet;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Problems\ProblemJson;
use App\Reading\DeedOutcomeJson;
use App\Reading\QueueOutcomeJson;
use App\Reading\SetJson;
use Illuminate\Contracts\Debug\ExceptionHandler;
use SteadyRung\CoreError;

/**
 * Takes a device's queue of deeds: the gym's as they come, each athlete's in their order, with an outcome for every one; what is
 * refused does not keep the others out.
 */
final readonly class DeedQueue
{
    public function __construct(
        private ReadDeed $deeds,
        private LogSet $log,
        private WithdrawSet $withdraw,
        private LogBeside $beside,
        private TellSignal $signals,
        private TellPain $pain,
        private UndoPain $undoPain,
        private SwitchLine $switches,
        private NoteComing $coming,
        private ChangeGear $gear,
        private KeepClass $classes,
        private ExceptionHandler $faults,
    ) {
    }

    public function take(JsonObject $json, User $coach): QueueOutcomeJson
    {
        $items = $json->allowing('deeds')->objects('deeds', QueuedDeedsInput::MOST);
        $outcomes = $byAthlete = [];
        foreach ($items as $i => $item) {
            try {
                $deed = $this->deeds->from($item);
                if ($deed instanceof GearTold || $deed instanceof ClassGiven) {
                    $this->ofGym($coach, $deed);
                    $outcomes[$i] = new DeedOutcomeJson($deed->id, null, null);
                } else {
                    $byAthlete[$item->uuid('athlete_id')][$i] = $deed;
                }
            } catch (\Throwable $refused) {
                $outcomes[$i] = self::refused($item, $this->alone($refused));
            }
        }
        foreach ($byAthlete as $athleteId => $deeds) {
            foreach ($this->ofAthlete((string) $athleteId, $coach, $deeds) as $i => $outcome) {
                $outcomes[$i] = match (true) {
                    $outcome instanceof \Throwable => self::refused($items[$i], $outcome),
                    $outcome instanceof Stored => new DeedOutcomeJson($outcome->record->id, SetJson::of($outcome->record), null),
                    default => new DeedOutcomeJson(self::idOf($items[$i]), null, null),
                };
            }
        }
        ksort($outcomes);

        return new QueueOutcomeJson(array_values($outcomes));
    }

    private function ofGym(User $coach, GearTold|ClassGiven $deed): void
    {
        $deed instanceof GearTold ? $this->gear->outToday($deed) : $this->classes->make($coach, $deed);
    }

    /**
     * Sets that follow upon one another are logged together.
     *
     * @param  array<int, SetDone|SetTakenBack|BesideSet|SignalTold|PainTold|PainUndone|LineSwitched|ComingTold>  $deeds
     * @return array<int, Stored<LoggedSet>|\Throwable|null>
     */
    private function ofAthlete(string $athleteId, User $coach, array $deeds): array
    {
        $outcomes = $run = [];
        foreach ($deeds as $i => $deed) {
            if ($deed instanceof SetDone) {
                $run[$i] = $deed;
            } else {
                $outcomes += $this->sets($athleteId, $coach, $run) + [$i => $this->other($athleteId, $coach, $deed)];
                $run = [];
            }
        }

        return $outcomes + $this->sets($athleteId, $coach, $run);
    }

    /**
     * @param  array<int, SetDone>  $sets
     * @return array<int, Stored<LoggedSet>|\Throwable>
     */
    private function sets(string $athleteId, User $coach, array $sets): array
    {
        if ($sets === []) {
            return [];
        }
        try {
            return array_combine(array_keys($sets), $this->log->logAll($athleteId, $coach, array_values($sets)));
        } catch (Problem $unknown) {
            return array_fill_keys(array_keys($sets), $unknown);
        } catch (\Throwable $fault) {
            $refused = $this->alone($fault);
            if (count($sets) === 1) {
                return array_fill_keys(array_keys($sets), $refused);
            }
            $outcomes = [];
            foreach ($sets as $i => $set) {
                $outcomes += $this->sets($athleteId, $coach, [$i => $set]);
            }

            return $outcomes;
        }
    }

    /**
     * What one deed failed of keeps no other out, unless nothing at all can be done just now.
     *
     * @throws \Throwable if the database is away or busy: the whole queue comes again
     */
    private function alone(\Throwable $failed): \Throwable
    {
        $problem = $failed instanceof CoreError ? null : ProblemRenderer::problem($failed)->problem;
        if ($problem === ProblemCode::Away || $problem === ProblemCode::Busy) {
            throw $failed;
        }
        if ($problem === ProblemCode::Fault) {
            $this->faults->report($failed);
        }

        return $failed;
    }

    private function other(string $athleteId, User $coach, SetTakenBack|BesideSet|SignalTold|PainTold|PainUndone|LineSwitched|ComingTold $deed): ?\Throwable
    {
        try {
            $athlete = Athlete::query()->find($athleteId) ?? throw HoldAthlete::unknown();
            match (true) {
                $deed instanceof SetTakenBack => $this->beside->takeBack($athlete, $deed->set_id) || $this->withdraw->withdraw($athlete, $deed->set_id, $coach, $deed->id),
                $deed instanceof BesideSet => $this->beside->log($athlete, $coach, $deed),
                $deed instanceof SignalTold => $this->signals->tell($athlete, $coach, $deed),
                $deed instanceof PainTold => $this->pain->tell($athlete, $coach, $deed),
                $deed instanceof PainUndone => $this->undoPain->undo($athlete, $coach, $deed),
                $deed instanceof LineSwitched => $this->switches->tell($athleteId, $coach, $deed),
                $deed instanceof ComingTold => $this->coming->tell($athleteId, $coach, $deed),
            };

            return null;
        } catch (\Throwable $refused) {
            return $this->alone($refused);
        }
    }

    private static function refused(JsonObject $item, \Throwable $why): DeedOutcomeJson
    {
        $problem = ProblemRenderer::problem($why instanceof CoreError ? Unreadable::fromCore($why, '') : $why);

        return new DeedOutcomeJson(self::idOf($item), null, ProblemJson::of($problem));
    }

    /** Of whatever it says, as far as it can be read. */
    private static function idOf(JsonObject $item): string
    {
        try {
            foreach (ReadDeed::KINDS as $kind) {
                if ($item->has($kind)) {
                    return $item->object($kind)->text('id', 64);
                }
            }
        } catch (Unreadable) {
        }

        return '';
    }
}
