<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\Day;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Strength\CapacityState;

/**
 * What was believed of an athlete's capacity after a day's session.
 *
 * @property string $athlete_id
 * @property string $pattern
 * @property string $trained_on
 * @property float $mean_log
 * @property float $variance
 */
final class CapacityRecord extends Record
{
    public const PULL = 'pull';

    public $timestamps = false;

    protected $table = 'capacity_states';

    protected $primaryKey = 'trained_on';

    protected $casts = ['mean_log' => 'float', 'variance' => 'float'];

    /** @return Builder<self> */
    public static function pullOf(string $athleteId): Builder
    {
        return self::query()->where('athlete_id', $athleteId)->where('pattern', self::PULL);
    }

    public function toCore(): CapacityState
    {
        return new CapacityState(Day::number($this->trained_on), $this->mean_log, $this->variance);
    }
}
