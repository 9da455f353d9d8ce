<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportion;
use SteadyRung\Body\ReachSource;
use SteadyRung\OutOfRange;

it('estimates the reach from stature, and the pull distance from the reach', function (): void {
    $body = athlete(70, 1.75);

    expect($body->reachM)->toEqualWithDelta(1.204 * 1.75, 1e-12)
        ->and($body->reachSource)->toBe(ReachSource::Estimated)
        ->and($body->pullDistanceM())->toEqualWithDelta(0.58, 0.01)
        ->and($body->armM())->toEqualWithDelta(0.386 * 1.75, 1e-12)
        ->and($body->weightN())->toEqualWithDelta(686.4655, 1e-9);
});

it('takes a measured reach instead everywhere at once, and is surer of it', function (): void {
    $measured = athlete(70, 1.75, 2.20);

    expect($measured->reachSource)->toBe(ReachSource::Measured)
        ->and($measured->pullDistanceM())->toEqualWithDelta(2.20 - 0.870 * 1.75, 1e-12)
        ->and($measured->armM())->toEqualWithDelta(2.20 - 0.818 * 1.75, 1e-12)
        ->and($measured->reachSdM())->toBeLessThan(athlete()->reachSdM())
        ->and($measured->whyPullDistance()->remedies)->toBe([])
        ->and(athlete()->whyPullDistance()->remedies)->toBe(['Measure the reach.']);
});

it('names every value outside its range at once, with the range', function (): void {
    try {
        Body::of(12, 2.9, NAN);
    } catch (OutOfRange $refusal) {
        expect(array_map(fn ($v) => [$v->quantity, $v->low, $v->high, $v->unit()], $refusal->violations))->toBe([
            ['mass_kg', 20.0, 300.0, 'kg'],
            ['stature_m', 1.0, 2.3, 'm'],
            ['reach_m', 1.05, 3.105, 'm'],
        ])->and($refusal->getMessage())->toContain(spaced('mass_kg: It must be from 20 kg to 300 kg; it was 12 kg.'));

        return;
    }
    throw new Exception('It was accepted.');
});

it('refuses a measured reach that does not belong to the stature', function (float $reachM): void {
    expect(fn () => Body::of(70, 1.75, $reachM))->toThrow(OutOfRange::class, 'reach_m');
})->with([1.80, 2.40]);

it('accepts the ends of every range', function (): void {
    expect(Body::of(20, 1.0)->massKg)->toBe(20.0)->and(Body::of(300, 2.3, 1.05 * 2.3)->statureM)->toBe(2.3);
});

it('shows every length it computes from, each with its source, and the same as it computes with', function (): void {
    foreach ([athlete(70, 1.75), athlete(52, 1.58, 1.91)] as $body) {
        $shown = array_column(array_map(fn (Proportion $p): array => [$p->name, $p], $body->proportions()), 1, 0);
        expect($shown['Grip reach, fist overhead']->lengthM)->toBe($body->reachM)
            ->and($shown['Arm, shoulder to grip']->lengthM)->toBe($body->armM())
            ->and($shown['Pull distance, chin to bar']->lengthM)->toBe($body->pullDistanceM())
            ->and($shown['Grip reach, fist overhead']->source)->toBe(
                $body->reachSource === ReachSource::Measured ? 'this athlete, measured' : $shown['Hip height']->source,
            );
        foreach ($shown as $proportion) {
            expect($proportion->lengthM)->toBeGreaterThan(0.0)->toBeLessThanOrEqual($body->reachM)->and($proportion->source)->not->toBe('');
            $proportion->perStature === null
                ?: expect($proportion->lengthM)->toEqualWithDelta($proportion->perStature * $body->statureM, 0.01);
        }
    }
});

it('stands its heights one over the other: knee, hip, chest, shoulder, chin', function (): void {
    $shown = array_column(array_map(fn (Proportion $p): array => [$p->name, $p->lengthM], athlete()->proportions()), 1, 0);
    $heights = array_map(
        fn (string $name): float => $shown[$name],
        ['Knee height', 'Hip height', 'Chest height, at the bar', 'Shoulder height', 'Chin height'],
    );
    $sorted = $heights;
    sort($sorted);

    expect($heights)->toBe($sorted)
        ->and($shown['Centre of mass, standing'])->toBeGreaterThan($shown['Hip height'])->toBeLessThan($shown['Shoulder height']);
});
