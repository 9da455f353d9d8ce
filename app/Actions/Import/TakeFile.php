<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Context\Gym\CurrentGym;
use App\Formats\Import\ImportField;
use App\Formats\Import\ImportKind;
use App\Formats\Table\BadTable;
use App\Formats\Table\DateForm;
use App\Formats\Table\PlainText;
use App\Formats\Table\Record;
use App\Formats\Table\Records;
use App\Formats\Units\Units;
use App\Models\Gym\User;
use App\Models\Import\Import;
use App\Models\Import\ImportLine;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Takes a file whose lines are to be brought in, and guesses what its columns tell. Nothing of the gym is changed by it.
 */
final readonly class TakeFile
{
    public const MOST_LINES = 60_000;

    private const AT_ONCE = 1000;

    private const SAMPLED = 50;

    private const FORGOTTEN_DAYS = 7;

    public function __construct(
        private ConnectionInterface $db,
        private InsertOnce $storeOnce,
        private CurrentGym $gym,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<Import>
     *
     * @throws Problem if it is no table, has no line or too many, or the id holds another file
     */
    public function take(string $id, ImportKind $kind, string $name, string $bytes, User $coach): Inserted
    {
        try {
            $records = [...Records::of(PlainText::of($bytes))];
        } catch (BadTable $bad) {
            throw self::bad($bad->getMessage());
        }
        $head = array_shift($records);
        match (true) {
            $head === null, $records === [] => throw self::bad('There is no line under the titles of the columns.'),
            $head->fault !== null => throw self::bad("Line $head->line: $head->fault The first line names the columns."),
            count($records) > self::MOST_LINES => throw self::bad(
                sprintf('A file may have %d lines at the most; bring it in in parts.', self::MOST_LINES),
            ),
            default => null,
        };

        return $this->db->transaction(function () use ($id, $kind, $name, $bytes, $coach, $head, $records): Inserted {
            $this->forgetOld();
            $stored = $this->storeOnce->store(new Import([
                'id' => $id,
                'user_id' => $coach->id,
                'kind' => $kind,
                'name' => $name,
                'titles' => $head->cells,
                'lines' => count($records),
                'mapping' => self::guess($kind, $head->cells, $records, $this->gym->units()),
                'made_at' => $this->clock->now(),
            ]), (object) ['kind' => $kind->value, 'file' => hash('sha256', $bytes)]);
            if ($stored->isNew) {
                foreach (array_chunk($records, self::AT_ONCE) as $some) {
                    ImportLine::query()->insert(array_map(static fn (Record $r): array => [
                        'gym_id' => $stored->record->gym_id,
                        'import_id' => $id,
                        'line' => $r->line,
                        'cells' => json_encode($r->cells, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                        'fault' => $r->fault ?? self::tooManyCells($r, count($head->cells)),
                    ], $some));
                }
            }

            return $stored;
        });
    }

    private static function bad(string $why): Problem
    {
        return new Problem(ProblemCode::BadTable, $why);
    }

    private static function tooManyCells(Record $record, int $columns): ?string
    {
        return implode('', array_slice($record->cells, $columns)) !== ''
            ? sprintf('There are %d cells and %d columns.', count($record->cells), $columns)
            : null;
    }

    private function forgetOld(): void
    {
        $before = $this->clock->now()->modify(sprintf('-%d days', self::FORGOTTEN_DAYS));
        ImportLine::query()->whereIn('import_id', Import::query()->where('made_at', '<', $before)->select('id'))->delete();
    }

    /**
     * @param  list<string>  $titles
     * @param  array<Record>  $records
     * @return array{columns: list<array{field: string|null, unit: string|null}>, dates: string}
     */
    private static function guess(ImportKind $kind, array $titles, array $records, Units $usual): array
    {
        $left = $kind->fields();
        $columns = $dates = [];
        foreach ($titles as $i => $title) {
            $found = array_values(array_filter($left, static fn (ImportField $f): bool => $f->isCalled($title)))[0] ?? null;
            $left = array_filter($left, static fn (ImportField $f): bool => $f !== $found);
            $columns[] = ['field' => $found?->value, 'unit' => $found?->unitIn($title, $usual)];
            if ($found === ImportField::Date) {
                $some = array_slice($records, 0, self::SAMPLED);
                $dates = array_values(array_map(static fn (Record $r): string => $r->cells[$i] ?? '', $some));
            }
        }

        return ['columns' => $columns, 'dates' => DateForm::guessed($dates)->value];
    }
}
