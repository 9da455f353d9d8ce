<?php

declare(strict_types=1);

namespace App\Context\Audit;

use App\Context\Gym\CurrentGym;
use App\Formats\Audit\AuditEvent;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Collection;

/**
 * What stands of what an event may change, so that the trail can say from what to what; of health and of bodyweight nothing.
 */
final readonly class Standing
{
    /**
     * Where it stands: the table, its columns, and the one by which the row is known.
     *
     * @var array<string, array{string, list<string>, string}>
     */
    private const WHERE = [
        'athlete-changed' => ['athletes', ['name', 'kind', 'stature_m', 'reach_m', 'proportions', 'tags'], 'id'],
        'athlete-archived' => ['athletes', ['archived_at'], 'id'],
        'gear-changed' => ['gear', ['name', 'figures', 'retired_at'], 'id'],
        'band-changed' => [
            'bands', ['name', 'hung_length_m', 'width_mm', 'thickness_mm', 'points', 'hitched_on', 'measured_on', 'retired_at'], 'id',
        ],
        'role-changed' => ['users', ['role'], 'id'],
        'settings-changed' => [
            'gyms',
            ['name', 'timezone', 'mass_unit', 'length_unit', 'athletes_tell', 'board_names', 'erased_log', 'consent', 'keep_health_years'],
            'id',
        ],
        'rules-settled' => ['gyms', ['house_rules'], 'id'],
        'caps-settled' => ['gyms', ['caps'], 'id'],
        'method-kept' => ['own_methods', ['body'], 'key'],
        'method-dropped' => ['own_methods', ['body'], 'key'],
    ];

    /** Columns in JSON. */
    private const JSON = ['figures', 'house_rules', 'caps', 'body', 'tags', 'athletes_tell', 'points'];

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym)
    {
    }

    /**
     * @param  array{string, string}|null  $about  what it is, and its id
     * @return array<string, mixed>|null the row as Change::between takes it; empty where there is none, null where nothing can be compared
     */
    public function of(AuditEvent $event, ?array $about): ?array
    {
        $known = $this->known($event, $about);

        return $known === null ? null : $this->rows([[$event, $about]])[$known] ?? [];
    }

    /**
     * The same of many, with one query for each kind of row.
     *
     * @param  iterable<array{AuditEvent, array{string, string}|null}>  $subjects
     * @return array<string, array<string, mixed>> by what known() says
     */
    public function rows(iterable $subjects): array
    {
        $rows = $wanted = [];
        foreach ($subjects as [$event, $about]) {
            $id = $this->idOf($event, $about);
            if ($id !== null) {
                $wanted[$event->value][] = $id;
            }
        }
        foreach (self::WHERE as $event => [$table, $columns, $key]) {
            $ids = $wanted[$event] ?? [];
            if ($ids === []) {
                continue;
            }
            /** @var Collection<int, \stdClass> $found */
            $found = $this->db->table($table)->whereIn($key, array_unique($ids))
                ->when($table !== 'gyms', fn ($q) => $q->where('gym_id', $this->gym->id()))->get(["$key as known_by", ...$columns]);
            foreach ($found as $row) {
                $values = (array) $row;
                $known = $values['known_by'];
                unset($values['known_by']);
                $rows["$event:$known"] = self::read($values);
            }
        }

        return $rows;
    }

    /**
     * By what the row of an event is known; none where nothing of it can be compared.
     *
     * @param  array{string, string}|null  $about
     */
    public function known(AuditEvent $event, ?array $about): ?string
    {
        $id = $this->idOf($event, $about);

        return $id === null ? null : "$event->value:$id";
    }

    /** @param  array{string, string}|null  $about */
    private function idOf(AuditEvent $event, ?array $about): ?string
    {
        return match (self::WHERE[$event->value][0] ?? null) {
            null => null,
            'gyms' => $this->gym->id(),
            default => $about[1] ?? null,
        };
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function read(array $values): array
    {
        foreach (array_intersect(self::JSON, array_keys($values)) as $column) {
            $values[$column] = json_decode((string) $values[$column]);
        }

        return $values;
    }
}
