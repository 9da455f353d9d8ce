<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Context\Gym\CurrentGym;
use App\Formats\Audit\AuditEvent;
use Illuminate\Database\ConnectionInterface;

/**
 * What stands of what an event may change, so that the trail can say from what to what; of health and of bodyweight nothing.
 */
final readonly class Standing
{
    /** Where it stands: the table, and its columns. */
    private const WHERE = [
        'athlete-changed' => ['athletes', ['name', 'kind', 'stature_m', 'reach_m', 'proportions', 'tags']],
        'athlete-archived' => ['athletes', ['archived_at']],
        'gear-changed' => ['gear', ['name', 'figures', 'retired_at']],
        'band-changed' => ['bands', ['name', 'hung_length_m', 'width_mm', 'thickness_mm', 'measured_on', 'retired_at']],
        'role-changed' => ['users', ['role']],
        'settings-changed' => ['gyms', ['name', 'timezone', 'mass_unit', 'length_unit', 'athletes_tell', 'erased_log', 'consent', 'keep_health_years']],
        'rules-settled' => ['gyms', ['house_rules']],
        'caps-settled' => ['gyms', ['caps']],
    ];

    /** A moment at which something ended is told as whether it did. */
    private const ENDS = '_at';

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym)
    {
    }

    /**
     * @param  array{string, string}|null  $about  what it is, and its id
     * @return array<string, string>|null by what it is called; null where nothing can be compared
     */
    public function of(AuditEvent $event, ?array $about): ?array
    {
        [$table, $columns] = self::WHERE[$event->value] ?? [null, []];
        $id = $table === 'gyms' ? $this->gym->id() : $about[1] ?? null;
        if ($table === null || $id === null) {
            return null;
        }
        $row = $this->db->table($table)->where('id', $id)
            ->when($table !== 'gyms', fn ($q) => $q->where('gym_id', $this->gym->id()))->first($columns);

        return $row === null ? null : self::named((array) $row);
    }

    /**
     * @param  array<string, string>|null  $before
     * @param  array<string, string>|null  $after
     * @return list<array{what: string, from: string|null, to: string|null}>
     */
    public static function changed(?array $before, ?array $after): array
    {
        $changed = [];
        if ($before === null || $after === null) {
            return $changed;
        }
        foreach (array_keys($before + $after) as $what) {
            [$from, $to] = [$before[$what] ?? null, $after[$what] ?? null];
            if ($from !== $to) {
                $changed[] = ['what' => $what, 'from' => $from, 'to' => $to];
            }
        }

        return $changed;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, string>
     */
    private static function named(array $values): array
    {
        $named = [];
        foreach ($values as $name => $value) {
            $decoded = is_string($value) ? json_decode($value) : $value;
            if (str_ends_with($name, self::ENDS)) {
                $named[substr($name, 0, -strlen(self::ENDS))] = $value === null ? 'no' : 'yes';
            } elseif ($decoded instanceof \stdClass) {
                $named = [...$named, ...self::named((array) $decoded)];
            } elseif (is_array($decoded)) {
                $named[$name] = implode(', ', array_map(self::text(...), $decoded));
            } elseif ($value !== null) {
                $named[$name] = self::text($value);
            }
        }

        return $named;
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value) : (string) json_encode($value);
    }
}
