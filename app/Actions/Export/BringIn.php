<?php

declare(strict_types=1);

namespace App\Actions\Export;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\ExportColumns;
use App\Formats\Export\ExportLine;
use App\Formats\Export\ExportTable;
use App\Models\Athletes\Athlete;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use Illuminate\Contracts\Encryption\Encrypter;
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

    private ?ExportTable $table = null;

    public function __construct(
        private readonly ConnectionInterface $db,
        private readonly CurrentGym $gym,
        private readonly Encrypter $encrypter,
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
            [$this->waiting, $this->table, $this->coaches] = [[], null, []];
            if (Athlete::query()->exists()) {
                throw BadExport::at(0, 'There are athletes in this gym already. An export comes into an empty one.');
            }
            $rows = 0;
            $ended = $begun = false;
            $number = 0;
            foreach ($lines as $line) {
                $number++;
                $read = $this->read($number, $line, $ended);
                if (! $begun) {
                    $this->begin($gym, $number, $read);
                    $begun = true;
                } elseif (isset($read->rows)) {
                    $ended = true;
                    $read->rows === $rows || throw BadExport::at($number, sprintf('It tells of %s rows, and %d came.', self::shown($read->rows), $rows));
                } else {
                    $this->take($number, $read);
                    $rows++;
                }
            }
            $ended || throw BadExport::at($number, 'It ends before its last line: the file is not whole.');
            $this->store($number);

            return $rows;
        });
    }

    private function read(int $number, string $line, bool $ended): \stdClass
    {
        ! $ended || throw BadExport::at($number, 'There is more after the last line.');
        strlen($line) <= self::LONGEST_LINE || throw BadExport::at($number, 'The line is longer than a megabyte.');
        $read = mb_check_encoding($line, 'UTF-8') ? json_decode($line, false, 64) : null;

        return $read instanceof \stdClass ? $read : throw BadExport::at($number, 'This is not a JSON object in UTF-8.');
    }

    private function begin(Gym $gym, int $number, \stdClass $header): void
    {
        ($header->format ?? null) === ExportLine::FORMAT || throw BadExport::at($number, 'This is not an export of Steady Rung.');
        ($header->version ?? null) === ExportLine::VERSION || throw BadExport::at($number, sprintf(
            'It is of version %s of the format; this program reads %d.',
            self::shown($header->version ?? null),
            ExportLine::VERSION,
        ));
        ($header->athlete ?? null) === null || throw BadExport::at($number, 'It is of one athlete, not of a gym.');
        $of = $header->gym ?? null;
        $of instanceof \stdClass || throw BadExport::at($number, 'It does not say of which gym it is.');
        $this->insert($number, 'UPDATE gyms SET '.implode(', ', array_map(
            static fn (string $column): string => "$column = g.$column",
            array_intersect(ExportLine::OF_GYM, array_keys((array) $of)),
        )).' FROM json_populate_record(null::gyms, ?) g WHERE gyms.id = ?', [ExportLine::json($of), $gym->id]);
    }

    private function take(int $number, \stdClass $read): void
    {
        $table = is_string($read->table ?? null) ? ExportTable::tryFrom($read->table) : null;
        $row = $read->row ?? null;
        $table !== null && $row instanceof \stdClass || throw BadExport::at($number, 'It names no table that is known, or has no row.');
        if ($table !== $this->table || count($this->waiting) === self::AT_ONCE || array_keys((array) $row) !== array_keys((array) ($this->waiting[0] ?? $row))) {
            $this->store($number - 1);
            $this->table = $table;
        }
        $strange = array_diff(array_keys((array) $row), $this->columns[$table->value] ??= ExportColumns::of($table));
        $strange === [] || throw BadExport::at($number, sprintf('%s has no “%s”.', $table->value, implode('”, “', $strange)));
        foreach ($table->sealed() as $column) {
            $row->{$column} = $this->encrypter->encrypt(json_encode($row->{$column} ?? null, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false);
        }
        if ($table === ExportTable::Users) {
            $this->know($number, $row);

            return;
        }
        foreach ((array) $row as $column => $value) {
            $row->{$column} = is_string($value) ? $this->coaches[$value] ?? $value : $value;
        }
        $row->gym_id = $this->gym->id();
        $this->waiting[] = $row;
    }

    private function know(int $number, \stdClass $coach): void
    {
        [$id, $name, $email] = [$coach->id ?? null, $coach->name ?? null, $coach->email ?? null];
        is_string($id) && is_string($name) && is_string($email) || throw BadExport::at($number, 'A coach has an id, a name and an address.');
        $here = User::query()->where('gym_id', $this->gym->id())->where('email', $email)->first();
        $this->coaches[$id] = $here->id ?? (string) Str::uuid7();
        if ($here === null) {
            $this->insert($number, 'INSERT INTO users (id, gym_id, name, email, password) VALUES (?, ?, ?, ?, ?)', [
                $this->coaches[$id], $this->gym->id(), $name, $email, User::NO_PASSWORD,
            ]);
        }
    }

    private function store(int $number): void
    {
        if ($this->waiting === [] || $this->table === null) {
            return;
        }
        $columns = implode(', ', array_keys((array) $this->waiting[0]));
        $this->insert(
            $number,
            "INSERT INTO {$this->table->value} ($columns) SELECT $columns FROM json_populate_recordset(null::{$this->table->value}, ?)",
            [ExportLine::json($this->waiting)],
        );
        $this->waiting = [];
    }

    /** @param  list<string>  $bindings */
    private function insert(int $number, string $sql, array $bindings): void
    {
        try {
            $this->db->statement($sql, $bindings);
        } catch (QueryException $refused) {
            throw BadExport::at($number, 'The database takes none of the lines up to here: '.strtok($refused->getPrevious()?->getMessage() ?? '', "\n"));
        }
    }

    private static function shown(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : 'unknown';
    }
}
