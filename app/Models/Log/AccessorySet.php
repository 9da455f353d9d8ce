<?php

declare(strict_types=1);

namespace App\Models\Log;

use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * A set of work beside the pull.
 *
 * @property string $athlete_id
 * @property string $user_id
 * @property string $trained_on
 * @property string $accessory
 * @property int|null $reps
 * @property float|null $seconds
 * @property float|null $metres
 * @property float|null $load_kg
 * @property CarbonImmutable $performed_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class AccessorySet extends Record
{
    public $timestamps = false;

    protected $table = 'accessory_sets';

    protected $casts = [
        'seconds' => 'float',
        'metres' => 'float',
        'load_kg' => 'float',
        'performed_at' => 'immutable_datetime',
        'taken_back_at' => 'immutable_datetime',
    ];

    /**
     * What was not taken back.
     *
     * @return Builder<self>
     */
    public static function standing(): Builder
    {
        return self::query()->whereNull('taken_back_at');
    }
}
