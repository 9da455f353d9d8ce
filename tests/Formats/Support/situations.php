<?php

declare(strict_types=1);

use App\Formats\Methods\Catalogue;
use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Floor;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Method\Place;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\FollowedEstimates;
use SteadyRung\Plan\Context\RungCatalogue;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * Situations drawn by chance: gyms, bodies and screens, of each a row of athletes anywhere in any method, with a log behind them that a
 * body of some strength could have done, breaks and baselines, soreness and pain.
 */
final class Situations
{
    private const EACH_GYM = 50;

    private Randomizer $random;

    private float $capacity = 1.0;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return Generator<string, AthleteContext> */
    public function drawn(int $count): Generator
    {
        for ($i = 0; $i < $count; $i++) {
            $ways = $i % self::EACH_GYM === 0 ? $this->ways() : $ways;
            yield "situation $i" => $this->context($ways);
        }
    }

    private function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->random->getInt(0, 1_000_000) / 1e6;
    }

    private function happens(float $chance): bool
    {
        return $this->between(0.0, 1.0) < $chance;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  Closure(int): T  $piece
     * @return list<T>
     */
    private function some(int $from, int $to, Closure $piece): array
    {
        $count = $this->random->getInt($from, $to);

        return $count === 0 ? [] : array_map($piece, range(1, $count));
    }

    private function ways(): SearchedRungs
    {
        $kit = Kit::of([
            Bar::of('high', 'High bar', $this->between(2.3, 2.8)),
            ...$this->some(0, 2, fn (int $i): Bar => Bar::of("low $i", "Low bar $i", $this->between(0.9, 1.6))),
            ...$this->some(
                0,
                6,
                fn (int $i): object => band($this->one([13.0, 19.0, 22.0, 29.0, 32.0, 44.0, 64.0]), 0.97 + 0.01 * $i, "band $i"),
            ),
            ...$this->some(
                0,
                2,
                fn (int $i): RingPair => RingPair::of(
                    "rings $i",
                    "Rings $i",
                    $this->between(2.3, 2.9),
                    array_values(array_unique(array_map(
                        fn (int $j): float => 0.8 + 0.2 * $j,
                        $this->some(1, 5, fn (): int => $this->random->getInt(0, 4)),
                    ))),
                ),
            ),
            ...$this->some(0, 4, fn (int $i): Box => Box::of("box $i", "Box $i", 0.15 + 0.1 * $i)),
            ...$this->some(0, 3, fn (int $i): Plate => Plate::of("plate $i", "Plate $i", 0.02 * $i)),
            ...$this->some(0, 3, fn (int $i): Weight => Weight::of("weight $i", "$i kg", $i)),
        ], $this->one(Floor::cases()));
        $limits = match ($this->random->getInt(0, 5)) {
            0 => Limits::of([$this->one(Limit::cases())]),
            1 => Limits::of([], $this->between(0.5, 0.9)),
            default => Limits::none(),
        };

        return new SearchedRungs(
            new RungSearch($kit, $limits),
            Body::of($this->between(50.0, 95.0), $statureM = $this->between(1.55, 1.95), 1.204 * $statureM),
        );
    }

    private function context(SearchedRungs $ways): AthleteContext
    {
        $this->capacity = $this->between(0.35, 1.25);
        $method = Catalogue::method($this->one(Catalogue::keys()));
        $stage = $this->one($method->stages);
        $rung = $this->happens(0.8) ? $this->rungOf($ways, $this->one($stage->work()->allowed)) : null;
        $gap = $this->one([1, 2, 3, 4, 15, 20, 26, 32, 45]);
        $done = $this->log($ways, $method, $rung, WEDNESDAY - $gap);
        if ($gap >= 28 && $this->happens(0.6)) {
            array_push($done, ...$this->baseline($ways, WEDNESDAY - $this->random->getInt(1, 3)));
        }
        $beside = $this->happens(0.1)
            ? [new AccessoryWork(
                WEDNESDAY - 1,
                $this->one(Accessory::cases()),
                8,
                null,
                null,
                pain: Pain::of($this->one(PainPlace::cases()), $this->random->getInt(1, 10)),
            )]
            : [];
        $signals = $this->happens(0.3) ? [Signal::of(WEDNESDAY, $this->random->getInt(0, 5))] : [];
        $diary = new Diary($done, $beside, $signals);

        return new AthleteContext(
            WEDNESDAY,
            $method,
            new Place($stage, WEDNESDAY - 60, $rung),
            HouseRules::usual(),
            $diary,
            FollowedEstimates::through($diary, WEDNESDAY),
            $ways,
        );
    }

    private function rungOf(RungCatalogue $ways, AllowedExercises $allowed): ?Rung
    {
        $rungs = $ways->rungs($allowed);

        return $rungs === [] ? null : $this->one($rungs);
    }

    /** @return list<Done> a baseline, then sessions on the rung with a row before, the last one on a day */
    private function log(SearchedRungs $ways, Method $method, ?Rung $rung, int $last): array
    {
        $sessions = $this->random->getInt(0, 6);
        $done = $this->happens(0.9) ? $this->baseline($ways, $last - 3 * $sessions - 3) : [];
        $row = $this->rungOf($ways, AllowedExercises::of(ChoiceKind::Row));
        for ($i = $sessions - 1; $i >= 0; $i--) {
            $day = $last - 3 * $i;
            array_push($done, ...($row === null || $this->happens(0.5) ? [] : [$this->set($row, $day, 0.0, 8)]));
            foreach (range(1, 3) as $set) {
                array_push($done, ...($rung === null ? [] : [$this->set($rung, $day, 180.0 * $set, $this->random->getInt(1, 10))]));
            }
        }

        return $done;
    }

    /** @return list<Done> */
    private function baseline(SearchedRungs $ways, int $day): array
    {
        $load = $this->rungOf($ways, AllowedExercises::of(ChoiceKind::Band, fromShare: 0.4))
            ?? $this->rungOf($ways, AllowedExercises::of(ChoiceKind::Foot));
        $row = $this->rungOf($ways, AllowedExercises::of(ChoiceKind::Row));
        $hang = $this->rungOf($ways, AllowedExercises::of(ChoiceKind::Strict, Movement::Hold, HoldAt::Hang, 60.0));

        return array_map(
            fn (Rung $rung): Done => $this->set($rung, $day, 0.0, null, Purpose::Baseline),
            array_values(array_filter([$hang, $row, $load], static fn (?Rung $r): bool => $r !== null)),
        );
    }

    /** As the strength allows, with a whole rep or so of chance. */
    private function set(Rung $rung, int $day, float $atS, ?int $asked, Purpose $purpose = Purpose::Work): Done
    {
        $isTimed = $rung->exercise->style->movement->isTimed();
        $failure = max(0, (int) floor(1.0 + 27.0 * ($this->capacity / $rung->load->effectiveShare() - 1.0) + $this->between(-1.0, 1.0)));
        $reps = min($asked ?? 40, $failure, 40);

        return new Done(
            $day, $purpose, $rung->exercise->setup->kind(), $rung->exercise->style, $rung->share(), FeltLoad::ofRung($rung), $rung->exercise->work(),
            askedReps: $isTimed ? null : $asked, toFailure: $asked === null, reps: $isTimed && $rung->exercise->style->movement !== Movement::Lowering ? null : $reps,
            reserve: $asked === null || $this->happens(0.3) ? null : min(
                5,
                max(0, $failure - $reps),
            ), seconds: $isTimed ? $this->between(1.0, 40.0) : null, atS: $atS,
        );
    }
}
