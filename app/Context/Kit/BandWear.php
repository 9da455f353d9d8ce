<?php

declare(strict_types=1);

namespace App\Context\Kit;

use App\Context\Gym\CurrentGym;
use App\Formats\Day;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Kit\Band\InspectionDue;

/**
 * How bands were used since somebody last looked at them: counted up to where it does not matter any more.
 */
final readonly class BandWear
{
    private const COUNTED = 2 * InspectionDue::USES;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym)
    {
    }

    /**
     * @param  list<string>  $bandIds
     * @return array<string, array{inspected_on: string|null, uses: int}>
     */
    public function of(array $bandIds): array
    {
        $wear = array_fill_keys($bandIds, ['inspected_on' => null, 'uses' => 0]);
        foreach (
            $this->db->select(self::SQL, ['{'.implode(',', $bandIds).'}', $this->gym->id(), $this->gym->id(), self::COUNTED]) as $row
        ) {
            $wear[$row->id] = ['inspected_on' => $row->inspected_on, 'uses' => (int) $row->uses];
        }

        return $wear;
    }

    /** @param  array{inspected_on: string|null, uses: int}  $wear */
    public static function due(array $wear, int $today): InspectionDue
    {
        return InspectionDue::after($wear['inspected_on'] === null ? null : $today - Day::number($wear['inspected_on']), $wear['uses']);
    }

    private const SQL = <<<'SQL'
        SELECT band.id, looked.inspected_on, used.uses
        FROM unnest(?::uuid[]) AS band(id)
        LEFT JOIN LATERAL (
            SELECT i.inspected_on FROM band_inspections i WHERE i.gym_id = ? AND i.band_id = band.id ORDER BY i.inspected_on DESC LIMIT 1
        ) AS looked ON true
        CROSS JOIN LATERAL (
            SELECT count(*) AS uses FROM (
                SELECT 1 FROM set_bands b
                WHERE b.gym_id = ? AND b.band_id = band.id AND b.trained_on > coalesce(looked.inspected_on, '0001-01-01')
                    AND NOT EXISTS (SELECT 1 FROM logged_sets later WHERE later.gym_id = b.gym_id AND later.replaces_id = b.set_id)
                LIMIT ?
            ) AS counted
        ) AS used
        SQL;
}
