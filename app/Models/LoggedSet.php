<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\Day;
use App\Models\Casts\ChoiceCast;
use App\Models\Casts\PainCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Ladder\Choice;
use SteadyRung\Safety\Pain;
use SteadyRung\Strength\Observation;
use SteadyRung\Strength\Pattern;

/**
 * One row of the append-only log; a correction or a withdrawal is a new row that names the one it replaces.
 *
 * @property string $athlete_id
 * @property string $user_id
 * @property string|null $replaces_id
 * @property bool $withdrawn
 * @property Purpose $purpose
 * @property CarbonImmutable $performed_at
 * @property string $trained_on
 * @property float $mass_kg
 * @property Choice|null $choice
 * @property string|null $setup_name
 * @property Pattern|null $pattern
 * @property float|null $carried_kg
 * @property float|null $carried_share
 * @property float|null $ascent_share
 * @property float|null $share_sd
 * @property int|null $clean_reps
 * @property array<string, int>|null $no_counts
 * @property int|null $reserve
 * @property float|null $hang_s
 * @property Pain|null $pain
 * @property string|null $note
 * @property CarbonImmutable $logged_at
 */
final class LoggedSet extends Record
{
    public $timestamps = false;

    protected $casts = [
        'withdrawn' => 'boolean',
        'purpose' => Purpose::class,
        'performed_at' => 'immutable_datetime',
        'mass_kg' => 'float',
        'choice' => ChoiceCast::class,
        'pattern' => Pattern::class,
        'carried_kg' => 'float',
        'carried_share' => 'float',
        'ascent_share' => 'float',
        'share_sd' => 'float',
        'no_counts' => 'array',
        'hang_s' => 'float',
        'pain' => PainCast::class,
        'logged_at' => 'immutable_datetime',
    ];

    /**
     * The rows that stand: neither withdrawals nor replaced by a later row.
     *
     * @return Builder<self>
     */
    public static function standing(string $athleteId): Builder
    {
        return self::notReplaced()->where('athlete_id', $athleteId);
    }

    /**
     * The rows that stand and were done on a band, whoever did them.
     *
     * @return Builder<self>
     */
    public static function onBand(string $bandId): Builder
    {
        $query = self::notReplaced();
        $query->whereRaw("choice->'band_ids' @> ?::jsonb", [json_encode([$bandId])]);

        return $query;
    }

    /**
     * What the sessions from a day on say of a capacity, by day, first set first.
     *
     * @return array<string, non-empty-list<Observation>>
     */
    public static function sessions(string $athleteId, Pattern $pattern, string $fromDay): array
    {
        $sessions = [];
        $sets = self::standing($athleteId)->where('trained_on', '>=', $fromDay)->where('pattern', $pattern)->whereNotNull('clean_reps')
            ->orderBy('trained_on')->orderBy('performed_at')->orderBy('id')->get();
        foreach ($sets as $set) {
            $sessions[$set->trained_on][] = Observation::of(
                Day::number($set->trained_on),
                (float) $set->ascent_share,
                (float) $set->share_sd,
                (int) $set->clean_reps,
                $set->reserve,
            );
        }

        return $sessions;
    }

    /** @return Builder<self> */
    private static function notReplaced(): Builder
    {
        return self::query()
            ->where('withdrawn', false)
            ->whereNotExists(static fn ($later) => $later->selectRaw('1')
                ->from('logged_sets as later')
                ->whereColumn('later.gym_id', 'logged_sets.gym_id')
                ->whereColumn('later.replaces_id', 'logged_sets.id'));
    }
}
