<?php

declare(strict_types=1);

use App\Devices\ScaleFault;
use App\Devices\SimulatedScale;
use SteadyRung\Kit\Scale\ScaleReading;
use SteadyRung\Kit\Scale\ScaleState;
use SteadyRung\Kit\Scale\ScaleWatch;

/**
 * Lets time pass and hands out what the scale sent.
 *
 * @return list<ScaleReading>
 */
function pass(SimulatedScale $scale, int $fromMs, int $ms): array
{
    $sent = [];
    for ($at = $fromMs; $at < $fromMs + $ms; $at += SimulatedScale::EVERY_MS) {
        $sent[] = $scale->next($at);
    }

    return array_values(array_filter($sent));
}

function watched(SimulatedScale $scale, int $nowMs): ScaleWatch
{
    return ScaleWatch::of($scale->kept(), $nowMs);
}

it('comes to rest at what hangs on it, and says so once it is there', function (): void {
    $scale = new SimulatedScale(3);
    pass($scale, 0, 3000);
    $scale->hang(120.0);
    pass($scale, 3000, 400);
    expect(watched($scale, 3400)->state)->not->toBe(ScaleState::Steady);
    pass($scale, 3400, 3000);
    $watch = watched($scale, 6400);

    expect($watch->state)->toBe(ScaleState::Steady)->and($watch->forceN)->toEqualWithDelta(120.0, 1.5);
});

it('has noise, and a drift that comes back', function (): void {
    $scale = new SimulatedScale(5);
    $forces = array_map(fn (ScaleReading $r): float => $r->forceN, pass($scale, 0, 3_600_000));
    $minutes = array_map(fn (array $chunk): float => array_sum($chunk) / count($chunk), array_chunk($forces, 600));

    expect(count(array_unique(array_slice($forces, 0, 50))))->toBeGreaterThan(20)
        ->and(max(array_map(abs(...), $minutes)))->toBeGreaterThan(0.05)->toBeLessThan(3.0);
});

it('numbers its readings and times them upwards', function (): void {
    $sent = pass(new SimulatedScale(2), 500, 2000);
    foreach (range(1, count($sent) - 1) as $i) {
        expect($sent[$i]->number)->toBe($sent[$i - 1]->number + 1)
            ->and($sent[$i]->atMs)->toBe($sent[$i - 1]->atMs + SimulatedScale::EVERY_MS);
    }
});

it('keeps three seconds and no more', function (): void {
    $scale = new SimulatedScale(2);
    pass($scale, 0, 20_000);

    expect($scale->kept())->toHaveCount(30)->and($scale->kept()[29]->atMs - $scale->kept()[0]->atMs)->toBe(2900);
});

it('zeroes on what hangs now', function (): void {
    $scale = new SimulatedScale(8);
    $scale->hang(80.0);
    pass($scale, 0, 4000);
    $scale->zero();
    pass($scale, 4000, 2000);
    expect(watched($scale, 6000)->forceN)->toEqualWithDelta(0.0, 1.0);
    $scale->hang(130.0);
    pass($scale, 6000, 4000);
    expect(watched($scale, 10_000)->forceN)->toEqualWithDelta(50.0, 1.5);
});

it('fails as real scales do, and recovers', function (): void {
    $scale = new SimulatedScale(13);
    $scale->hang(100.0);
    pass($scale, 0, 4000);
    $scale->failAs(ScaleFault::Silent);
    expect(pass($scale, 4000, 2000))->toBe([])->and(watched($scale, 6000)->state)->toBe(ScaleState::Silent);

    $scale->failAs(ScaleFault::None);
    pass($scale, 6000, 2000);
    expect(watched($scale, 8000)->state)->toBe(ScaleState::Steady);

    $scale->failAs(ScaleFault::Repeat);
    $stuck = pass($scale, 8000, 4000);
    expect(array_unique(array_map(fn (ScaleReading $r): int => $r->number, $stuck)))->toHaveCount(1)
        ->and(watched($scale, 12_000)->state)->toBe(ScaleState::Repeating);

    $scale->failAs(ScaleFault::Jump);
    pass($scale, 12_000, 3000);
    expect(watched($scale, 15_000)->state)->toBe(ScaleState::Jumping);
    $scale->failAs(ScaleFault::None);
    pass($scale, 15_000, 3000);
    expect(watched($scale, 18_000)->state)->toBe(ScaleState::Steady);
});

it('is the same scale again from the same seed', function (): void {
    expect(pass(new SimulatedScale(21), 0, 3000))->toEqual(pass(new SimulatedScale(21), 0, 3000))
        ->and(pass(new SimulatedScale(21), 0, 3000))->not->toEqual(pass(new SimulatedScale(22), 0, 3000));
});
