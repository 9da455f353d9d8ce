<?php

declare(strict_types=1);

use SteadyRung\Kit\Scale\ScaleReading;
use SteadyRung\Kit\Scale\ScaleState;
use SteadyRung\Kit\Scale\ScaleWatch;

/**
 * Readings ten a second, ending at a moment.
 *
 * @param  list<float>  $forcesN
 * @return list<ScaleReading>
 */
function tape(array $forcesN, int $endMs = 10_000): array
{
    $last = count($forcesN) - 1;

    return array_map(fn (float $n, int $i) => new ScaleReading($i + 1, $endMs - 100 * ($last - $i), $n), $forcesN, array_keys($forcesN));
}

it('is steady on readings that stay together, and gives their median', function (): void {
    $watch = ScaleWatch::of(tape([100.2, 99.9, 100.1, 100.0, 99.8, 100.3, 100.1, 100.0, 99.9, 100.1]), 10_050);

    expect($watch->state)->toBe(ScaleState::Steady)
        ->and($watch->forceN)->toEqualWithDelta(100.05, 0.06)
        ->and($watch->sdN)->toBeLessThan(0.2);
});

it('is settling while the force still drifts or too few readings are there', function (array $forces): void {
    expect(ScaleWatch::of(tape($forces), 10_050)->state)->toBe(ScaleState::Settling);
})->with([
    'a ramp' => [[90.0, 91.5, 93.0, 94.5, 96.0, 97.5, 99.0, 100.5, 102.0, 103.5]],
    'two readings' => [[100.0, 100.0]],
]);

it('keeps only what is newer than 1.2 s', function (): void {
    $watch = ScaleWatch::of(tape([...array_fill(0, 10, 60.0), 63.0, 66.0, ...array_fill(0, 14, 67.0)]), 10_050);

    expect($watch->state)->toBe(ScaleState::Steady)->and($watch->forceN)->toBe(67.0);
});

it('is silent without readings, or when the last is old', function (): void {
    expect(ScaleWatch::of([], 5)->state)->toBe(ScaleState::Silent)
        ->and(ScaleWatch::of(tape([100.0, 100.0, 100.0, 100.0, 100.0, 100.0, 100.0]), 11_600)->state)->toBe(ScaleState::Silent)
        ->and(ScaleWatch::of(tape([100.0, 100.0, 100.0, 100.0, 100.0, 100.0, 100.0]), 11_600)->forceN)->toBeNull();
});

it('is repeating when the same reading comes again and again, and does not take it for a steady one', function (): void {
    $stuck = new ScaleReading(7, 8_000, 100.0);

    expect(ScaleWatch::of(array_fill(0, 20, $stuck), 10_000)->state)->toBe(ScaleState::Repeating)
        ->and(
            ScaleWatch::of([...tape([100.0, 100.0, 100.0]), ...array_fill(0, 3, new ScaleReading(3, 10_000, 100.0))], 10_050)->state,
        )->toBe(ScaleState::Settling);
});

it('is jumping when neighbours differ as no hand can make them', function (): void {
    expect(ScaleWatch::of(tape([100.0, 100.1, 240.0, 100.0, 100.2, 99.9, 100.0]), 10_050)->state)->toBe(ScaleState::Jumping);
});
