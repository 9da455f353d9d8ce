<?php

declare(strict_types=1);

namespace App\Models\Screening;

use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * Pain or a symptom that was told by mistake: of a report, a set or a signal.
 *
 * @property string $athlete_id
 * @property string|null $user_id the coach; none where the athlete told it by their link
 * @property string $told_id the report, set or signal
 * @property CarbonImmutable $told_at
 * @property CarbonImmutable $undone_at
 */
final class PainUndoing extends Record
{
    public $timestamps = false;

    protected $table = 'pain_undoings';

    protected array $told = ['athlete_id', 'told_id'];

    protected $casts = ['told_at' => 'immutable_datetime', 'undone_at' => 'immutable_datetime'];

    /**
     * Those of a query that were not undone; a correction tells again at the moment its pain was told at first.
     *
     * @template T of Record
     *
     * @param  Builder<T>  $of
     * @param  string  $toldAt  the column with that moment
     * @return Builder<T>
     */
    public static function leftOut(Builder $of, string $toldAt): Builder
    {
        $table = $of->getModel()->getTable();

        return $of->whereNotExists(static fn ($undone) => $undone->selectRaw('1')->from('pain_undoings as undone')
            ->whereColumn('undone.gym_id', "$table.gym_id")->whereColumn(
                'undone.athlete_id',
                "$table.athlete_id",
            )->whereColumn('undone.told_at', "$table.$toldAt"));
    }
}
