<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\Deeds\SetDone;
use App\Actions\LogSet;
use App\Actions\Stored;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use App\Http\Requests\QueuedSetsInput;
use App\Http\Requests\ReadSet;
use App\Models\Athlete;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Problems\ProblemJson;
use App\Reading\QueueOutcomeJson;
use App\Reading\SetOutcomeJson;
use App\Reading\SetReading;
use Psr\Clock\ClockInterface;
use SteadyRung\CoreError;

/**
 * Takes a device's queue of sets: each athlete's in their order, with an outcome for every one.
 */
final readonly class LogQueue
{
    public function __construct(private LogSet $log, private SetReading $reading, private ClockInterface $clock)
    {
    }

    public function log(JsonObject $json, User $coach): QueueOutcomeJson
    {
        $items = $json->allowing('sets')->objects('sets', QueuedSetsInput::MOST);
        $outcomes = $byAthlete = [];
        foreach ($items as $i => $item) {
            try {
                $byAthlete[$item->uuid('athlete_id')][$i] = ReadSet::from($item, $this->clock->now(), 'athlete_id');
            } catch (Unreadable $unreadable) {
                $outcomes[$i] = self::refused($item, $unreadable);
            }
        }
        foreach ($byAthlete as $athleteId => $sets) {
            foreach ($this->ofAthlete((string) $athleteId, $coach, $sets) as $i => $outcome) {
                $outcomes[$i] = $outcome instanceof Stored ? new SetOutcomeJson($outcome->record->id, $this->reading->one($outcome->record), null) : self::refused($items[$i], $outcome);
            }
        }
        ksort($outcomes);

        return new QueueOutcomeJson(array_values($outcomes));
    }

    /**
     * @param  non-empty-array<int, SetDone>  $sets
     * @return array<int, Stored<\App\Models\LoggedSet>|\Throwable>
     */
    private function ofAthlete(string $athleteId, User $coach, array $sets): array
    {
        $athlete = Athlete::query()->find($athleteId);

        return $athlete === null
            ? array_fill_keys(array_keys($sets), new Problem(ProblemCode::NotFound, 'This athlete is not in your gym.'))
            : array_combine(array_keys($sets), $this->log->logAll($athlete->id, $coach, array_values($sets)));
    }

    private static function refused(JsonObject $item, \Throwable $why): SetOutcomeJson
    {
        $problem = ProblemRenderer::problem($why instanceof CoreError ? Unreadable::fromCore($why, '') : $why);

        return new SetOutcomeJson($item->has('id') ? $item->text('id', 64) : '', null, ProblemJson::of($problem));
    }
}
