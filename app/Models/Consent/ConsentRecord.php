<?php

declare(strict_types=1);

namespace App\Models\Consent;

use App\Models\Record;
use Carbon\CarbonImmutable;
use SteadyRung\Safety\Consent\Consent;
use SteadyRung\Safety\Consent\ConsentGiver;
use SteadyRung\Safety\Consent\ConsentState;

/**
 * That consent was given, with the words agreed to, or taken back.
 *
 * @property string $athlete_id
 * @property string $user_id the coach who noted it
 * @property string|null $born_on none where it was taken back
 * @property ConsentGiver|null $by
 * @property string|null $guardian by name
 * @property string|null $words
 * @property string $given_on
 * @property CarbonImmutable $noted_at
 */
final class ConsentRecord extends Record
{
    public $timestamps = false;

    protected $table = 'consents';

    protected $attributes = ['born_on' => null, 'by' => null, 'guardian' => null, 'words' => null];

    protected $casts = ['by' => ConsentGiver::class, 'noted_at' => 'immutable_datetime'];

    /**
     * What holds of some athletes now.
     *
     * @param  list<string>  $athleteIds
     * @return array<string, self> by athlete
     */
    public static function latestOf(array $athleteIds): array
    {
        /** @var array<string, self> */
        return self::query()->whereIn('athlete_id', $athleteIds)->selectRaw('DISTINCT ON (athlete_id) *')
            ->orderBy('athlete_id')->orderByDesc('noted_at')->orderByDesc('id')->get()->keyBy('athlete_id')->all();
    }

    public static function latest(string $athleteId): ?self
    {
        return self::latestOf([$athleteId])[$athleteId] ?? null;
    }

    public static function state(?self $latest, string $today, string $wordsNow): ConsentState
    {
        return match (true) {
            $latest === null => ConsentState::None,
            $latest->born_on === null || $latest->by === null => ConsentState::Withdrawn,
            default => (new Consent($latest->born_on, $latest->by, (string) $latest->words))->state($today, $wordsNow),
        };
    }
}
