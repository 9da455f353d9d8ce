<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CurrentGym;
use App\Models\Record;
use App\Problems\Problem;
use App\Problems\ProblemCode;

/**
 * Inserts a row under the client's UUID once: the same deed again finds it, another one under the same UUID is refused.
 */
final readonly class StoreOnce
{
    public function __construct(private CurrentGym $gym)
    {
    }

    /**
     * @template T of Record
     *
     * @param  T  $row
     * @param  array<string, string>  $parents  what the deed is done to
     * @return Stored<T>
     *
     * @throws Problem if the UUID holds other content
     */
    public function store(Record $row, object $deed, array $parents = []): Stored
    {
        $row->gym_id = $this->gym->id();
        $row->fingerprint = Fingerprint::of($row->getTable(), $parents, $deed);
        if ($row->usesTimestamps()) {
            $row->updateTimestamps();
        }
        $isNew = $row->newQuery()->toBase()->insertOrIgnore($row->getAttributes()) === 1;
        $stored = $row->newQuery()->find($row->id);
        if ($stored === null || ! $stored->isOfSameDeed($row)) {
            throw new Problem(ProblemCode::IdTaken, 'Under this id something else is stored. Nothing was changed. Load the page again.');
        }

        return new Stored($stored, $isNew);
    }
}
