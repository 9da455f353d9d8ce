<?php

declare(strict_types=1);

namespace App\Actions;

use App\Context\Gym\CurrentGym;
use App\Models\Record;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use SteadyRung\CoreError;

/**
 * Inserts a row under the client's UUID once: the same command again finds it, another one under the same UUID is refused.
 */
final readonly class InsertOnce
{
    public function __construct(private CurrentGym $gym)
    {
    }

    /**
     * @template T of Record
     *
     * @param  T  $row
     * @param  array<string, string>  $parents  what the command is done to
     * @param  \Closure(): void|null  $complete  fills what a row needs only when it is new, and may refuse it
     * @return Inserted<T>
     *
     * @throws Problem if the UUID holds other content, or whatever completing it throws
     */
    public function store(Record $row, object $command, array $parents = [], ?\Closure $complete = null): Inserted
    {
        $row->gym_id = $this->gym->id();
        $row->fingerprint = $row->tellsOfHealth() ? null : Fingerprint::of($row->getTable(), $parents, $command);
        try {
            if ($complete !== null) {
                $complete();
            }
        } catch (Problem|CoreError $refused) {
            return $this->known($row) ?? throw $refused; // what stands is not refused when it comes again
        }
        if ($row->usesTimestamps()) {
            $row->updateTimestamps();
        }
        if ($row->newQuery()->toBase()->insertOrIgnore($row->getAttributes()) === 1) {
            $row->exists = true;

            return new Inserted($row->syncOriginal(), true);
        }

        return $this->known($row) ?? throw self::taken();
    }

    /**
     * @template T of Record
     *
     * @param  T  $row
     * @return Inserted<T>|null
     */
    private function known(Record $row): ?Inserted
    {
        $stored = $row->newQuery()->find($row->id);
        if ($stored === null) {
            return null;
        }

        return $stored->isOfSameCommand($row) ? new Inserted($stored, false) : throw self::taken();
    }

    public static function taken(): Problem
    {
        return new Problem(ProblemCode::IdTaken, 'Under this id something else is stored. Nothing was changed. Load the page again.');
    }
}
