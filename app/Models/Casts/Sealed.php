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
        return is_string($value) ? json_decode(self::open(self::column($model, $key), $value), true, flags: JSON_THROW_ON_ERROR) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return self::shut(self::column($model, $key), $value);
    }

    /**
     * What a column holds of a value.
     *
     * @param  mixed  $plain  as json_decode gives it with arrays
     */
    public static function shut(SealedColumn $column, mixed $plain): ?string
    {
        $json = $plain === null ? null : json_encode($plain, JSON_THROW_ON_ERROR);

        return $json === null || ! $column->seals($plain) ? $json : self::held($column, self::seal($json));
    }

    /**
     * The JSON of what a column holds.
     *
     * @throws Damaged if no key opens it
     */
    public static function open(SealedColumn $column, string $held): string
    {
        $sealed = self::sealIn($column, $held);

        return $sealed === null ? $held : self::unseal($column, $sealed);
    }

    /** The cipher text of some JSON. */
    public static function seal(string $json): string
    {
        return Model::currentEncrypter()->encrypt($json, false);
    }

    /** @throws Damaged if no key opens it */
    public static function unseal(SealedColumn $column, string $sealed): string
    {
        try {
            return Model::currentEncrypter()->decrypt($sealed, false);
        } catch (DecryptException $locked) {
            throw Damaged::form($column->value, $locked);
        }
    }

    /** A cipher text as its column holds it. */
    public static function held(SealedColumn $column, string $sealed): string
    {
        return $column->isJson() ? json_encode($sealed, JSON_THROW_ON_ERROR) : $sealed;
    }

    /** The cipher text in what a column holds; none where it is plain. */
    public static function sealIn(SealedColumn $column, string $held): ?string
    {
        $sealed = $column->isJson() ? json_decode($held) : $held;

        return is_string($sealed) ? $sealed : null;
    }

    public static function column(Model $model, string $key): SealedColumn
    {
        return SealedColumn::from("{$model->getTable()}.$key");
    }
}
