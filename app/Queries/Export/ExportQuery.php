<?php

declare(strict_types=1);

namespace App\Queries\Export;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\ExportColumns;
use App\Context\Gym\OneMoment;
use App\Formats\Export\ExportLine;
use App\Formats\Export\ExportTable;
use App\Models\Athletes\Athlete;
use App\Models\Casts\Sealed;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Psr\Clock\ClockInterface;

/**
 * Everything of the gym, or of one athlete, as it was at one moment; a line at a time and never more than a few rows in memory.
 */
final readonly class ExportQuery
{
    private const AT_ONCE = 500;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private ClockInterface $clock,
        private OneMoment $moment,
    ) {
    }

    /** @return \Generator<string> lines of the form that ExportLine tells */
    public function lines(?Athlete $athlete = null): \Generator
    {
        return $this->moment->of($this->read($athlete));
    }

    /** @return \Generator<string> */
    private function read(?Athlete $athlete): \Generator
    {
        $now = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        yield ExportLine::header($this->ofGym(), $now->format('Y-m-d\TH:i:s.u\Z'), $athlete?->id);
        $rows = 0;
        foreach (ExportTable::cases() as $table) {
            foreach ($this->rows($table, $athlete) as $row) {
                $rows++;
                yield ExportLine::row($table, $row);
            }
        }
        yield ExportLine::end($rows);
    }

    /** @return array<string, mixed> */
    private function ofGym(): array
    {
        $columns = implode(', ', ExportLine::OF_GYM);
        /** @var object{row: string} $found */
        $found = $this->db->selectOne("SELECT row_to_json(g) AS row FROM (SELECT $columns FROM gyms WHERE id = ?) g", [$this->gym->id()]);

        return (array) json_decode($found->row, false, flags: JSON_THROW_ON_ERROR);
    }

    /** @return \Generator<string> each a JSON object */
    private function rows(ExportTable $table, ?Athlete $athlete): \Generator
    {
        $key = $table->key();
        $columns = ExportColumns::of($table);
        $after = null;
        do {
            $page = $this->table($table, $athlete)->select($columns)->orderByRaw(implode(', ', $key))->limit(self::AT_ONCE)
                ->when($after !== null, static fn (Builder $q) => $q->whereRaw(
                    sprintf('(%s) > (%s)', implode(', ', $key), implode(', ', array_fill(0, count($key), '?'))),
                    $after ?? [],
                ));
            $found = $this->db->select("SELECT row_to_json(t) AS row FROM ({$page->toSql()}) t", $page->getBindings());
            foreach ($found as $one) {
                /** @var object{row: string} $one */
                $row = json_decode($one->row, false, flags: JSON_THROW_ON_ERROR);
                assert($row instanceof \stdClass);
                $after = array_map(static fn (string $column): mixed => $row->{$column}, $key);
                yield $table->sealed() === [] ? $one->row : $this->opened($table, $row);
            }
        } while (count($found) === self::AT_ONCE);
    }

    private function table(ExportTable $table, ?Athlete $athlete): Builder
    {
        $rows = $this->db->table($table->value)->where("$table->value.gym_id", $this->gym->id());
        $column = $table->athleteColumn();

        return match (true) {
            $athlete === null => $rows,
            $column !== null => $rows->where($column, $athlete->id),
            $table === ExportTable::ScreeningLooks => $rows->whereIn(
                'screening_id',
                $this->db->table('screenings')->where('gym_id', $this->gym->id())->where('athlete_id', $athlete->id)->select('id'),
            ),
            default => $rows->whereRaw('false'),
        };
    }

    private function opened(ExportTable $table, \stdClass $row): string
    {
        foreach ($table->sealed() as $column) {
            $held = $row->{$column->column()};
            if (is_string($held)) {
                $row->{$column->column()} = json_decode(Sealed::unseal($column, $held), false, flags: JSON_THROW_ON_ERROR);
            }
        }

        return ExportLine::json($row);
    }
}
