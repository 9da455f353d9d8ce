<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Kit;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Reps\Volume;

/** The key of a pull on the first band of a kit. */
function keyOn(Kit $kit, string $barId, Grip $grip = Grip::Over): ?string
{
    return FeltLoad::ofRung(rung($kit, Exercise::of(OnBands::of($barId, Attach::Foot, ['a']), grip: $grip)))->key;
}

it('is the same load wherever the same band is in the same place, and another in another grip', function (): void {
    $kit = kit(['a' => 29.0], 2.4, 2.5);

    expect(keyOn($kit, 'bar-0'))->toBe(keyOn($kit, 'bar-1'))->and(keyOn($kit, 'bar-0', Grip::Under))->not->toBe(keyOn($kit, 'bar-0'));
});

it('is another load once the band is measured anew, for then its error is another', function (): void {
    $estimated = LoopBand::of('a', 'a', 1.0, 29.0, 4.5);
    $measured = LoopBand::of('a', 'renamed', 1.0, 29.0, 4.5, [CalibrationPoint::of(2.0, 170.0)]);

    expect($estimated->stamp())->not->toBe($measured->stamp())
        ->and(LoopBand::of('b', 'other name', 1.0, 29.0, 4.5)->stamp())->toBe($estimated->stamp())
        ->and(LoopBand::of('a', 'a', 1.01, 29.0, 4.5)->stamp())->not->toBe($estimated->stamp());
});

it('has no lasting error where nothing is unsure', function (): void {
    $strict = FeltLoad::ofRung(rung(kit([], 2.4), Exercise::of(new StrictPull)));

    expect($strict->lastingKey())->toBeNull()->and($strict->key)->not->toBeNull()->and($strict->share)->toBe(1.0)
        ->and(FeltLoad::of(0.5, 0.1, 'toes')->lastingKey())->toBe('toes')->and(FeltLoad::of(0.5, 0.1)->lastingKey())->toBeNull();
});

it('counts ten pulls of 70 kg over half a metre as 3.4 kJ', function (): void {
    expect(Volume::kilojoules(10 * 70 * 0.5))->toEqualWithDelta(3.432, 0.001);
});
