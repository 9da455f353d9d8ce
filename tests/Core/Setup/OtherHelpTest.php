<?php

declare(strict_types=1);

use SteadyRung\OutOfRange;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Stack\Counterweight;
use SteadyRung\Setup\Stack\PullDown;
use SteadyRung\Setup\Strict;

it('takes stack times leverage off, and no more than bodyweight', function (): void {
    $load = Counterweight::of(30, 0.8)->carriedBy(athlete(70));
    assert($load instanceof CarriedLoad);

    expect(CarriedLoad::kg($load->meanN))->toEqualWithDelta(46.0, 1e-9)
        ->and(Counterweight::of(90, 1.0)->carriedBy(athlete(70)))->toBeInstanceOf(DoesNotFit::class)
        ->and(fn () => Counterweight::of(30, 9.0))->toThrow(OutOfRange::class, 'leverage');
});

it('counts a pull-down as its stack, and not beyond bodyweight', function (): void {
    $load = PullDown::of(35)->carriedBy(athlete(70));
    assert($load instanceof CarriedLoad);

    expect($load->share())->toEqualWithDelta(0.5, 1e-12)
        ->and(PullDown::of(80)->carriedBy(athlete(70)))->toBeInstanceOf(DoesNotFit::class);
});

it('draws and explains every kind', function (Setup $setup): void {
    $view = $setup->sideView(athlete());
    [$least, $most] = $view->bounds();

    expect($setup->why(athlete())->steps)->not->toBe([])
        ->and($most->yM)->toBeGreaterThan(1.7)->and($least->yM)->toBeLessThanOrEqual(0.0)
        ->and($view->start->hip->distanceM($view->start->shoulder))->toEqualWithDelta((0.818 - 0.530) * 1.75, 1e-9);
})->with(fn () => [[new Strict], [AddedWeight::of(10)], [Counterweight::of(20, 1)], [PullDown::of(30)]]);
