<?php

declare(strict_types=1);

namespace App\Queries\Trend;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Log\LoggedSet;
use App\Responses\Trend\ForecastScoreResponse;
use Illuminate\Database\ConnectionInterface;

/**
 * How what was foretold in this gym came out.
 */
final readonly class ForecastQuery
{
    /** Chances are told in these words, so they are counted in these rooms. */
    private const ROOMS = [0.0, 0.15, 0.4, 0.6, 0.85, 1.01];

    /** Older forecasts were made of other figures. */
    private const LOOK_BACK_DAYS = 730;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private GymDay $days)
    {
    }

    /** @return list<ForecastScoreResponse> of the first strict rep within eight weeks, by how likely it was said to be */
    public function scores(): array
    {
        $weeks = 8;
        $today = $this->days->today();
        $rows = $this->db->select(
            'SELECT width_bucket(f.within_8, ?::float[]) AS room, count(*) AS said, avg(f.within_8) AS chance, count(came.on_day) AS came
            FROM forecasts f LEFT JOIN LATERAL (
                SELECT s.trained_on AS on_day FROM logged_sets s
                WHERE s.gym_id = f.gym_id AND s.athlete_id = f.athlete_id AND s.pattern = f.pattern AND NOT s.withdrawn AND '.LoggedSet::STRICT
                    .'
                    AND s.trained_on > f.made_on AND s.trained_on <= f.made_on + ?::int
                    AND NOT EXISTS (SELECT FROM logged_sets later WHERE later.gym_id = s.gym_id AND later.replaces_id = s.id)
                LIMIT 1
            ) came ON true
            WHERE f.gym_id = ? AND f.reps = 1 AND f.made_on <= ?::date - ?::int AND f.made_on >= ?::date - ?::int
            GROUP BY 1 ORDER BY 1',
            ['{'.implode(',', self::ROOMS).'}', 7 * $weeks, $this->gym->id(), $today, 7 * $weeks, $today, self::LOOK_BACK_DAYS],
        );

        return array_map(
            static fn (\stdClass $row): ForecastScoreResponse => new ForecastScoreResponse(
                $weeks,
                (float) $row->chance,
                (int) $row->said,
                (int) $row->came,
            ),
            array_values($rows),
        );
    }
}
