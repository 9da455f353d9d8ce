<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteNote;
use App\Models\Gym\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Writes a note on an athlete, or takes one away.
 */
final readonly class WriteNote
{
    public const MOST = 500;

    public function __construct(private InsertOnce $storeOnce, private ClockInterface $clock)
    {
    }

    /**
     * @return Inserted<AthleteNote>
     *
     * @throws Problem if the id holds another note, or there are too many
     */
    public function write(Athlete $athlete, User $author, NoteWritten $note): Inserted
    {
        return $this->storeOnce->store(new AthleteNote([
            'id' => $note->id,
            'athlete_id' => $athlete->id,
            'user_id' => $author->id,
            'text' => $note->text,
            'written_at' => $this->clock->now(),
        ]), $note, ['athlete' => $athlete->id], function () use ($athlete): void {
            if (AthleteNote::query()->where('athlete_id', $athlete->id)->count() >= self::MOST) {
                throw Problem::invalid('/text', sprintf('%d notes are written on them, and no more can be. Take one away first.', self::MOST));
            }
        });
    }

    public function takeAway(Athlete $athlete, string $noteId): void
    {
        AthleteNote::query()->where('athlete_id', $athlete->id)->findOrFail($noteId)->delete();
    }
}
