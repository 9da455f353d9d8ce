<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\OutOfRange;
use SteadyRung\Safety\Adolescence;
use SteadyRung\Safety\Condition;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Safety\Overhead;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Safety\ScreenDue;
use SteadyRung\Safety\Screening;
use SteadyRung\Safety\ScreenOutcome;

it('clears, limits, puts off or refers, and says why', function (
    array $found,
    ScreenOutcome $outcome,
    array $barred,
    ?float $mostShare,
    string $reason,
): void {
    $screening = Screening::of(...['overhead' => Overhead::Level, ...$found]);

    expect($screening->outcome())->toBe($outcome)
        ->and($screening->limits()->barred)->toBe($barred)
        ->and($screening->limits()->mostShare)->toBe($mostShare)
        ->and($screening->limits()->isCleared)->toBe(! in_array($outcome, [ScreenOutcome::NotYet, ScreenOutcome::Refer], true))
        ->and(implode(' ', $screening->reasons()))->toContain($reason);
})->with(fn () => [
    'nothing found' => [[], ScreenOutcome::Cleared, [], null, ''],
    'short of the ears' => [
        ['overhead' => Overhead::Short],
        ScreenOutcome::Limited,
        [Limit::NoHanging, Limit::NoOverhead],
        null,
        'rows and mobility',
    ],
    'arms that hurt' => [['overhead' => Overhead::Painful], ScreenOutcome::Refer, [], null, 'clinician'],
    'pain' => [['pain' => Pain::of(PainPlace::Elbow, 1)], ScreenOutcome::Refer, [], null, 'elbow, 1 of 10'],
    'numbness' => [['isNumb' => true], ScreenOutcome::Refer, [], null, 'Numbness'],
    'a condition' => [['conditions' => [Condition::Osteoporosis]], ScreenOutcome::Refer, [], null, 'osteoporosis'],
    'a condition, cleared' => [
        ['conditions' => [Condition::Osteoporosis], 'isClearedByClinician' => true],
        ScreenOutcome::Limited,
        [Limit::NoLowering, Limit::NoBandsAtHeight],
        null,
        'clinician allows',
    ],
    'under 18, rules open' => [['under18' => Adolescence::RulesOpen], ScreenOutcome::NotYet, [], null, 'local rules'],
    'under 18, rules met' => [['under18' => Adolescence::RulesMet], ScreenOutcome::Cleared, [], null, ''],
    'an injury' => [['wasInjured' => true], ScreenOutcome::Limited, [Limit::NoLowering, Limit::NoBandsAtHeight], 0.7, '70 %'],
    'an injury and stiff' => [['wasInjured' => true, 'overhead' => Overhead::Short], ScreenOutcome::NotYet, [], null, 'mobility first'],
    'uneasy' => [['isUneasy' => true], ScreenOutcome::Limited, [Limit::NoBandsAtHeight], null, 'Uneasy'],
    'what the coach adds, the lower bound first' => [
        ['further' => [Limit::NoLowering], 'mostShare' => 0.6, 'wasInjured' => true],
        ScreenOutcome::Limited,
        [Limit::NoLowering, Limit::NoBandsAtHeight],
        0.6,
        '',
    ],
]);

it('refuses a bound that is none', function (): void {
    Screening::of(Overhead::Level, mostShare: 0.05);
})->throws(OutOfRange::class);

it('keeps every list of rungs within the limits, and says what stands against the rest', function (
    Limits $limits,
    Closure $isBarred,
): void {
    $kit = hugeKit();
    [$all, $allowed] = [new RungSearch($kit), new RungSearch($kit, $limits)];
    foreach ([Lane::Pull, Lane::Row] as $lane) {
        $within = array_map(fn (Rung $r): string => $r->key(), $allowed->lane($lane, athlete()));
        foreach (array_slice($all->lane($lane, athlete()), 0, 400) as $rung) {
            expect(in_array($rung->key(), $within, true))->toBe(! $isBarred($rung), $rung->name);
        }
    }
})->with(fn () => [
    'no hanging' => [
        Limits::of([Limit::NoHanging]),
        fn (Rung $r): bool => $r->lane() === Lane::Pull && ! in_array($r->exercise->setup->kind()->value, ['foot', 'low-bar'], true),
    ],
    'no overhead' => [Limits::of([Limit::NoOverhead]), fn (Rung $r): bool => $r->lane() === Lane::Pull],
    'no bands at height' => [
        Limits::of([Limit::NoBandsAtHeight]),
        fn (Rung $r): bool => $r->exercise->setup instanceof OnBands && $r->load->hazard->mount->boxM > 0.0,
    ],
    'half of bodyweight' => [Limits::of([], 0.5), fn (Rung $r): bool => $r->share() > 0.5],
    'nothing at all' => [Limits::everything(), fn (Rung $r): bool => true],
]);

it('bars lowerings on any help, and ways up without the way down', function (): void {
    $search = new RungSearch(hugeKit(), Limits::of([Limit::NoLowering]));

    expect(
        $search->standing(Exercise::of(new StrictPull, Movement::Lowering, seconds: 5.0), athlete())->reason,
    )->toBe('The screen says: no lowering.')
        ->and($search->standing(Exercise::of(new StrictPull), athlete()))->toBeInstanceOf(Rung::class);
});

it('is due before the first load, after four weeks away, and after pain', function (
    ?int $screened,
    ?int $trained,
    bool $pain,
    ?ScreenDue $due,
): void {
    expect(ScreenDue::on(100, $screened, $trained, $pain))->toBe($due);
})->with([
    [null, 99, false, ScreenDue::Never],
    [50, 99, false, null],
    [50, 72, false, ScreenDue::Away],
    [50, 73, false, null],
    [72, null, false, null],
    [99, 60, false, null],
    [90, 99, true, ScreenDue::Pain],
]);
