<?php

declare(strict_types=1);

namespace App\Formats\Json\Methods;

use App\Formats\Json\Read;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Begin;
use SteadyRung\Method\Condition;
use SteadyRung\Method\Gate;
use SteadyRung\Method\Grows;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;

/**
 * A method as one JSON file: shipped, exported, imported, and given to the command line.
 */
final class MethodJson
{
    private const MOST_LINES = 20;

    private const MOST_MEANS = 6;

    private const LONGEST = 300;

    public static function read(JsonObject $json): Method
    {
        $json->allowing('key', 'name', 'idea', 'per_week', 'stages', 'says');
        [$low, $high] = self::range($json, 'per_week');
        $stages = array_map(self::stage(...), $json->objects('stages', Method::MOST_STAGES));
        if ($stages === []) {
            throw $json->fault('stages', 'A method has at least one stage.');
        }
        $says = self::says($json);

        return $json->build(
            static fn (JsonObject $j): Method => Method::of(
                $j->text('key', 64),
                $j->name('name', 80),
                $j->text('idea', self::LONGEST),
                [$low, $high],
                $stages,
                $says,
            ),
        );
    }

    /** @return array<string, mixed> */
    public static function of(Method $method): array
    {
        return [
            'key' => $method->key,
            'name' => $method->name,
            'idea' => $method->idea,
            'per_week' => $method->perWeek,
            'stages' => array_map(self::stageOf(...), $method->stages),
            'says' => (object) $method->says,
        ];
    }

    /** @return array<string, string> */
    private static function says(JsonObject $json): array
    {
        $object = $json->optionalObject('says');
        $says = $object?->strings(64) ?? [];
        $object?->build(static fn () => HouseRules::of($says));

        return $says;
    }

    private static function stage(JsonObject $json): Stage
    {
        $json->allowing('key', 'name', 'weeks', 'lines', 'gate', 'ends_at_share', 'ours', 'note', 'ends_by_date');
        $lines = array_map(self::line(...), $json->objects('lines', self::MOST_LINES));
        if ($lines === []) {
            throw $json->fault('lines', 'A stage has at least one line.');
        }
        $stage = new Stage(
            key: $json->text('key', 64),
            name: $json->name('name', 80),
            weeks: self::range($json, 'weeks'),
            lines: $lines,
            gate: self::gate($json->object('gate')),
            endsAtShare: Read::share($json, 'ends_at_share'),
            ours: $json->texts('ours', 20, self::LONGEST),
            note: $json->optionalText('note', self::LONGEST),
            endsByDate: self::flag($json, 'ends_by_date'),
        );
        $json->buildAt('lines', static fn () => $stage->work());

        return $stage;
    }

    public static function line(JsonObject $json): Prescription
    {
        $json->allowing(
            'part',
            'do',
            'accessory',
            'sets',
            'reps',
            'seconds',
            'total_reps',
            'metres',
            'rest_s',
            'to_failure',
            'per_side',
            'climbs',
            'tempo',
            'group',
            'begin',
            'grows',
            'per_week',
        );
        $means = array_map(self::allowed(...), $json->objects('do', self::MOST_MEANS));
        $accessory = $json->optionalChoice('accessory', Accessory::class);
        $do = $accessory ?? ($means === [] ? throw $json->fault('do', 'Say what is done: do or accessory.') : $means);
        $amount = self::amount($json);
        $begin = $json->optionalObject('begin');

        return $json->build(static fn (JsonObject $j): Prescription => Prescription::of(
            part: $j->choice('part', SessionPart::class), do: $do, sets: $j->integer('sets'), amount: $amount, restS: $j->integer('rest_s'),
            toFailure: self::flag(
                $j,
                'to_failure',
            ), isPerSide: self::flag($j, 'per_side'), climbs: self::flag($j, 'climbs'), tempo: $j->optionalText(
                'tempo',
                self::LONGEST,
            ), group: $j->optionalText('group', 8), begin: $begin === null ? null : self::begin($begin), grows: $j->optionalChoice(
                'grows',
                Grows::class,
            ), perWeek: $j->optionalInteger('per_week'),
        ));
    }

    private static function begin(JsonObject $json): Begin
    {
        $allowed = array_map(self::allowed(...), $json->allowing('do', 'reps')->objects('do', self::MOST_MEANS));

        return new Begin($allowed === [] ? throw $json->fault('do', 'Say what a set begins with.') : $allowed, $json->integer('reps'));
    }

    private static function amount(JsonObject $json): Amount
    {
        foreach (Measure::cases() as $measure) {
            if ($json->has($measure->value)) {
                [$low, $high] = self::range($json, $measure->value);

                return $json->build(static fn (): Amount => Amount::of($measure, $low, $high));
            }
        }

        throw $json->fault('reps', 'Say how much: reps, seconds, total_reps or metres.');
    }

    public static function allowed(JsonObject $json): AllowedExercises
    {
        return $json->allowing('kind', 'from_share', 'to_share', 'arranged', ...ExerciseJson::MANNER)->build(static fn (JsonObject $j): AllowedExercises => AllowedExercises::of(
            $j->choice('kind', ChoiceKind::class),
            ...ExerciseJson::style($j),
            ...[
                'fromShare' => $j->optionalNumber('from_share') ?? AllowedExercises::SHARE[0],
                'toShare' => $j->optionalNumber('to_share') ?? AllowedExercises::SHARE[1],
                'arranged' => $j->optionalChoice('arranged', Arrangement::class),
            ],
        ));
    }

    private static function gate(JsonObject $json): Gate
    {
        $json->allowing('sets', 'reps', 'seconds', 'total_reps', 'floor', 'sessions', 'least_days', 'also');
        $also = $json->optionalObject('also');
        $also = $also === null ? null : self::condition($also);
        foreach ([Measure::Reps, Measure::Seconds, Measure::TotalReps] as $measure) {
            if ($json->has($measure->value)) {
                return $json->build(
                    static fn (JsonObject $j): Gate => Gate::of(
                        $measure,
                        $j->integer('sets'),
                        $j->integer($measure->value),
                        $j->integer('floor'),
                        $j->optionalInteger('sessions') ?? 1,
                        $j->optionalInteger('least_days') ?? 0,
                        $also,
                    ),
                );
            }
        }

        throw $json->fault('reps', 'Say what the gate asks: reps, seconds or total_reps.');
    }

    private static function condition(JsonObject $json): Condition
    {
        $of = self::allowed($json->allowing('of', 'count')->object('of'));

        return $json->build(static fn (JsonObject $j): Condition => Condition::of($of, $j->integer('count')));
    }

    /** @return array{int, int} */
    public static function range(JsonObject $json, string $key): array
    {
        $numbers = $json->numbers($key, 2);
        if ($numbers === [] || array_filter($numbers, static fn (float $n): bool => floor($n) !== $n) !== []) {
            throw $json->fault($key, 'This must be one or two whole numbers.');
        }

        return [(int) $numbers[0], (int) ($numbers[1] ?? $numbers[0])];
    }

    private static function flag(JsonObject $json, string $key): bool
    {
        return $json->has($key) && $json->boolean($key);
    }

    /** @return array<string, mixed> */
    private static function stageOf(Stage $stage): array
    {
        $gate = $stage->gate;

        return array_filter([
            'key' => $stage->key,
            'name' => $stage->name,
            'weeks' => $stage->weeks,
            'lines' => array_map(self::lineOf(...), $stage->lines),
            'gate' => array_filter([
                'sets' => $gate->sets,
                $gate->measure->value => $gate->count,
                'floor' => $gate->floor,
                'sessions' => $gate->sessions,
                'least_days' => $gate->leastDays,
                'also' => $gate->also === null ? null : ['of' => self::meansOf($gate->also->of), 'count' => $gate->also->count],
            ], self::isSaid(...)),
            'ends_at_share' => $stage->endsAtShare,
            'ours' => $stage->ours,
            'note' => $stage->note,
            'ends_by_date' => $stage->endsByDate,
        ], self::isSaid(...));
    }

    /** @return array<string, mixed> */
    private static function lineOf(Prescription $line): array
    {
        return array_filter([
            'part' => $line->part->value,
            'accessory' => $line->accessory?->value,
            'do' => array_map(self::meansOf(...), $line->allowed),
            'sets' => $line->sets,
            $line->amount->measure->value => [$line->amount->low, $line->amount->high],
            'rest_s' => $line->restS,
            'to_failure' => $line->toFailure,
            'per_side' => $line->isPerSide,
            'climbs' => $line->climbs,
            'tempo' => $line->tempo,
            'group' => $line->group,
            'begin' => $line->begin === null
                ? null
                : ['do' => array_map(self::meansOf(...), $line->begin->allowed), 'reps' => $line->begin->reps],
            'grows' => $line->grows?->value,
            'per_week' => $line->perWeek,
        ], self::isSaid(...));
    }

    /** @return array<string, mixed> */
    private static function meansOf(AllowedExercises $means): array
    {
        return array_filter([
            'kind' => $means->kind->value,
            'movement' => $means->movement->value,
            'at' => $means->at?->value,
            'seconds' => $means->seconds,
            'grip' => $means->grip->value,
            'width' => $means->width->value,
            'up_by' => $means->upBy?->value,
            'from_share' => $means->shares[0],
            'to_share' => $means->shares[1],
            'arranged' => $means->arranged?->value,
        ], self::isSaid(...));
    }

    private static function isSaid(mixed $value): bool
    {
        return $value !== null && $value !== false && $value !== [];
    }
}
