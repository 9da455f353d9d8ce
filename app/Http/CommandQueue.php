<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\Floor\ClassGiven;
use App\Actions\Floor\ComingTold;
use App\Actions\Floor\LineSwitched;
use App\Actions\Floor\OrderTold;
use App\Actions\Floor\SaveClass;
use App\Actions\Floor\SetComing;
use App\Actions\Floor\SwitchLine;
use App\Actions\Floor\TellOrder;
use App\Actions\Inserted;
use App\Actions\Kit\ChangeGear;
use App\Actions\Kit\GearTold;
use App\Actions\LockAthlete;
use App\Actions\Log\AccessoryDone;
use App\Actions\Log\LogAccessory;
use App\Actions\Log\LogSet;
use App\Actions\Log\ReportSignal;
use App\Actions\Log\SetDone;
use App\Actions\Log\SetTakenBack;
use App\Actions\Log\SignalTold;
use App\Actions\Log\WithdrawSet;
use App\Actions\Screening\PainTold;
use App\Actions\Screening\PainUndone;
use App\Actions\Screening\ReportPain;
use App\Actions\Screening\UndoPain;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use App\Http\Requests\Log\QueueInput;
use App\Http\Requests\Log\ReadQueued;
use App\Models\Athletes\Athlete;
use App\Models\Gym\Right;
use App\Models\Gym\User;
use App\Models\Log\LoggedSet;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Problems\ProblemJson;
use App\Responses\Log\QueuedOutcomeResponse;
use App\Responses\Log\QueueOutcomeResponse;
use App\Responses\Log\SetResponse;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Contracts\Debug\ExceptionHandler;
use SteadyRung\CoreError;

/**
 * Takes a device's queue of commands: the gym's as they come, each athlete's in their order, with an outcome for every one; what is
 * refused does not keep the others out.
 */
final readonly class CommandQueue
{
    public function __construct(
        private ReadQueued $commands,
        private LogSet $log,
        private WithdrawSet $withdraw,
        private LogAccessory $beside,
        private ReportSignal $signals,
        private ReportPain $pain,
        private UndoPain $undoPain,
        private SwitchLine $switches,
        private SetComing $coming,
        private ChangeGear $gear,
        private SaveClass $classes,
        private TellOrder $orders,
        private Gate $gate,
        private ExceptionHandler $faults,
    ) {
    }

    public function take(JsonObject $json, User $coach): QueueOutcomeResponse
    {
        $name = $json->has(QueueInput::FIRST_NAME) ? QueueInput::FIRST_NAME : 'commands';
        $items = $json->allowing($name)->objects($name, QueueInput::MOST);
        $outcomes = $byAthlete = [];
        foreach ($items as $i => $item) {
            try {
                $command = $this->commands->from($item);
                if ($command instanceof GearTold || $command instanceof ClassGiven || $command instanceof OrderTold) {
                    $this->ofGym($coach, $command);
                    $outcomes[$i] = new QueuedOutcomeResponse($command->id, null, null);
                } else {
                    $byAthlete[$item->uuid('athlete_id')][$i] = $command;
                }
            } catch (\Throwable $refused) {
                $outcomes[$i] = self::refused($item, $this->alone($refused));
            }
        }
        foreach ($byAthlete as $athleteId => $commands) {
            foreach ($this->ofAthlete((string) $athleteId, $coach, $commands) as $i => $outcome) {
                $outcomes[$i] = match (true) {
                    $outcome instanceof \Throwable => self::refused($items[$i], $outcome),
                    $outcome instanceof Inserted => new QueuedOutcomeResponse(
                        $outcome->record->id,
                        SetResponse::of($outcome->record),
                        null,
                    ),
                    default => new QueuedOutcomeResponse(self::idOf($items[$i]), null, null),
                };
            }
        }
        ksort($outcomes);

        return new QueueOutcomeResponse(array_values($outcomes));
    }

    private function ofGym(User $coach, GearTold|ClassGiven|OrderTold $command): void
    {
        if ($command instanceof GearTold) {
            $this->gear->outToday($command);
        } elseif ($command instanceof OrderTold) {
            $this->orders->tell($coach, $command);
        } else {
            $this->gate->forUser($coach)->authorize(Right::Coach);
            $this->classes->make($coach, $command);
        }
    }

    /**
     * Sets that follow upon one another are logged together.
     *
     * @param  array<int, SetDone|SetTakenBack|AccessoryDone|SignalTold|PainTold|PainUndone|LineSwitched|ComingTold>  $commands
     * @return array<int, Inserted<LoggedSet>|\Throwable|null>
     */
    private function ofAthlete(string $athleteId, User $coach, array $commands): array
    {
        $outcomes = $run = [];
        foreach ($commands as $i => $command) {
            if ($command instanceof SetDone) {
                $run[$i] = $command;
            } else {
                $outcomes += $this->sets($athleteId, $coach, $run) + [$i => $this->other($athleteId, $coach, $command)];
                $run = [];
            }
        }

        return $outcomes + $this->sets($athleteId, $coach, $run);
    }

    /**
     * @param  array<int, SetDone>  $sets
     * @return array<int, Inserted<LoggedSet>|\Throwable>
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
     * What one command failed of keeps no other out, unless nothing at all can be done just now.
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

    private function other(
        string $athleteId,
        User $coach,
        SetTakenBack|AccessoryDone|SignalTold|PainTold|PainUndone|LineSwitched|ComingTold $command,
    ): ?\Throwable {
        try {
            $athlete = Athlete::query()->find($athleteId) ?? throw LockAthlete::unknown();
            match (true) {
                $command instanceof SetTakenBack => $this->beside->takeBack($athlete, $command->set_id)
                    || $this->withdraw->withdraw($athlete, $command->set_id, $coach, $command->id),
                $command instanceof AccessoryDone => $this->beside->log($athlete, $coach, $command),
                $command instanceof SignalTold => $this->signals->tell($athlete, $coach, $command),
                $command instanceof PainTold => $this->pain->tell($athlete, $coach, $command),
                $command instanceof PainUndone => $this->undoPain->undo($athlete, $coach, $command),
                $command instanceof LineSwitched => $this->switches->tell($athleteId, $coach, $command),
                $command instanceof ComingTold => $this->coming->tell($athleteId, $coach, $command),
            };

            return null;
        } catch (\Throwable $refused) {
            return $this->alone($refused);
        }
    }

    private static function refused(JsonObject $item, \Throwable $why): QueuedOutcomeResponse
    {
        $problem = ProblemRenderer::problem($why instanceof CoreError ? Unreadable::fromCore($why, '') : $why);

        return new QueuedOutcomeResponse(self::idOf($item), null, ProblemJson::of($problem));
    }

    /** Of whatever it says, as far as it can be read. */
    private static function idOf(JsonObject $item): string
    {
        try {
            foreach (ReadQueued::kinds() as $kind) {
                if ($item->has($kind)) {
                    return $item->object($kind)->text('id', 64);
                }
            }
        } catch (Unreadable) {
        }

        return '';
    }
}
