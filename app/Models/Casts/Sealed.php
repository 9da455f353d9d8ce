<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Formats\Stored\Damaged;
use App\Formats\Stored\SealedColumn;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Eloquent\Model;

/**
 * A value that is kept encrypted where it says something of health, and read as json_decode gives it.
 *
 * @implements CastsAttributes<mixed, mixed>
 */
final class Sealed implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        $plain = is_string($value) ? self::open(self::column($model, $key), $value) : null;

        return $plain === null ? null : json_decode($plain, true, flags: JSON_THROW_ON_ERROR);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return self::shut(self::column($model, $key), $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR));
    }

    /** What a column holds of a value. */
    public static function shut(SealedColumn $column, ?string $json): ?string
    {
        if ($json === null || ! $column->seals(json_decode($json, true, flags: JSON_THROW_ON_ERROR))) {
            return $json;
        }
        $sealed = Model::currentEncrypter()->encrypt($json, false);

        return $column->isJson() ? json_encode($sealed, JSON_THROW_ON_ERROR) : $sealed;
    }

    /**
     * The JSON of what a column holds.
     *
     * @throws Damaged if no key opens it
     */
    public static function open(SealedColumn $column, string $held): string
    {
        $sealed = $column->isJson() ? json_decode($held) : $held;
        if (! is_string($sealed)) {
            return $held;
        }
        try {
            return Model::currentEncrypter()->decrypt($sealed, false);
        } catch (DecryptException $locked) {
            throw Damaged::form($column->value, $locked);
        }
    }

    public static function column(Model $model, string $key): SealedColumn
    {
        return SealedColumn::from("{$model->getTable()}.$key");
    }
}
