<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Context\Athletes\LoadAthleteContext;
use App\Formats\Day;
use App\Formats\Stored\StoredLineChange;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Sessions\LineChangeRecord;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;
use SteadyRung\Plan\Context\AskedLine;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\LineChange;
use SteadyRung\Plan\Session\SessionWriter;

/**
 * Changes a line of an athlete's written session by hand, and puts it back.
 */
final readonly class ChangeSession
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private LoadAthleteContext $contexts,
        private ClockInterface $clock,
    ) {
    }

    /** What is known with a change that is not made yet. */
    public function tried(Athlete $athlete, LineGiven $line): AthleteContext
    {
        $context = $this->contexts->of($athlete);
        self::check($context, $line);

        return $context->with($context->hand->and($line->toCore(LineChange::from($context->diary, $context->today))));
    }

    /**
     * What was changed of the line for as long is put back.
     *
     * @return Inserted<LineChangeRecord>
     *
     * @throws Problem if the main work is changed for good, or the id holds another change
     */
    public function change(Athlete $athlete, User $coach, LineGiven $line): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $line): Inserted {
            $context = $this->contexts->of($athlete);

            return $this->storeOnce->store($this->record(
                $athlete,
                $coach,
                $line,
                LineChange::from($context->diary, $context->today),
            ), $line, ['athlete' => $athlete->id], function () use ($athlete, $context, $line): void {
                self::check($context, $line);
                LineChangeRecord::standing($athlete)->where('line', $line->line)->where('lasts', $line->lasts)->update([
                    'put_back_at' => $this->clock->now(),
                ]);
            });
        });
    }

    /** All that was changed of a line: it is as the method has it again. */
    public function putBack(Athlete $athlete, string $line): void
    {
        $this->athletes->during($athlete->id, function (Athlete $athlete) use ($line): void {
            LineChangeRecord::standing($athlete)->where('line', $line)->update(['put_back_at' => $this->clock->now()]);
        });
    }

    private function record(Athlete $athlete, User $coach, LineGiven $line, int $from): LineChangeRecord
    {
        return new LineChangeRecord([
            'id' => $line->id, 'athlete_id' => $athlete->id, 'user_id' => $coach->id, 'method_key' => $athlete->method_key, 'stage_key' => $athlete->stage_key, 'line' => $line->line, 'lasts' => $line->lasts,
            'change' => StoredLineChange::write($line->toCore(0)), 'from_on' => Day::date($from), 'made_at' => $this->clock->now(),
        ]);
    }

    /** @throws Problem if it is the main work, which changes for good with the set-up in use or the method */
    private static function check(AthleteContext $context, LineGiven $line): void
    {
        if ($line->lasts && ($line->exercise ?? $line->accessory) !== null && $line->line === $context->place->stage->work()->key()) {
            throw Problem::invalid(
                '/lasts',
                'The main work changes from now on with the set-up in use, or with the stage. For the next session it can be changed here.',
            );
        }
        if (
            $line->accessory === null
            && ! in_array($line->line, array_map(static fn (AskedLine $l): string => $l->key(), SessionWriter::asked($context)), true)
        ) {
            throw Problem::invalid('/line', 'This stage has no such line.');
        }
    }
}
