<?php

declare(strict_types=1);

namespace App\Models\Floor;

use App\Formats\Day;
use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Floor\ClassPattern;

/**
 * A class: once, or every week; who comes is found by tags.
 *
 * @property string $user_id
 * @property string $name
 * @property string $first_on
 * @property string $at where the gym is, as 18:30
 * @property int $minutes
 * @property bool $weekly
 * @property string|null $last_on
 * @property list<string> $tags
 * @property CarbonImmutable $made_at
 */
final class GymClass extends Record
{
    public const MOST = 60;

    /** On one floor at a time. */
    public const MOST_COMERS = 24;

    public $timestamps = false;

    protected $table = 'classes';

    protected $attributes = ['tags' => '[]', 'last_on' => null];

    protected $casts = ['weekly' => 'boolean', 'tags' => 'array', 'made_at' => 'immutable_datetime'];

    public function toCore(): ClassPattern
    {
        return ClassPattern::of(
            Day::number($this->first_on),
            $this->minutes,
            $this->weekly,
            $this->last_on === null ? null : Day::number($this->last_on),
        );
    }

    public function startsAt(string $on, string $timezone): \DateTimeImmutable
    {
        return new \DateTimeImmutable("$on $this->at", new \DateTimeZone($timezone));
    }

    /**
     * What may be held on a day or later.
     *
     * @return Builder<self>
     */
    public static function from(string $on): Builder
    {
        return self::query()->where(static fn ($q) => $q->whereNull('last_on')->orWhere('last_on', '>=', $on))
            ->where(
                static fn ($q) => $q->where('weekly', true)->orWhere('first_on', '>=', $on),
            )->orderBy('at')->orderBy('name')->orderBy('id')->limit(self::MOST);
    }
}
