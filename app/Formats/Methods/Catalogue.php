<?php

declare(strict_types=1);

namespace App\Formats\Methods;

use App\Formats\Json\Methods\MethodJson;
use App\Formats\JsonObject;
use SteadyRung\Method\Method;

/**
 * The methods that ship with the product.
 */
final class Catalogue
{
    public const USUAL = 'steady-ladder';

    private const FOLDER = __DIR__.'/../../../core/Method/catalogue';

    /** @var list<string>|null in order of the alphabet, as glob lists them */
    private static ?array $keys = null;

    /** @var array<string, Method> */
    private static array $read = [];

    /** @return list<string> */
    public static function keys(): array
    {
        return self::$keys ??= array_map(static fn (string $file): string => basename($file, '.json'), glob(self::FOLDER.'/*.json') ?: []);
    }

    public static function has(string $key): bool
    {
        return in_array($key, self::keys(), true);
    }

    public static function method(string $key): Method
    {
        return self::$read[$key] ??= MethodJson::read(JsonObject::parse((string) file_get_contents(self::FOLDER."/$key.json")));
    }

    /** @return list<Method> */
    public static function all(): array
    {
        return array_map(self::method(...), self::keys());
    }
}
