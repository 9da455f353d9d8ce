<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\JsonObject;
use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\GearKind;
use SteadyRung\Floor\Timetable\Retiming;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\StationKind;
use SteadyRung\Floor\Timetable\Timetable;
use SteadyRung\Floor\Timetable\Turn;

/**
 * Who does what when in a class: planned anew behind what has begun, or, where something was told before, timed anew.
 */
final class TimetableQuestion
{
    private const MOST_SLOTS = Evening::MOST_COMERS * Comer::TURNS[1];

    public static function answer(JsonObject $json): object
    {
        $json->allowing('length_s', 'change_s', 'stations', 'gear', 'athletes', 'fixed', 'told', 'now_s');
        $evening = self::evening($json);
        [$begun, $told, $nowS] = [self::slots($json, 'fixed'), self::slots($json, 'told'), self::seconds($json, 'now_s') ?? 0];
        $nowS >= 0 || throw $json->fault('now_s', 'The class has not begun then.');

        return self::told($json->build(
            static fn (): Timetable => $told === [] ? Search::plan($evening, $begun, $nowS) : Retiming::of($evening, $begun, $told, $nowS),
        ));
    }

    private static function evening(JsonObject $json): Evening
    {
        $stations = self::kinds($json, 'stations', StationKind::class, Evening::MOST_STATIONS);
        $gear = self::kinds($json, 'gear', GearKind::class, Evening::MOST_GEAR);
        $ids = [];
        $comers = array_map(static function (JsonObject $athlete) use (&$ids, $stations, $gear): Comer {
            $athlete->allowing('id', 'arrives_s', 'sets');
            $turns = array_map(
                static fn (JsonObject $set): Turn => self::turn($set, $stations, $gear),
                $athlete->objects('sets', Comer::TURNS[1]),
            );
            $id = self::own($athlete, $ids);
            $ownIds = array_unique(array_column($turns, 'id'));
            count($ownIds) === count($turns) || throw $athlete->fault('sets', 'Two sets have the same id.');
            $turns !== [] || throw $athlete->fault('sets', 'There must be a set.');

            return $athlete->build(static fn (JsonObject $j): Comer => new Comer($id, self::seconds($j, 'arrives_s') ?? 0, $turns));
        }, $json->objects('athletes', Evening::MOST_COMERS));

        return $json->build(static fn (JsonObject $j): Evening => Evening::of(
            self::seconds($j, 'length_s') ?? throw $j->fault('length_s', 'The length of the class must be given, in seconds.'),
            self::seconds($j, 'change_s') ?? 0,
            $stations,
            $gear,
            $comers,
        ));
    }

    /**
     * @param  array<string, mixed>  $stations  by id
     * @param  array<string, mixed>  $gear
     */
    private static function turn(JsonObject $set, array $stations, array $gear): Turn
    {
        $set->allowing('id', 'duration_s', 'rest_after_s', 'stations', 'gear');
        $on = self::named($set, 'stations', Evening::MOST_STATIONS, $stations);
        $with = self::named($set, 'gear', Evening::MOST_GEAR, $gear);
        $on !== [] || throw $set->fault('stations', 'There must be a station.');

        return $set->build(static fn (JsonObject $j): Turn => new Turn(
            $j->text('id', 64),
            self::seconds($j, 'duration_s') ?? throw $j->fault('duration_s', 'How long the set takes must be given, in seconds.'),
            self::seconds($j, 'rest_after_s') ?? 0,
            $on,
            $with,
        ));
    }

    /**
     * @param  array<string, mixed>  $there  by id
     * @return list<string>
     */
    private static function named(JsonObject $set, string $key, int $most, array $there): array
    {
        $ids = array_values(array_unique($set->texts($key, $most)));
        foreach ($ids as $id) {
            isset($there[$id]) || throw $set->fault($key, "There is no “{$id}” here.");
        }

        return $ids;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $kinds
     * @return array<string, T> by id
     */
    private static function kinds(JsonObject $json, string $key, string $kinds, int $most): array
    {
        $found = $ids = [];
        foreach ($json->objects($key, $most) as $one) {
            $one->allowing('id', 'kind');
            $found[self::own($one, $ids)] = $one->choice('kind', $kinds);
        }

        return $found;
    }

    /** @param  array<string, mixed>  $taken  ids so far */
    private static function own(JsonObject $one, array &$taken): string
    {
        $id = $one->text('id', 64);
        array_key_exists($id, $taken) && throw $one->fault('id', "“{$id}” stands here twice.");
        $taken[$id] ??= true;

        return $id;
    }

    /** @return list<Slot> */
    private static function slots(JsonObject $json, string $key): array
    {
        return array_map(static fn (JsonObject $slot): Slot => new Slot(
            $slot->allowing('athlete', 'set', 'start_s', 'station')->text('athlete', 64),
            $slot->text('set', 64),
            self::seconds($slot, 'start_s') ?? throw $slot->fault('start_s', 'When it begins must be given, in seconds.'),
            $slot->text('station', 64),
        ), $json->objects($key, self::MOST_SLOTS));
    }

    /** Whole seconds; a part of one is a whole one. */
    private static function seconds(JsonObject $json, string $key): ?int
    {
        $seconds = $json->optionalNumber($key);

        return match (true) {
            $seconds === null => null,
            abs($seconds) > Evening::LENGTH_S[1] * 2 => throw $json->fault($key, 'This is no time of a class.'),
            default => (int) ($seconds < 0.0 ? floor($seconds) : ceil($seconds)),
        };
    }

    private static function told(Timetable $timetable): object
    {
        return (object) [
            'fits' => $timetable->fits,
            'sets' => array_map(static fn (Slot $slot): object => (object) [
                'athlete' => $slot->athlete, 'set' => $slot->set, 'start_s' => $slot->startS, 'station' => $slot->station,
            ], $timetable->slots),
            'makespan_s' => $timetable->endS,
            'lower_bound_s' => $timetable->boundS,
            'waiting_s' => $timetable->waitingS,
            'changes' => $timetable->changes,
        ];
    }
}
