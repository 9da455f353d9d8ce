<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Formats\Stored\StoredChoice;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use SteadyRung\Ladder\Choice;

/**
 * @implements CastsAttributes<Choice, Choice>
 */
final class ChoiceCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Choice
    {
        return is_string($value) ? StoredChoice::read($value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Choice ? json_encode(StoredChoice::write($value), JSON_THROW_ON_ERROR) : null;
    }
}
