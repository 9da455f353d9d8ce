<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;

/**
 * Every query and every write of the model stays inside the current gym.
 */
trait BelongsToGym
{
    public static function bootBelongsToGym(): void
    {
        static::addGlobalScope('gym', static function (Builder $query): void {
            $query->where($query->qualifyColumn('gym_id'), app(GymScope::class)->id());
        });
    }

    /**
     * @param  Builder<static>  $query
     * @return Builder<static>
     */
    protected function setKeysForSaveQuery($query): Builder
    {
        return parent::setKeysForSaveQuery($query)->where('gym_id', app(GymScope::class)->id());
    }
}
