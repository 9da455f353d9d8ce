<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\ChoiceCast;
use Carbon\CarbonImmutable;
use SteadyRung\Call\Verdict;
use SteadyRung\Ladder\Choice;

/**
 * A call with what was known when it was made, and what the coach decided.
 *
 * @property string $athlete_id
 * @property int $version
 * @property Verdict $verdict
 * @property array<string, mixed> $call
 * @property array<string, mixed> $situation
 * @property CarbonImmutable $made_at
 * @property Decision|null $decision
 * @property string|null $decision_hash
 * @property Verdict|null $override_verdict
 * @property Choice|null $override_choice
 * @property string|null $override_reason
 * @property string|null $decided_by
 * @property CarbonImmutable|null $decided_at
 */
final class CallRecord extends Record
{
    public $timestamps = false;

    protected $table = 'calls';

    protected $casts = [
        'verdict' => Verdict::class,
        'call' => 'array',
        'situation' => 'array',
        'made_at' => 'immutable_datetime',
        'decision' => Decision::class,
        'override_verdict' => Verdict::class,
        'override_choice' => ChoiceCast::class,
        'decided_at' => 'immutable_datetime',
    ];
}
