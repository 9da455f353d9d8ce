<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\ExerciseCast;
use App\Models\Casts\PainCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Expression;
use SteadyRung\Body\Body;
use SteadyRung\Body\SegmentTable;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Safety\Pain;

/**
 * @property string $name
 * @property AthleteKind $kind
 * @property float $mass_kg
 * @property float $stature_m
 * @property float|null $reach_m
 * @property SegmentTable $proportions
 * @property list<string> $tags
 * @property CarbonImmutable|null $archived_at
 * @property string|null $last_trained_on
 * @property Exercise|null $chosen
 * @property Pain|null $pain
 * @property CarbonImmutable|null $paused_at
 */
final class Athlete extends Record
{
    protected $attributes = ['reach_m' => null, 'chosen' => null, 'pain' => null, 'paused_at' => null, 'tags' => '[]', 'proportions' => 'average', 'archived_at' => null, 'last_trained_on' => null];

    protected array $told = ['name', 'kind', 'mass_kg', 'stature_m', 'reach_m'];

    protected $casts = [
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
    ];

    public function toCore(): Body
    {
        return $this->bodyAt($this->mass_kg);
    }

    /** The body at the mass of another day. */
    public function bodyAt(float $massKg): Body
    {
        return Body::of($massKg, $this->stature_m, $this->reach_m, $this->proportions);
    }

    /** @return list<string> at most so many, in order */
    public static function tagsInUse(int $most = 60): array
    {
        return array_values(self::query()->toBase()->crossJoin(new Expression('jsonb_array_elements_text(tags) AS tag'))
            ->distinct()->orderBy('tag')->limit($most)->pluck('tag')->map(static fn (mixed $tag): string => (string) $tag)->all());
    }
}
