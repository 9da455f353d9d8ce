<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Day;
use App\Formats\JsonObject;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\OutOfRange;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\Occasion;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * Sets in their order, and what is believed after those up to a day.
 */
final readonly class Observed
{
    private const MOST = 100_000;

    private const LONGEST_KEY = 500;

    private const LATEST = '2099-12-31';

    private const KEYS = [
        'on', 'pattern', 'load_kg', 'mass_kg', 'reps', 'reserve', 'target', 'to_failure', 'test', 'load_sd_share', 'setup', 'shape',
    ];

    /** @param  array<string, list<Observation>>  $sets  up to the day, by pattern */
    private function __construct(public string $at, private array $sets)
    {
    }

    public static function read(JsonObject $request): self
    {
        $at = $request->date('at', self::LATEST);
        $sets = [];
        $last = '';
        foreach ($request->objects('observations', self::MOST) as $json) {
            $on = $json->allowing(...self::KEYS)->date('on', self::LATEST);
            if ($on < $last) {
                throw $json->fault('on', "The observations are in order, and the one before is of $last.");
            }
            $last = $on;
            $pattern = $json->choice('pattern', Pattern::class);
            $set = $json->build(static fn (JsonObject $j): Observation => self::observation($j, $on));
            if ($on <= $at) {
                $sets[$pattern->value][] = $set;
            }
        }

        return new self($at, $sets);
    }

    /** The load of a set-up, from the same keys wherever one is asked for. */
    public static function load(JsonObject $json): FeltLoad
    {
        [$loadKg, $massKg] = [$json->number('load_kg'), $json->number('mass_kg')];

        return $json->build(static function (JsonObject $j) use ($loadKg, $massKg): FeltLoad {
            OutOfRange::guard(['load_kg' => [$loadKg, RepCurve::LOAD_KG], 'mass_kg' => [$massKg, Body::MASS_KG]]);

            return FeltLoad::of(
                $loadKg / $massKg,
                $j->optionalNumber('load_sd_share') ?? 0.0,
                $j->optionalText('setup', self::LONGEST_KEY),
                $j->optionalNumber('shape') ?? 0.0,
            );
        });
    }

    /** @return list<Pattern> */
    public function patterns(): array
    {
        return array_map(Pattern::from(...), array_keys($this->sets));
    }

    /** After the last set in a pattern; the prior where there is none. */
    public function state(Pattern $pattern): CapacityState
    {
        $filter = CapacityFilter::usual();
        $state = null;
        $days = [];
        foreach ($this->sets[$pattern->value] ?? [] as $set) {
            $days[$set->day][] = $set;
        }
        foreach ($days as $day) {
            $state = $filter->afterDay($state, $day);
        }

        return $state ?? $filter->prior($this->day());
    }

    public function day(): int
    {
        return Day::number($this->at);
    }

    /** Whether so many strict reps stand among them. */
    public function hold(Pattern $pattern, int $reps): bool
    {
        return array_filter(
            $this->sets[$pattern->value] ?? [],
            static fn (Observation $o): bool => $o->load->share >= 1.0 && $o->reps >= $reps,
        ) !== [];
    }

    private static function observation(JsonObject $j, string $on): Observation
    {
        return Observation::reps(
            day: Day::number($on),
            load: self::load($j),
            reps: $j->integer('reps'),
            reserve: $j->optionalInteger('reserve'),
            target: $j->optionalInteger('target'),
            toFailure: $j->has('to_failure') && $j->boolean('to_failure'),
            occasion: $j->has('test') && $j->boolean('test') ? Occasion::Test : Occasion::Work,
        );
    }
}
