<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CurrentGym;
use App\Models\Record;
use App\Problems\Problem;
use App\Problems\ProblemCode;

/**
 * Inserts a row under the client's UUID once: the same request again finds it, another one under the same UUID is refused.
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
     * @return Stored<T>
     *
     * @throws Problem if the UUID holds other content
     */
    public function store(Record $row, object $request): Stored
    {
        $row->gym_id = $this->gym->id();
        $row->request_hash = self::hash($request);
        if ($row->usesTimestamps()) {
            $row->updateTimestamps();
        }
        $isNew = $row->newQuery()->toBase()->insertOrIgnore($row->getAttributes()) === 1;
        $stored = $row->newQuery()->find($row->id);
        if ($stored === null || $stored->request_hash !== $row->request_hash) {
            throw new Problem(ProblemCode::IdTaken, 'Under this id something else is stored. Nothing was changed. Load the page again.');
        }

        return new Stored($stored, $isNew);
    }

    public static function hash(object $request): string
    {
        return hash('sha256', json_encode($request, JSON_THROW_ON_ERROR));
    }
}
