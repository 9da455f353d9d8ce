<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Formats\Stored\StoredPain;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use SteadyRung\Safety\Pain;

/**
 * Kept encrypted.
 *
 * @implements CastsAttributes<Pain, Pain>
 */
final class PainCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Pain
    {
        return is_string($value) ? StoredPain::read(Sealed::open(Sealed::column($model, $key), $value)) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Pain ? Sealed::shut(Sealed::column($model, $key), StoredPain::write($value)) : null;
    }
}
