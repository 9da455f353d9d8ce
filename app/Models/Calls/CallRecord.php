<?php

declare(strict_types=1);

namespace App\Models\Calls;

use App\Formats\Stored\SealedColumn;
use App\Models\Casts\ExerciseCast;
use App\Models\Casts\Sealed;
use App\Models\Casts\SealedText;
use App\Models\Record;
use Carbon\CarbonImmutable;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Exercise;

/**
 * A call with what was known when it was made, and what the coach decided.
 *
 * @property string $athlete_id
 * @property int $version
 * @property Verdict $verdict
 * @property string $call as kept
 * @property array<string, mixed> $situation
 * @property CarbonImmutable $made_at
 * @property string|null $changed what was changed under it since, in words
 * @property Decision|null $decision
 * @property Verdict|null $override_verdict
 * @property Exercise|null $override_exercise
 * @property string|null $override_name of the set-up, as it was called then
 * @property string|null $override_reason
 * @property Exercise|null $chosen_before what the athlete was on when it was decided
 * @property array{method: string, stage: string, since: string|null}|null $place_before where the athlete stood when it was decided
 * @property string|null $decided_by
 * @property CarbonImmutable|null $decided_at
 */
final class CallRecord extends Record
{
    public $timestamps = false;

    protected $table = 'calls';

    protected $casts = [
        'verdict' => Verdict::class,
        'call' => SealedText::class,
        'situation' => Sealed::class,
        'made_at' => 'immutable_datetime',
        'decision' => Decision::class,
        'override_verdict' => Verdict::class,
        'override_exercise' => ExerciseCast::class,
        'chosen_before' => ExerciseCast::class,
        'place_before' => 'array',
        'decided_at' => 'immutable_datetime',
    ];

    /** As StoredSituation reads it. */
    public function keptSituation(): string
    {
        return Sealed::open(SealedColumn::Situation, (string) $this->getRawOriginal('situation'));
    }

    public static function openOf(string $athleteId): ?self
    {
        return self::query()->where('athlete_id', $athleteId)->whereNull('decided_at')->first();
    }

    /**
     * The one that waits for a decision and the one decided last.
     *
     * @return array{self|null, self|null}
     */
    public static function latestOf(string $athleteId): array
    {
        [$first, $second] = [...self::query()->where('athlete_id', $athleteId)->orderByDesc('decided_at')->limit(2)->get(), null, null];

        return $first?->decided_at === null ? [$first, $second] : [null, $first];
    }
}
