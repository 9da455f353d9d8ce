<?php

declare(strict_types=1);

use Random\Randomizer;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Builders\Builders;
use SteadyRung\Method\Gate;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Place;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\FollowedEstimates;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Safety\Limits;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Strength\Filter\FeltLoad;

/** Thursday, 1 January 1970 is day 0; this is a Wednesday with weeks before it. */
const WEDNESDAY = 20005;

/** A gym with a bit of everything, its bands measured. */
function smallGym(): Kit
{
    return new Kit(
        [Bar::of('high', 'High bar', 2.6), Bar::of('rack', 'Rack bar', 1.1)],
        array_map(static fn (int $mm): object => band((float) $mm, 1.0, "b$mm"), [13, 19, 22, 29, 32, 44]),
        [RingPair::of('rings', 'Rings', 2.6, [1.2, 1.5])],
        [Box::of('box', 'Box', 0.4)],
    );
}

/** The same with a bar that is reached sitting on the floor. */
function gymWithLowBar(): Kit
{
    $kit = smallGym();

    return new Kit(
        [...$kit->bars, Bar::of('low', 'Low bar', 1.4)],
        $kit->bands,
        $kit->ringPairs,
        $kit->boxes,
        weights: [Weight::of('w15', '15 kg', 15.0), Weight::of('w20', '20 kg', 20.0)],
    );
}

/** The same with a machine that takes off any five kilograms, so that there is something else at about the same share. */
function gymWithHoist(): Kit
{
    return new Kit(
        smallGym()->bars,
        smallGym()->bands,
        smallGym()->ringPairs,
        smallGym()->boxes,
        machines: [Machine::of('hoist', 'Hoist', MachineUse::Counterweight, 2.5, 80.0, 0.9)],
    );
}

function work(
    AllowedExercises $allowed,
    int $sets = 3,
    ?Amount $amount = null,
    SessionPart $part = SessionPart::Main,
    bool $climbs = false,
    bool $toFailure = false,
): Prescription {
    return Prescription::of($part, [$allowed], $sets, $amount ?? Amount::of(Measure::Reps, 8, 10), 120, $toFailure, climbs: $climbs);
}

/** Bands, then lowering, then strict. */
function smallMethod(int $lowerings = 5): Method
{
    $lowering = AllowedExercises::of(ChoiceKind::Strict, Movement::Lowering, seconds: 3.0);

    return Method::of('small', 'Small', 'Bands, lowering, strict.', [2, 3], [
        new Stage(
            'bands',
            'Bands',
            [4, 8],
            [
                Prescription::of(SessionPart::WarmUp, Accessory::PullApart, 2, Amount::of(Measure::Reps, 12), 30),
                work(AllowedExercises::of(ChoiceKind::Band, toShare: 0.95), climbs: true),
                work(AllowedExercises::of(ChoiceKind::Row), 2, part: SessionPart::Accessory),
                Prescription::of(SessionPart::Trunk, Accessory::Plank, 2, Amount::of(Measure::Seconds, 60), 60),
            ],
            Gate::of(Measure::Reps, 3, 8, 5, 2),
            0.95,
        ),
        new Stage(
            'lowering',
            'Lowering',
            [2, 6],
            [work($lowering, 3, Amount::of(Measure::Reps, $lowerings, 8))],
            Gate::of(Measure::Reps, 3, $lowerings, 2, 2),
            0.97,
        ),
        new Stage(
            'strict',
            'Strict',
            [4, 12],
            [work(AllowedExercises::of(ChoiceKind::Strict), 3, Amount::of(Measure::Reps, 1, 5))],
            Gate::of(Measure::Reps, 3, 5, 1, 2),
            1.0,
        ),
    ]);
}

function bandRung(int $mm = 29, ?Kit $kit = null): Rung
{
    return rung($kit ?? smallGym(), OnBands::of('high', Attach::Foot, ["b$mm"]), athlete(70, 1.75, 2.1));
}

/** A set of the log on a rung. */
function done(int $day, Rung $rung, ?int $reps = 8, ?int $reserve = 2, mixed ...$more): Done
{
    return new Done(...[
        'day' => $day, 'purpose' => Purpose::Work, 'kind' => $rung->exercise->setup->kind(), 'style' => $rung->exercise->style, 'share' => $rung->share(),
        'load' => FeltLoad::ofRung($rung), 'work' => $rung->exercise->work(), 'askedReps' => $reps === null ? null : 8, 'reps' => $reps, 'reserve' => $reserve, ...$more,
    ]);
}

/** A dead hang of so many seconds. */
function hang(int $day, float $seconds): Done
{
    $rung = rung(smallGym(), Exercise::of(new StrictPull, Movement::Hold, HoldAt::Hang, 40.0), athlete(70, 1.75, 2.1));

    return done($day, $rung, null, null, purpose: Purpose::Baseline, seconds: $seconds);
}

/**
 * Sessions of three sets on a rung, so many days apart, the last so many days before a day.
 *
 * @return list<Done>
 */
function sessionsOn(
    Rung $rung,
    int $sessions,
    int $reps = 8,
    int $reserve = 2,
    int $lastDaysAgo = 3,
    int $apart = 3,
    int $today = WEDNESDAY,
): array {
    $done = [];
    for ($i = $sessions - 1; $i >= 0; $i--) {
        for ($set = 0; $set < 3; $set++) {
            $done[] = done($today - $lastDaysAgo - $apart * $i, $rung, $reps, $reserve, atS: 180.0 * $set);
        }
    }

    return $done;
}

/**
 * @param  list<Done>  $done
 * @param  list<Signal>  $signals
 * @param  list<int>  $cleared
 * @param  list<AccessoryWork>  $beside
 */
function athleteContext(
    array $done = [],
    string $stage = 'bands',
    ?Rung $rung = null,
    array $signals = [],
    array $cleared = [],
    ?HouseRules $rules = null,
    ?Limits $limits = null,
    ?Method $method = null,
    int $today = WEDNESDAY,
    array $beside = [],
    int $since = WEDNESDAY - 60,
    ?Kit $kit = null,
    ?Body $body = null,
    ?string $missing = null,
    Builders $builders = new Builders,
): AthleteContext {
    $method ??= smallMethod();
    usort($done, static fn (Done $a, Done $b): int => $a->day <=> $b->day);
    $diary = new Diary($done, $beside, $signals, $cleared);

    return new AthleteContext(
        $today,
        $method,
        new Place($method->stage($stage), $since, $rung),
        $rules ?? HouseRules::usual(),
        $diary,
        FollowedEstimates::through($diary, $today),
        new SearchedRungs(new RungSearch($kit ?? smallGym(), $limits), $body ?? athlete(70, 1.75, 2.1)),
        missing: $missing,
        builders: $builders,
    );
}

/** @return list<Block> */
function blocksOf(Session $session, SessionPart $part): array
{
    return array_values(array_filter($session->blocks, static fn (Block $b): bool => $b->part === $part));
}

/** A brief drawn by chance on one of the rungs of the small gym; its ways are searched once. */
function randomBrief(Randomizer $random, AthleteContext $base, array $rungs): AthleteContext
{
    $rung = $rungs[$random->getInt(0, count($rungs) - 1)];
    $done = [];
    $signals = [];
    for ($day = WEDNESDAY - 3 * $random->getInt(1, 8); $day < WEDNESDAY; $day += 3) {
        $first = $random->getInt(0, 12);
        for ($set = 0; $set < 3; $set++) {
            $done[] = done(
                $day,
                $rung,
                max(0, $first - $random->getInt(0, 2)),
                $random->getInt(0, 5),
                noCounts: $random->getInt(0, 3) === 0 ? $random->getInt(1, 6) : 0,
            );
        }
        if ($random->getInt(0, 1) === 0) {
            $signals[] = Signal::of(
                $day,
                $random->getInt(0, 4),
                effort: $random->getInt(3, 10),
                limitingFactor: LimitingFactor::cases()[$random->getInt(0, 7)],
                takesHold: $random->getInt(0, 5) > 0,
            );
        }
    }
    $diary = new Diary($done, signals: $signals);

    return new AthleteContext(
        WEDNESDAY,
        $base->method,
        $base->place->on($rung),
        $base->rules,
        $diary,
        FollowedEstimates::through($diary, WEDNESDAY),
        $base->ways,
    );
}
