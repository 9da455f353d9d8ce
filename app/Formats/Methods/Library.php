<?php

declare(strict_types=1);

namespace App\Formats\Methods;

use App\Formats\Json\Methods\MethodJson;
use App\Formats\JsonObject;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\Builders\Builders;
use SteadyRung\Method\Variation;

/**
 * What ships with the product beside the methods: the builders after the first rep, and the variations of classes.
 */
final class Library
{
    private const FOLDER = __DIR__.'/../../../core/Method';

    private const MOST = 50;

    /** @var list<Builder>|null */
    private static ?array $builders = null;

    /** @var list<Variation>|null */
    private static ?array $variations = null;

    /** @return list<Builder> */
    public static function builders(): array
    {
        return self::$builders ??= array_map(self::builder(...), self::read('Builders/builders'));
    }

    public static function find(?string $key): ?Builder
    {
        return array_values(array_filter(self::builders(), static fn (Builder $b): bool => $b->key === $key))[0] ?? null;
    }

    /** All of them, and the one that was chosen, from the day it was begun. */
    public static function for(?string $chosen, int $since): Builders
    {
        return new Builders(self::builders(), self::find($chosen), $since);
    }

    /** @return list<Variation> */
    public static function variations(): array
    {
        return self::$variations ??= array_map(self::variation(...), self::read('variations'));
    }

    private static function builder(JsonObject $json): Builder
    {
        $json->allowing('key', 'name', 'idea', 'weeks', 'from_reps', 'lines', 'tires', 'each_week');
        $lines = array_map(MethodJson::line(...), $json->objects('lines', self::MOST));

        return new Builder(
            key: $json->text('key', 64),
            name: $json->name('name', 80),
            idea: $json->text('idea', 300),
            weeks: MethodJson::range($json, 'weeks'),
            fromReps: $json->integer('from_reps'),
            lines: $lines === [] ? throw $json->fault('lines', 'Say what is done.') : $lines,
            tires: $json->has('tires') && $json->boolean('tires'),
            eachWeek: $json->texts('each_week', 12, 300),
        );
    }

    private static function variation(JsonObject $json): Variation
    {
        $json->allowing('key', 'name', 'reps', 'do', 'accessory', 'note');

        return new Variation(
            $json->text('key', 64),
            $json->name('name', 80),
            MethodJson::range($json, 'reps'),
            array_map(MethodJson::allowed(...), $json->objects('do', self::MOST)),
            $json->optionalChoice('accessory', Accessory::class),
            $json->optionalText('note', 300),
        );
    }

    /** @return list<JsonObject> */
    private static function read(string $name): array
    {
        return JsonObject::parse('{"of":'.file_get_contents(self::FOLDER."/$name.json").'}')->objects('of', self::MOST);
    }
}
