<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Day;
use App\Formats\Json\Setups\SetupJson;
use App\Formats\JsonObject;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\ChoiceFor;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Rung;
use SteadyRung\Kit\Kit;
use SteadyRung\Method\Accessory;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\EvenDown;
use SteadyRung\Plan\Diary\NoCount;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Reps\Seconds;

/**
 * The log of an athlete up to a day, read from JSON; a load is computed once for the same exercise at the same mass.
 */
final class DiaryQuestion
{
    private const MOST = 20_000;

    private const LATEST = '2099-12-31';

    /** A set itself, where only the rests are known. */
    private const SET_S = 30.0;

    private const LOADS_KEPT = 500;

    /** @var array<string, array{ChoiceKind, ExecutionStyle, float, FeltLoad}> */
    private array $loads = [];

    /** @var array<string, Body> */
    private array $bodies = [];

    /** @param  list<array{string, float}>  $weighed  day and mass in kg, in order */
    private function __construct(private readonly Kit $kit, private readonly Body $body, private readonly array $weighed)
    {
    }

    public static function read(JsonObject $json, Kit $kit, Body $body, string $upTo): Diary
    {
        return (new self($kit, $body, self::weighings($json)))->diary($json, $upTo);
    }

    private function diary(JsonObject $json, string $upTo): Diary
    {
        $done = $beside = $parts = [];
        $last = '';
        $atS = 0.0;
        foreach ($json->objects('log', self::MOST) as $entry) {
            $entry->allowing(
                'on',
                'set',
                'exercise',
                'purpose',
                'asked',
                'to_failure',
                'rest_before_s',
                'reps',
                'no_counts',
                'faults',
                'reserve',
                'seconds',
                'splits_s',
                'halves_s',
                'pain',
            );
            $on = $entry->date('on', self::LATEST);
            if ($on < $last) {
                throw $entry->fault('on', "The log is in order, and the entry before is of $last.");
            }
            $atS = $on === $last ? $atS + self::SET_S + ($entry->optionalNumber('rest_before_s') ?? 0.0) : 0.0;
            $last = $on;
            $set = $entry->optionalText('set', 64);
            $isPart = $set !== null && isset($parts["$on $set"]);
            $parts[$set === null ? '' : "$on $set"] = true;
            if ($entry->object('exercise')->has('accessory')) {
                $one = self::beside($entry, $on);
                $on <= $upTo ? $beside[] = $one : null;
            } else {
                $one = $this->done($entry, $on, $isPart, $entry->has('rest_before_s') || $atS === 0.0 ? $atS : null);
                $on <= $upTo ? $done[] = $one : null;
            }
        }
        $cleared = array_map(
            static fn (JsonObject $j): int => Day::number($j->allowing('on', 'note')->date('on', self::LATEST)),
            $json->objects('clearances', self::MOST),
        );

        return new Diary($done, $beside, BriefQuestion::signals($json, $upTo), $cleared);
    }

    private static function beside(JsonObject $entry, string $on): AccessoryWork
    {
        $what = $entry->object('exercise')->allowing('accessory', 'load_kg', 'seconds', 'metres', 'side');

        return new AccessoryWork(
            day: Day::number($on),
            accessory: $what->choice('accessory', Accessory::class),
            reps: $entry->optionalInteger('reps'),
            seconds: $entry->optionalNumber('seconds') ?? $what->optionalNumber('seconds'),
            loadKg: $what->optionalNumber('load_kg'),
            metres: $what->optionalNumber('metres'),
            pain: BriefQuestion::pain($entry),
        );
    }

    private function done(JsonObject $entry, string $on, bool $isPart, ?float $atS): Done
    {
        [$kind, $style, $share, $load] = $this->load($entry->object('exercise'), $on);
        $asked = $entry->optionalObject('asked')?->allowing('reps', 'seconds');
        $reps = $entry->optionalInteger('reps');
        $reserve = $entry->optionalInteger('reserve');
        $splits = $entry->numbers('splits_s', 100);
        $halves = $entry->numbers('halves_s', 100);
        $seconds = $entry->optionalNumber('seconds') ?? ($splits === [] ? null : array_sum($splits) / count($splits));
        $askedReps = $asked?->optionalInteger('reps');
        $askedS = $asked?->optionalNumber('seconds');
        $entry->build(
            static fn () => OutOfRange::guard([
                'reps' => [$reps, Observation::REPS],
                'reserve' => [$reserve, Observation::RESERVE],
                'seconds' => [$seconds, [0.0, Seconds::ASKED[1]]],
            ]),
        );
        $asked?->build(
            static fn () => OutOfRange::guard(['reps' => [$askedReps, Observation::REPS], 'seconds' => [$askedS, Seconds::ASKED]]),
        );
        $style = $askedS !== null && $style->movement->isTimed() ? $style->lasting($askedS) : $style;

        return new Done(
            day: Day::number($on), purpose: $entry->choice(
                'purpose',
                Purpose::class,
            ), kind: $kind, style: $style, share: $share, load: $load, work: null, isPart: $isPart, askedReps: $askedReps,
            toFailure: $entry->has('to_failure')
                && $entry->boolean('to_failure'), reps: $reps, noCounts: self::noCounts($entry), faults: $entry->choices(
                    'faults',
                    FormFault::class,
                ), reserve: $reserve, seconds: $seconds, pain: BriefQuestion::pain($entry), atS: $atS,
            uneven: EvenDown::uneven($splits, $halves),
        );
    }

    private static function noCounts(JsonObject $entry): int
    {
        $counts = $entry->optionalObject('no_counts')?->allowing(...array_column(NoCount::cases(), 'value'));

        return $counts === null
            ? 0
            : array_sum(array_map(static fn (NoCount $reason): int => $counts->optionalInteger($reason->value) ?? 0, NoCount::cases()));
    }

    /** @return array{ChoiceKind, ExecutionStyle, float, FeltLoad} */
    private function load(JsonObject $exercise, string $on): array
    {
        $body = $this->bodyOn($on);
        $key = $exercise->fingerprint().$body->massKg;
        if (! isset($this->loads[$key])) {
            $this->loads = count($this->loads) < self::LOADS_KEPT ? $this->loads : [];
            [$setup, $style] = SetupJson::done($exercise, $this->kit);
            $load = $setup->carriedBy($body, $style->travel());
            $load instanceof CarriedLoad || throw $exercise->fault('setup', 'This does not fit this body: '.$load->reason);
            $choice = ChoiceFor::setup($setup, $this->kit);
            $felt = $choice === null
                ? FeltLoad::of($load->effectiveShare(), $load->shareSd, md5($exercise->fingerprint()), $load->demand->shape)
                : FeltLoad::ofRung(new Rung(Exercise::done($choice, $style), '', $setup, $load));
            $this->loads[$key] = [$exercise->object('setup')->choice('kind', ChoiceKind::class), $style, $load->share(), $felt];
        }

        return $this->loads[$key];
    }

    /** At the mass weighed last by then. */
    private function bodyOn(string $on): Body
    {
        $massKg = $this->body->massKg;
        foreach ($this->weighed as [$day, $kg]) {
            $massKg = $day <= $on ? $kg : $massKg;
        }

        return $this->bodies["$massKg kg"] ??= Body::of($massKg, $this->body->statureM, $this->body->reachM, $this->body->proportions);
    }

    /** @return list<array{string, float}> */
    private static function weighings(JsonObject $json): array
    {
        $weighed = [];
        foreach ($json->objects('weighings', self::MOST) as $one) {
            $kg = $one->allowing('on', 'mass_kg')->number('mass_kg');
            $one->build(static fn () => OutOfRange::guard(['mass_kg' => [$kg, Body::MASS_KG]]));
            $weighed[] = [$one->date('on', self::LATEST), $kg];
        }
        usort($weighed, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $weighed;
    }
}
