<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Day;
use App\Formats\Json\Methods\MethodJson;
use App\Formats\Json\Read;
use App\Formats\Json\Setups\SetupJson;
use App\Formats\JsonObject;
use App\Formats\Methods\Catalogue;
use App\Formats\Unreadable;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\ChoiceFor;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Kit;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Method\Place;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\FollowedEstimates;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Safety\Condition;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Safety\Overhead;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Safety\Screening;
use SteadyRung\Safety\Symptom;

/**
 * All that is known of an athlete on a day, as the topics session and call ask it.
 */
final class BriefQuestion
{
    private const LATEST = '2099-12-31';

    private const AGE = [5.0, 110.0];

    private const ADULT = 18;

    private const MOST = 20_000;

    private const PER_WEEK = [1.0, 7.0];

    public static function read(JsonObject $json): AthleteContext
    {
        $json->allowing(
            'body',
            'age_years',
            'screen',
            'place',
            'method',
            'rules',
            'kit',
            'log',
            'signals',
            'weighings',
            'clearances',
            'sessions_a_week',
            'on',
        );
        $on = $json->date('on', self::LATEST);
        $body = Read::body($json->object('body'));
        $kit = Read::kit($json->object('kit'));
        $search = new RungSearch($kit, self::limits($json));
        $method = self::method($json);
        $ways = new SearchedRungs($search, $body);
        $diary = DiaryQuestion::read($json, $kit, $body, $on);
        [$place, $missing] = self::place($json->object('place'), $method, $search, $body);
        $settled = $json->optionalObject('rules');
        $positions = $settled?->strings(64) ?? [];
        $rules = $settled?->build(static fn (): HouseRules => HouseRules::of($positions)) ?? HouseRules::usual();
        $perWeek = $json->optionalInteger('sessions_a_week');
        $json->build(static fn () => OutOfRange::guard(['sessions_a_week' => [$perWeek, self::PER_WEEK]]));
        $today = Day::number($on);

        return new AthleteContext(
            today: $today,
            method: $method,
            place: $place,
            house: $rules,
            diary: $diary,
            estimates: FollowedEstimates::through($diary, $today),
            ways: $ways,
            perWeek: $perWeek,
            missing: $missing,
        );
    }

    /** @return list<Signal> */
    public static function signals(JsonObject $json, string $upTo): array
    {
        $signals = [];
        foreach ($json->objects('signals', self::MOST) as $one) {
            $one->allowing('on', 'soreness', 'symptoms', 'pain', 'gave_out', 'effort', 'takes_hold', 'felt_worked');
            $on = $one->date('on', self::LATEST);
            $signal = $one->build(static fn (JsonObject $j): Signal => Signal::of(
                day: Day::number($on), soreness: $j->optionalInteger('soreness'), symptoms: $j
                    ->choices('symptoms', Symptom::class), pain: self::pain($j), limitingFactor: $j
                    ->optionalChoice('gave_out', LimitingFactor::class), effort: $j
                    ->optionalInteger('effort'),
                takesHold: $j->has('takes_hold') ? $j->boolean('takes_hold') : null, feltWorked: $j->optionalText('felt_worked', 200),
            ));
            if ($on <= $upTo) {
                $signals[] = $signal;
            }
        }
        usort($signals, static fn (Signal $a, Signal $b): int => $a->day <=> $b->day);

        return $signals;
    }

    /** Pain of degree 1 or more; fingers read as the wrist or hand. */
    public static function pain(JsonObject $json): ?Pain
    {
        $pain = $json->optionalObject('pain')?->allowing('place', 'degree');
        if ($pain === null) {
            return null;
        }
        $place = $pain->text('place', 32) === 'fingers' ? PainPlace::Wrist : $pain->choice('place', PainPlace::class);
        $degree = $pain->integer('degree');
        $pain->build(static fn () => OutOfRange::guard(['degree' => [$degree, [0.0, Pain::LEVEL[1]]]]));

        return $degree === 0 ? null : Pain::of($place, $degree);
    }

    private static function method(JsonObject $json): Method
    {
        if ($json->has('method')) {
            return MethodJson::read($json->object('method'));
        }
        $key = $json->object('place')->text('method', 64);

        return Catalogue::has($key) ? Catalogue::method($key) : throw Unreadable::unknown('/place/method', $key, Catalogue::keys());
    }

    /**
     * The place, and why the rung in use cannot be built, where it cannot.
     *
     * @return array{Place, string|null}
     */
    private static function place(JsonObject $json, Method $method, RungSearch $search, Body $body): array
    {
        $json->allowing('method', 'stage', 'since', 'rung');
        $key = $json->text('stage', 64);
        $stage = $method->find($key) ?? throw Unreadable::unknown('/place/stage', $key, array_column($method->stages, 'key'));
        $place = new Place($stage, Day::number($json->date('since', self::LATEST)), null);
        if (! $json->has('rung')) {
            return [$place, null];
        }
        $rung = self::rung($json->object('rung'), $search, $body);

        return $rung instanceof Rung ? [$place->on($rung), null] : [$place, $rung];
    }

    private static function rung(JsonObject $json, RungSearch $search, Body $body): Rung|string
    {
        $missing = self::missingBand($json, $search->kit);
        if ($missing !== null) {
            return $missing;
        }
        [$setup, $style] = SetupJson::done($json, $search->kit);
        $choice = ChoiceFor::setup($setup, $search->kit);
        if ($choice === null) {
            return 'The kit lacks a piece of it.';
        }
        $rung = $search->standing(Exercise::done($choice, $style), $body);

        return $rung instanceof Rung ? $rung : $rung->reason ?? '';
    }

    /** A band named by its id alone that the kit lacks. */
    private static function missingBand(JsonObject $json, Kit $kit): ?string
    {
        foreach ($json->object('setup')->objects('bands', Kit::MOST_BANDS) as $band) {
            $id = $band->optionalText('id', 64);
            if (
                $id !== null
                && ! $band->has('hung_length_m')
                && array_filter($kit->bands, static fn ($own): bool => $own->id === $id) === []
            ) {
                return "The kit lacks the band $id.";
            }
        }

        return null;
    }

    /** What the screen leaves; under 18 nothing before one is cleared. */
    private static function limits(JsonObject $json): Limits
    {
        $age = $json->optionalInteger('age_years');
        $json->build(static fn () => OutOfRange::guard(['age_years' => [$age, self::AGE]]));
        $screen = $json->optionalObject('screen')?->allowing('on', 'overhead', 'conditions', 'cleared', 'limits', 'most_share');
        if ($screen === null) {
            return $age !== null && $age < self::ADULT ? Limits::everything() : Limits::none();
        }
        $screen->date('on', self::LATEST);
        $isCleared = $screen->boolean('cleared');
        $found = $screen->build(static fn (JsonObject $s): Screening => Screening::of(
            $s->choice('overhead', Overhead::class),
            conditions: $s->choices('conditions', Condition::class),
            isClearedByClinician: $isCleared,
            further: $s->choices('limits', Limit::class),
            mostShare: $s->optionalNumber('most_share'),
        ));

        return $isCleared ? $found->limits() : Limits::everything();
    }
}
