<?php

declare(strict_types=1);

namespace App\Models\Log;

use App\Formats\Day;
use App\Models\Casts\ExerciseCast;
use App\Models\Casts\PainCast;
use App\Models\Record;
use App\Models\Screening\PainUndoing;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Safety\Pain;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\PacedSet;
use SteadyRung\Strength\Reps\Seconds;

/**
 * One row of the append-only log; a correction or a withdrawal is a new row that names the one it replaces.
 *
 * @property string $athlete_id
 * @property string|null $user_id the coach; none where the athlete told it by their link
 * @property string|null $replaces_id
 * @property string|null $part_of the set it goes on from, on another exercise
 * @property bool $withdrawn
 * @property Purpose $purpose
 * @property CarbonImmutable $performed_at
 * @property string $trained_on
 * @property float $mass_kg
 * @property Exercise|null $exercise
 * @property string|null $setup_key of the exercise
 * @property string|null $work_key the same wherever the same work is done
 * @property string|null $load_key the same for the same work on bands as they were measured then
 * @property string|null $held_at where a hang or hold was held
 * @property string|null $setup_name
 * @property Pattern|null $pattern
 * @property float|null $carried_kg
 * @property float|null $carried_share
 * @property float|null $effective_share
 * @property float|null $share_sd
 * @property float|null $shape
 * @property float|null $travel_m of the load on the way up
 * @property int|null $asked_reps what was asked of it
 * @property bool $to_failure
 * @property int|null $clean_reps
 * @property array<string, int>|null $no_counts
 * @property list<string>|null $faults seen in how it was done
 * @property int|null $reserve
 * @property float|null $hang_s
 * @property list<float>|null $splits_s of each lowering
 * @property list<float>|null $halves_s of each to half way, 0 where nobody tapped
 * @property int|null $uneven of them went down unevenly
 * @property float|null $down_s their mean
 * @property Pain|null $pain
 * @property CarbonImmutable|null $pain_told_at when this pain was first told of
 * @property string|null $note
 * @property string|null $line of the written session that it was done for
 * @property string|null $recomputation_id by which its load was computed again
 * @property CarbonImmutable $logged_at
 */
final class LoggedSet extends Record
{
    /** What makes a set one of strict reps: the whole pull, by the arms alone, under all of bodyweight, seen by a coach. */
    public const STRICT = "effective_share >= 0.999 AND clean_reps >= 1 AND coalesce(exercise->>'movement', 'full') = 'full'"
        ." AND purpose <> 'home'";

    /** What makes a set a failed one, of those of which so many reps were asked. */
    public const FAILED = 'clean_reps < '.Done::FAILED.' * asked_reps';

    public const ASKED = 'asked_reps IS NOT NULL AND clean_reps IS NOT NULL';

    /** What is computed of the body, the gear and the exercise; all else was told. */
    public const COMPUTED = [
        'mass_kg', 'setup_key', 'work_key', 'load_key', 'setup_name', 'pattern', 'carried_kg', 'carried_share', 'effective_share', 'share_sd',
        'shape', 'travel_m',
    ];

    protected $table = 'logged_sets';

    public $timestamps = false;

    protected $attributes = [
        'replaces_id' => null,
        'part_of' => null,
        'exercise' => null,
        'setup_key' => null,
        'work_key' => null,
        'load_key' => null,
        'held_at' => null,
        'setup_name' => null,
        'pattern' => null,
        'carried_kg' => null,
        'carried_share' => null,
        'effective_share' => null,
        'share_sd' => null,
        'shape' => null,
        'travel_m' => null,
        'asked_reps' => null,
        'to_failure' => false,
        'clean_reps' => null,
        'no_counts' => null,
        'faults' => null,
        'reserve' => null,
        'hang_s' => null,
        'splits_s' => null,
        'halves_s' => null,
        'uneven' => null,
        'down_s' => null,
        'pain' => null,
        'pain_told_at' => null,
        'note' => null,
        'line' => null,
        'recomputation_id' => null,
    ];

    protected array $told = [
        'athlete_id', 'replaces_id', 'part_of', 'withdrawn', 'purpose', 'performed_at', 'exercise', 'clean_reps', 'no_counts', 'reserve',
        'hang_s', 'pain', 'note', 'asked_reps', 'to_failure', 'faults', 'splits_s', 'halves_s', 'line',
    ];

    protected $casts = [
        'withdrawn' => 'boolean',
        'purpose' => Purpose::class,
        'performed_at' => 'immutable_datetime',
        'mass_kg' => 'float',
        'exercise' => ExerciseCast::class,
        'pattern' => Pattern::class,
        'carried_kg' => 'float',
        'carried_share' => 'float',
        'effective_share' => 'float',
        'share_sd' => 'float',
        'shape' => 'float',
        'travel_m' => 'float',
        'to_failure' => 'boolean',
        'no_counts' => 'array',
        'faults' => 'array',
        'hang_s' => 'float',
        'splits_s' => 'array',
        'halves_s' => 'array',
        'down_s' => 'float',
        'pain' => PainCast::class,
        'pain_told_at' => 'immutable_datetime',
        'logged_at' => 'immutable_datetime',
    ];

    public function tellsOfHealth(): bool
    {
        return $this->pain !== null;
    }

    /**
     * The rows that stand: neither withdrawals nor replaced by a later row.
     *
     * @return Builder<self>
     */
    public static function standing(string $athleteId): Builder
    {
        return self::standingAnywhere()->where('athlete_id', $athleteId);
    }

    /**
     * The same of everybody.
     *
     * @return Builder<self>
     */
    public static function standingAnywhere(): Builder
    {
        return self::notReplaced()->where('withdrawn', false);
    }

    /**
     * The rows of several that stand.
     *
     * @param  list<string>  $athleteIds
     * @return Builder<self>
     */
    public static function standingOf(array $athleteIds): Builder
    {
        return self::standingAnywhere()->whereIn('athlete_id', $athleteIds);
    }

    /** Whether work, or pain, was logged since a moment and stands. */
    public static function anyNewsSince(string $athleteId, ?\DateTimeInterface $since): bool
    {
        return self::standing($athleteId)
            ->where(static fn ($q) => $q->where('purpose', Purpose::Work)->orWhereNotNull('pain_told_at'))
            ->when($since !== null, static fn ($q) => $q->where('logged_at', '>', $since))
            ->orderByDesc('logged_at')->limit(1)->exists();
    }

    /**
     * The sets with which pain was told since a moment and not undone, whatever became of them.
     *
     * @return Builder<self>
     */
    public static function painTold(string $athleteId, ?\DateTimeInterface $since): Builder
    {
        return PainUndoing::leftOut(self::query(), 'pain_told_at')->where('athlete_id', $athleteId)->whereNotNull('pain_told_at')
            ->when($since !== null, static fn ($q) => $q->where('pain_told_at', '>', $since));
    }

    /** The longest dead hang that stands. */
    public static function bestHangS(string $athleteId): ?float
    {
        return self::standing($athleteId)->where('held_at', HoldAt::Hang->value)
            ->whereNotNull('hang_s')
            ->orderByDesc('hang_s')
            ->first(['hang_s'])?->hang_s;
    }

    /**
     * The sets with as many strict reps as are counted as done, in a pattern.
     *
     * @return Builder<self>
     */
    public static function strict(string $athleteId, Pattern $pattern): Builder
    {
        return self::standing($athleteId)->where('pattern', $pattern)->where(static fn (Builder $q) => $q->whereRaw(self::STRICT));
    }

    /**
     * @param  list<string>  $athleteIds
     * @return array<string, string> the day of the first strict rep of each, where it came after a day
     */
    public static function firstStrictOf(array $athleteIds, string $after): array
    {
        $lately = self::firstStrict($athleteIds, $after);
        $before = array_filter(
            array_keys($lately),
            static fn (string $id): bool => self::standing($id)->where(static fn (Builder $q) => $q->whereRaw(self::STRICT))->where('trained_on', '<=', $after)
                ->orderByDesc('trained_on')->limit(1)->exists(), // one step down an index for each, however long they have been strict
        );

        return array_diff_key($lately, array_flip($before));
    }

    /**
     * The same, whatever came before.
     *
     * @param  list<string>  $athleteIds
     * @return array<string, string>
     */
    public static function firstStrict(array $athleteIds, string $after = '0001-01-01'): array
    {
        /** @var array<string, string> */
        return self::standingAnywhere()->where(static fn (Builder $q) => $q->whereRaw(self::STRICT))
            ->whereIn('athlete_id', $athleteIds)->where('trained_on', '>', $after)->groupBy('athlete_id')
            ->selectRaw('athlete_id, min(trained_on) AS on_day')->pluck('on_day', 'athlete_id')->all();
    }

    /**
     * What the sessions of some days say of a capacity, by day and by the ids of the sets, first set first; what was done tired from
     * another exercise says nothing.
     *
     * @param  string|null  $after  only later days
     * @param  string|null  $before  only earlier days
     * @param  string|null  $from  this day and later ones
     * @return array<string, non-empty-array<string, Observation>>
     */
    public static function sessions(
        string $athleteId,
        Pattern $pattern,
        ?string $after = null,
        ?string $before = null,
        ?string $from = null,
        bool $testsOnly = false,
    ): array {
        return self::observed($athleteId, $pattern, $after, $before, $from, $testsOnly)[0];
    }

    /**
     * The same from a day on, with the second each was done at.
     *
     * @return array<string, non-empty-array<string, PacedSet>>
     */
    public static function paced(string $athleteId, Pattern $pattern, string $from): array
    {
        [$sessions, $atS] = self::observed($athleteId, $pattern, from: $from);
        $paced = [];
        foreach ($sessions as $on => $day) {
            foreach ($day as $id => $told) {
                $paced[$on][$id] = new PacedSet($atS[$id], $told);
            }
        }

        return $paced;
    }

    /** @return array{array<string, non-empty-array<string, Observation>>, array<string, float>} with the second of each set by its id */
    private static function observed(
        string $athleteId,
        Pattern $pattern,
        ?string $after = null,
        ?string $before = null,
        ?string $from = null,
        bool $testsOnly = false,
    ): array {
        $sessions = $atS = [];
        $sets = self::standing($athleteId)->where('pattern', $pattern)->whereNull('part_of')
            ->when($after !== null, static fn ($q) => $q->where('trained_on', '>', $after))
            ->when($before !== null, static fn ($q) => $q->where('trained_on', '<', $before))
            ->when($from !== null, static fn ($q) => $q->where('trained_on', '>=', $from))
            ->when($testsOnly, static fn ($q) => $q->whereIn('purpose', [Purpose::Test->value, Purpose::Try->value]))
            ->orderBy('trained_on')->orderBy('performed_at')->orderBy('id')->toBase()
            ->get([
                'id',
                'trained_on',
                'purpose',
                'work_key',
                'load_key',
                'effective_share',
                'share_sd',
                'shape',
                'clean_reps',
                'reserve',
                'asked_reps',
                'to_failure',
                'hang_s',
                'down_s',
                DB::raw("exercise->>'seconds' AS asked_s"),
                DB::raw("exercise->>'movement' AS movement"),
                DB::raw('extract(epoch FROM performed_at) AS at_s'),
            ]);
        foreach ($sets as $set) {
            $told = self::observation($set);
            if ($told !== null) {
                $sessions[$set->trained_on][$set->id] = $told;
                $atS[$set->id] = (float) $set->at_s;
            }
        }

        return [array_map(Observation::afterWarmUps(...), $sessions), $atS];
    }

    /**
     * A lowering counts for the seconds it was timed at, else for those that were asked of it, if one lasted them.
     *
     * @param  \stdClass  $set of the columns of sessions()
     */
    private static function observation(\stdClass $set): ?Observation
    {
        $day = Day::number($set->trained_on);
        $load = FeltLoad::of((float) $set->effective_share, (float) $set->share_sd, $set->load_key ?? $set->work_key, (float) $set->shape);
        $occasion = Purpose::from($set->purpose)->occasion();
        $seconds = $set->hang_s ?? $set->down_s ?? ($set->clean_reps > 0 ? $set->asked_s : null);

        return match (true) {
            $set->hang_s === null && $set->asked_s === null => Observation::reps(
                day: $day,
                load: $load,
                reps: (int) $set->clean_reps,
                reserve: $set->reserve,
                target: $set->asked_reps,
                toFailure: (bool) $set->to_failure,
                occasion: $occasion,
            ),
            (float) $seconds < Seconds::ASKED[0] => null,
            default => Observation::held(
                $day,
                $load,
                $set->hang_s === null ? Movement::Lowering : Movement::Hold,
                (float) $seconds,
                $occasion,
            ),
        };
    }
}
