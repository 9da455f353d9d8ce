<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A stored form that may be encrypted, handed on as its text; written from what the form writes.
 *
 * @implements CastsAttributes<string, array<string, mixed>>
 */
final class SealedText implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return is_string($value) ? Sealed::open(Sealed::column($model, $key), $value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return is_array($value) ? Sealed::shut(Sealed::column($model, $key), $value) : null;
    }
}
