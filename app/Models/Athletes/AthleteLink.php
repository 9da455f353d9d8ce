<?php

declare(strict_types=1);

namespace App\Models\Athletes;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * The private link by which an athlete sees their own page; one stands at a time.
 *
 * @property string $athlete_id
 * @property string $user_id who made it
 * @property CarbonImmutable $made_at
 * @property string $last_on the gym's day after which it has expired
 * @property CarbonImmutable|null $ended_at
 */
final class AthleteLink extends Record
{
    public $timestamps = false;

    protected $table = 'athlete_links';

    protected $attributes = ['ended_at' => null];

    protected array $told = ['athlete_id', 'last_on'];

    protected $casts = ['made_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];

    /** The one that was not ended, whether or not it has expired. */
    public static function standingOf(string $athleteId): ?self
    {
        return self::query()->where('athlete_id', $athleteId)->whereNull('ended_at')->first();
    }

    /** Of any gym; who asks knows none yet. */
    public static function anywhere(string $id): ?self
    {
        return self::query()->withoutGlobalScope('gym')->find($id);
    }

    public function isOpen(string $today): bool
    {
        return $this->ended_at === null && $today <= $this->last_on;
    }
}
