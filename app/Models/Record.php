<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * What all rows that belong to a gym share: a UUID key the client may have made, and microsecond times.
 *
 * @property string $id
 * @property string $gym_id
 * @property string|null $fingerprint of the command that stored it; none for rows of the first program, nor where it would give away health
 */
abstract class Record extends Model
{
    use BelongsToGym;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [];

    /**
     * The columns a command fills as it was told; by them a row without a fingerprint is known again.
     *
     * @var list<string>
     */
    protected array $told = [];

    /**
     * The rows that no later row of an append-only table names as the one it stands for.
     *
     * @return Builder<static>
     */
    protected static function notReplaced(): Builder
    {
        $query = static::query();
        $table = $query->getModel()->getTable();

        return $query->whereNotExists(static fn ($later) => $later->selectRaw('1')
            ->from("$table as later")
            ->whereColumn('later.gym_id', "$table.gym_id")
            ->whereColumn('later.replaces_id', "$table.id"));
    }

    /** Whether it says something that nobody may guess at by trying what gives its fingerprint. */
    public function tellsOfHealth(): bool
    {
        return false;
    }

    /** Whether the same command would store both rows. */
    public function isOfSameCommand(self $other): bool
    {
        return $this->fingerprint === null
            ? $other instanceof static && $this->told() == $other->told()
            : $this->fingerprint === $other->fingerprint;
    }

    /** @return array<mixed> */
    protected function told(): array
    {
        $told = [];
        foreach ($this->told as $column) {
            $value = $this->{$column};
            $told[$column] = $value === [] || $value instanceof \stdClass && (array) $value === [] ? null : $value;
        }

        return $told;
    }
}
