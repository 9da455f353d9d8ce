<?php

declare(strict_types=1);

namespace App\Actions\Export;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\ExportColumns;
use App\Formats\Export\ExportLine;
use App\Formats\Export\ExportTable;
use App\Formats\Stored\SealedColumn;
use App\Models\Athletes\Athlete;
use App\Models\Casts\Sealed;
use App\Models\Gym\Gym;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;
use Illuminate\Support\Str;

/**
 * Brings the export of a gym into one that holds nothing yet, whole or not at all. Who signs in here stays; a coach of the export with the
 * same address is taken for them, the others are known by name and cannot sign in until they are given a password.
 */
final class BringIn
{
    private const AT_ONCE = 500;

    private const LONGEST_LINE = 1_048_576;

    /** @var array<string, list<string>> */
    private array $columns = [];

    /** @var array<string, string> coaches here by their id in the export */
    private array $coaches = [];

    /** @var list<\stdClass> */
    private array $waiting = [];

    /** @var array{ExportTable, list<string>}|null the table and the columns of what waits */
    private ?array $batch = null;

    public function __construct(
        private readonly ConnectionInterface $db,
        private readonly CurrentGym $gym,
    ) {
    }

    /**
     * @param  iterable<string>  $lines
     * @return int rows stored
     *
     * @throws BadExport if anything of it cannot be stored; then nothing is
     */
    public function into(iterable $lines): int
    {
        return $this->db->transaction(function () use ($lines): int {
            $gym = Gym::query()->lockForUpdate()->findOrFail($this->gym->id());
            [$this->waiting, $this->batch, $this->coaches] = [[], null, []];
            if (Athlete::query()->exists()) {
                throw BadExport::at(0, 'There are athletes in this gym already. An export comes into an empty one.');
            }
            [$of, $rows, $number, $ended] = [null, 0, 0, false];
            foreach ($lines as $line) {
                $number++;
                $read = self::read($number, $line, $ended);
                if ($of === null) {
                    $of = self::header($number, $read);
                } elseif (isset($read->rows)) {
                    $ended = true;
                    $read->rows === $rows
                        || throw BadExport::at($number, sprintf('It tells of %s rows, and %d came.', self::shown($read->rows), $rows));
                } else {
                    $this->take($number, $read);
                    $rows++;
                }
            }
            $of !== null && $ended || throw BadExport::at($number, 'It ends before its last line: the file is not whole.');
            $this->store($number);
            $this->settle($gym, $of);

            return $rows;
        });
    }

    private static function read(int $number, string $line, bool $ended): \stdClass
    {
        ! $ended || throw BadExport::at($number, 'There is more after the last line.');
        strlen($line) <= self::LONGEST_LINE || throw BadExport::at($number, 'The line is longer than a megabyte.');
        $read = mb_check_encoding($line, 'UTF-8') ? json_decode($line, false, 64) : null;

        return $read instanceof \stdClass ? $read : throw BadExport::at($number, 'This is not a JSON object in UTF-8.');
    }

    /** What it says of the gym itself. */
    private static function header(int $number, \stdClass $header): \stdClass
    {
        $version = $header->version ?? null;
        ($header->format ?? null) === ExportLine::FORMAT || throw BadExport::at($number, 'This is not an export of Steady Rung.');
        $version === ExportLine::VERSION || throw BadExport::at($number, sprintf(
            'It is of version %s of the format; this program reads %d.',
            self::shown($version),
            ExportLine::VERSION,
        ));
        ($header->athlete ?? null) === null || throw BadExport::at($number, 'It is of one athlete, not of a gym.');
        $of = $header->gym ?? null;

        return $of instanceof \stdClass ? $of : throw BadExport::at($number, 'It does not say of which gym it is.');
    }

    /** The gym’s own row comes last, for it names coaches. */
    private function settle(Gym $gym, \stdClass $of): void
    {
        $columns = array_intersect(ExportLine::OF_GYM, array_keys((array) $of));
        if ($columns !== []) {
            $to = implode(', ', array_map(static fn (string $column): string => "$column = coalesce(g.$column, gyms.$column)", $columns));
            $this->ask(1, "UPDATE gyms SET $to FROM json_populate_record(null::gyms, ?) g WHERE gyms.id = ?", [
                ExportLine::json($this->withCoaches($of)),
                $gym->id,
            ]);
        }
    }

    private function take(int $number, \stdClass $read): void
    {
        $table = is_string($read->table ?? null) ? ExportTable::tryFrom($read->table) : null;
        $row = $read->row ?? null;
        $table !== null && $row instanceof \stdClass
            || throw BadExport::at($number, 'It names no table that is known, or has no row.');
        $columns = array_keys((array) $row);
        $strange = array_diff($columns, $this->columns[$table->value] ??= ExportColumns::of($table));
        $strange === [] || throw BadExport::at($number, sprintf('%s has no “%s”.', $table->value, implode('”, “', $strange)));
        if ($table === ExportTable::Users) {
            $this->know($number, $row);

            return;
        }
        if ([$table, $columns] !== $this->batch || count($this->waiting) === self::AT_ONCE) {
            $this->store($number - 1);
            $this->batch = [$table, $columns];
        }
        $this->waiting[] = $this->withCoaches($this->sealed($number, $table, $row));
    }

    private function sealed(int $number, ExportTable $table, \stdClass $row): \stdClass
    {
        foreach ($table->sealed() as $column) {
            $name = $column->column();
            $plain = $row->{$name} ?? null;
            $column !== SealedColumn::ScreenAnswers || $plain instanceof \stdClass
                || throw BadExport::at($number, "$table->value has no $name here.");
            $json = ExportLine::json($plain);
            if ($column->seals(json_decode($json, true))) {
                $row->{$name} = Sealed::seal($json);
            }
        }

        return $row;
    }

    private function withCoaches(\stdClass $row): \stdClass
    {
        foreach ((array) $row as $column => $value) {
            $row->{$column} = is_string($value) ? $this->coaches[$value] ?? $value : $value;
        }

        return $row;
    }

    private function know(int $number, \stdClass $coach): void
    {
        [$id, $name, $email] = [$coach->id ?? null, $coach->name ?? null, $coach->email ?? null];
        is_string($id) && is_string($name) && is_string($email)
            || throw BadExport::at($number, 'A coach has an id, a name and an address.');
        $here = User::query()->where('gym_id', $this->gym->id())->where('email', $email)->first();
        $this->coaches[$id] = $here->id ?? (string) Str::uuid7();
        if ($here === null) {
            $this->ask($number, 'INSERT INTO users (id, gym_id, name, email, password, role, left_at) VALUES (?, ?, ?, ?, ?, ?, ?)', [
                $this->coaches[$id], $this->gym->id(), $name, $email, User::NO_PASSWORD,
                (Role::tryFrom(is_string($coach->role ?? null) ? $coach->role : '') ?? Role::Coach)->value, $coach->left_at ?? null,
            ]);
        }
    }

    private function store(int $number): void
    {
        if ($this->waiting !== [] && $this->batch !== null) {
            [$table, $columns] = $this->batch;
            $columns = implode(', ', $columns);
            $this->ask(
                $number,
                "INSERT INTO {$table->value} (gym_id, $columns) SELECT ?, $columns FROM json_populate_recordset(null::{$table->value}, ?)",
                [$this->gym->id(), ExportLine::json($this->waiting)],
            );
            $this->waiting = [];
        }
    }

    /** @param  list<string>  $bindings */
    private function ask(int $number, string $sql, array $bindings): void
    {
        try {
            $this->db->statement($sql, $bindings);
        } catch (QueryException $refused) {
            $why = strtok($refused->getPrevious()?->getMessage() ?? '', "\n");
            throw BadExport::at($number, "The database takes none of the lines up to here: $why");
        }
    }

    private static function shown(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : 'unknown';
    }
}
