<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\Day;
use App\Models\Casts\ExerciseCast;
use App\Models\Casts\PainCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\HoldAt;
use SteadyRung\Exercise\Pattern;
use SteadyRung\Safety\Pain;
use SteadyRung\Strength\Observation;

/**
 * One row of the append-only log; a correction or a withdrawal is a new row that names the one it replaces.
 *
 * @property string $athlete_id
 * @property string $user_id
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
 * @property string|null $held_at where a hang or hold was held
 * @property string|null $setup_name
 * @property Pattern|null $pattern
 * @property float|null $carried_kg
 * @property float|null $carried_share
 * @property float|null $effective_share
 * @property float|null $share_sd
 * @property int|null $clean_reps
 * @property array<string, int>|null $no_counts
 * @property int|null $reserve
 * @property float|null $hang_s
 * @property Pain|null $pain
 * @property CarbonImmutable|null $pain_told_at when this pain was first told of
 * @property string|null $note
 * @property CarbonImmutable $logged_at
 */
final class LoggedSet extends Record
{
    public $timestamps = false;

    protected $attributes = ['replaces_id' => null, 'part_of' => null, 'exercise' => null, 'setup_key' => null, 'work_key' => null, 'held_at' => null, 'setup_name' => null, 'pattern' => null, 'carried_kg' => null, 'carried_share' => null, 'effective_share' => null, 'share_sd' => null, 'clean_reps' => null, 'no_counts' => null, 'reserve' => null, 'hang_s' => null, 'pain' => null, 'pain_told_at' => null, 'note' => null];

    protected array $told = ['athlete_id', 'replaces_id', 'part_of', 'withdrawn', 'purpose', 'performed_at', 'exercise', 'clean_reps', 'no_counts', 'reserve', 'hang_s', 'pain', 'note'];

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
        'no_counts' => 'array',
        'hang_s' => 'float',
        'pain' => PainCast::class,
        'pain_told_at' => 'immutable_datetime',
        'logged_at' => 'immutable_datetime',
    ];

    /**
     * The rows that stand: neither withdrawals nor replaced by a later row.
     *
     * @return Builder<self>
     */
    public static function standing(string $athleteId): Builder
    {
        return self::notReplaced()->where('withdrawn', false)->where('athlete_id', $athleteId);
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
     * The sets with which pain was told since a moment, whatever became of them.
     *
     * @return Builder<self>
     */
    public static function painTold(string $athleteId, ?\DateTimeInterface $since): Builder
    {
        return self::query()->where('athlete_id', $athleteId)->whereNotNull('pain_told_at')
            ->when($since !== null, static fn ($q) => $q->where('pain_told_at', '>', $since));
    }

    /** The longest dead hang that stands. */
    public static function bestHangS(string $athleteId): ?float
    {
        return self::standing($athleteId)->where('held_at', HoldAt::Hang->value)->whereNotNull('hang_s')->orderByDesc('hang_s')->first(['hang_s'])?->hang_s;
    }

    /**
     * What the sessions from a day on say of a capacity, by day, first set first; what was done tired from another exercise says nothing.
     *
     * @return array<string, non-empty-list<Observation>>
     */
    public static function sessions(string $athleteId, Pattern $pattern, string $fromDay): array
    {
        $sessions = [];
        $sets = self::standing($athleteId)->where('trained_on', '>=', $fromDay)->where('pattern', $pattern)->whereNotNull('clean_reps')->whereNull('part_of')
            ->orderBy('trained_on')->orderBy('performed_at')->orderBy('id')->toBase()->get(['trained_on', 'effective_share', 'share_sd', 'clean_reps', 'reserve']);
        foreach ($sets as $set) {
            $sessions[$set->trained_on][] = Observation::of(
                Day::number($set->trained_on),
                (float) $set->effective_share,
                (float) $set->share_sd,
                (int) $set->clean_reps,
                $set->reserve,
            );
        }

        return $sessions;
    }
}
