<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\CoreError;

/**
 * What all stored forms share: each names its version; unknown keys are passed over, so that a newer row never takes down
 * an older program.
 */
final class StoredForm
{
    /** However long it is: what was kept once is read. */
    public const ANY = PHP_INT_MAX;

    /**
     * @template T
     *
     * @param  \Closure(JsonObject): T  $read
     * @return T
     *
     * @throws Damaged if the kept text is not what the form says
     */
    public static function read(string $form, string $json, \Closure $read): mixed
    {
        try {
            return $read(JsonObject::parse($json));
        } catch (Unreadable|CoreError $error) {
            throw Damaged::form($form, $error);
        }
    }

    /**
     * A form's keys with its version; what is null or empty is left out.
     *
     * @param  array<string, mixed>  $keys
     * @return array<string, mixed>
     */
    public static function keys(int $version, array $keys): array
    {
        return ['v' => $version] + array_filter($keys, static fn (mixed $value): bool => $value !== null && $value !== []);
    }
}
