<?php

declare(strict_types=1);

namespace App\Models\Athletes;

use App\Models\Casts\ExerciseCast;
use App\Models\Casts\PainCast;
use App\Models\GymScope;
use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Expression;
use SteadyRung\Body\Body;
use SteadyRung\Body\SegmentTable;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\ScreenOutcome;

/**
 * @property string $name
 * @property AthleteKind $kind
 * @property float $mass_kg
 * @property float $stature_m
 * @property float|null $reach_m
 * @property SegmentTable $proportions
 * @property list<string> $tags
 * @property CarbonImmutable|null $archived_at
 * @property CarbonImmutable|null $erased_at since when only their training is left, without a name
 * @property string|null $last_trained_on
 * @property Exercise|null $chosen
 * @property Pain|null $pain
 * @property CarbonImmutable|null $paused_at
 * @property CarbonImmutable|null $screened_at
 * @property ScreenOutcome|null $screen_outcome
 * @property list<string> $screen_limits
 * @property float|null $screen_most_share
 * @property string $method_key
 * @property string $stage_key
 * @property string|null $stage_since
 * @property int|null $sessions_a_week
 * @property string|null $builder_key what stands in the place of strict work
 * @property string|null $builder_since
 * @property string|null $follow_from the first day of which the log has what was not followed yet
 * @property list<string> $follow_patterns
 * @property int $gear_seen the change of gear up to which the call was held against it
 */
final class Athlete extends Record
{
    private const MOST_TAGS_SHOWN = 60;

    protected $attributes = [
        'reach_m' => null,
        'chosen' => null,
        'pain' => null,
        'paused_at' => null,
        'tags' => '[]',
        'proportions' => 'average',
        'archived_at' => null,
        'erased_at' => null,
        'last_trained_on' => null,
        'screened_at' => null,
        'screen_outcome' => null,
        'screen_limits' => '[]',
        'screen_most_share' => null,
        'method_key' => 'steady-ladder',
        'stage_key' => 'ladder',
        'stage_since' => null,
        'sessions_a_week' => null,
        'builder_key' => null,
        'builder_since' => null,
        'follow_from' => null,
        'follow_patterns' => '[]',
        'gear_seen' => 0,
    ];

    protected array $told = ['name', 'kind', 'mass_kg', 'stature_m', 'reach_m'];

    protected $table = 'athletes';

    protected $casts = [
        'gear_seen' => 'integer',
        'kind' => AthleteKind::class,
        'mass_kg' => 'float',
        'stature_m' => 'float',
        'reach_m' => 'float',
        'tags' => 'array',
        'proportions' => SegmentTable::class,
        'archived_at' => 'immutable_datetime',
        'chosen' => ExerciseCast::class,
        'pain' => PainCast::class,
        'paused_at' => 'immutable_datetime',
        'screened_at' => 'immutable_datetime',
        'screen_outcome' => ScreenOutcome::class,
        'screen_limits' => 'array',
        'follow_patterns' => 'array',
        'screen_most_share' => 'float',
    ];

    /** @return Collection<int, self> so many who trained last, none of them set aside */
    public static function trainedLast(int $most): Collection
    {
        return self::query()->whereNull('archived_at')
            ->whereNotNull('last_trained_on')
            ->orderByDesc('last_trained_on')
            ->orderBy('id')
            ->limit($most)
            ->get();
    }

    public function toCore(): Body
    {
        return $this->bodyAt($this->mass_kg);
    }

    /** The body at the mass of another day, pulled to where the gym's pulls end. */
    public function bodyAt(float $massKg): Body
    {
        return Body::of($massKg, $this->stature_m, $this->reach_m, $this->proportions)->pulledTo(app(GymScope::class)->pullTop());
    }

    /** What the last screen leaves: everything where nobody screened yet, nothing where what is kept of it cannot be read any more. */
    public function limits(): Limits
    {
        /** @var mixed $kept */
        $kept = $this->screen_limits;
        $barred = array_map(
            static fn (mixed $l): ?Limit => is_string($l) ? Limit::tryFrom($l) : null,
            is_array($kept) ? array_values($kept) : [null],
        );
        $known = array_values(array_filter($barred, static fn (?Limit $l): bool => $l !== null));

        return match (true) {
            $this->screen_outcome === null => Limits::none(),
            in_array($this->screen_outcome, [ScreenOutcome::NotYet, ScreenOutcome::Refer], true), $known !== $barred => Limits::everything(),
            default => Limits::of($known, $this->screen_most_share),
        };
    }

    /** @return list<string> of those who are here, or who were set aside; in order */
    public static function tagsInUse(bool $ofArchived = false): array
    {
        return array_values(self::query()->{$ofArchived ? 'whereNotNull' : 'whereNull'}('archived_at')->toBase()->crossJoin(new Expression(
            'jsonb_array_elements_text(tags) AS tag',
        ))
            ->distinct()->orderBy('tag')->limit(self::MOST_TAGS_SHOWN)->pluck('tag')->map(
                static fn (mixed $tag): string => (string) $tag,
            )->all());
    }
}
