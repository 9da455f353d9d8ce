<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Formats\Stored\StoredExercise;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use SteadyRung\Exercise\Exercise;

/**
 * @implements CastsAttributes<Exercise, Exercise>
 */
final class ExerciseCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Exercise
    {
        return is_string($value) ? StoredExercise::read($value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Exercise ? json_encode(StoredExercise::write($value), JSON_THROW_ON_ERROR) : null;
    }
}
