<?php

declare(strict_types=1);

namespace App\Models\Screening;

use App\Models\Athletes\Athlete;
use App\Models\Casts\PainCast;
use App\Models\Casts\Sealed;
use App\Models\Log\LoggedSet;
use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Safety\Pain;

/**
 * Pain told without a set.
 *
 * @property string $athlete_id
 * @property string|null $user_id the coach; none where the athlete told it by their link
 * @property Pain $pain
 * @property string|null $note
 * @property CarbonImmutable $told_at
 */
final class PainReport extends Record
{
    public $timestamps = false;

    protected $table = 'pain_reports';

    protected $attributes = ['note' => null];

    protected array $told = ['athlete_id', 'pain', 'note'];

    protected $casts = ['pain' => PainCast::class, 'note' => Sealed::class, 'told_at' => 'immutable_datetime'];

    public function tellsOfHealth(): bool
    {
        return true;
    }

    /** The latest since a moment that was not undone. */
    public static function latestOf(string $athleteId, ?\DateTimeInterface $since): ?self
    {
        return PainUndoing::leftOut(self::query(), 'told_at')->where('athlete_id', $athleteId)->when(
            $since !== null,
            static fn ($q) => $q->where('told_at', '>', $since),
        )->orderByDesc('told_at')->first();
    }

    /**
     * Of some athletes those of whom pain was told since their last screen, by itself or with a set, and not undone.
     *
     * @param  list<string>  $athleteIds
     * @return list<string>
     */
    public static function sinceScreen(array $athleteIds): array
    {
        /** @var list<string> */
        return Athlete::query()->whereIn('athletes.id', $athleteIds)->whereNotNull('screened_at')
            ->where(static fn (Builder $q) => $q
                ->whereExists(self::afterScreen(self::query(), 'told_at'))
                ->orWhereExists(self::afterScreen(LoggedSet::query(), 'pain_told_at')))
            ->pluck('id')->all();
    }

    /**
     * @template R of Record
     *
     * @param  Builder<R>  $told
     * @return Builder<R>
     */
    private static function afterScreen(Builder $told, string $at): Builder
    {
        $table = $told->getModel()->getTable();

        return PainUndoing::leftOut($told, $at)->where(static fn (Builder $q) => $q->whereColumn("$table.athlete_id", 'athletes.id')
            ->whereColumn("$table.$at", '>', 'athletes.screened_at'));
    }
}
