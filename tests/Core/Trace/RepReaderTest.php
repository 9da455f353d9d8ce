<?php

declare(strict_types=1);

use SteadyRung\OutOfRange;
use SteadyRung\Trace\Reading;
use SteadyRung\Trace\RepReader;
use SteadyRung\Trace\Trace;
use SteadyRung\Trace\TracedRep;
use SteadyRung\Trace\TraceKind;
use SteadyRung\Trace\Unread;

require_once __DIR__.'/../Support/traces.php';

it('reads heights as they truly were, through noise, drift, swing, lost and held samples', function (): void {
    $read = heightsRead(400);

    expect($read['found'])->toBeGreaterThanOrEqual(0.985)->and($read['invented'])->toBeLessThanOrEqual(0.012)
        ->and($read['counted'])->toBeGreaterThanOrEqual(0.98)->and($read['partials'])->toBeGreaterThanOrEqual(0.95)
        ->and($read['drops'])->toBeGreaterThanOrEqual(0.85)
        ->and(($read['up'] + $read['pause'] + $read['down']) / 3.0)->toBeGreaterThanOrEqual(0.95);
});

it('reads hangs and the hardest pull of forces', function (): void {
    $read = forcesRead(100);

    expect($read['hangs'])->toBeGreaterThanOrEqual(0.98)->and($read['peaks'])->toBeGreaterThanOrEqual(0.9);
});

/**
 * Reps of these heights, two seconds each after two of hanging.
 *
 * @param  list<float>  $topsM
 * @return list<float>
 */
function humps(array $topsM): array
{
    return array_map(
        fn (int $i): float => round(1.1 + ($i < 100 ? 0.0 : ($topsM[intdiv($i - 100, 100)] ?? 0.0) * sin(M_PI * $i / 100.0) ** 4) + 0.0005 * sin($i), 4),
        range(0, 100 * (count($topsM) + 2)),
    );
}

/**
 * @param  list<float|null>  $samples
 * @return list<string>
 */
function whys(array $samples, ?float $pullM = null): array
{
    $read = RepReader::of(Trace::of(TraceKind::Height, 50, $samples, 70.0, $pullM));
    $read instanceof Reading || throw new RuntimeException('It is not read.');

    return array_map(fn (TracedRep $rep): string => $rep->why->value ?? 'counted', $read->reps);
}

it('holds a rep against the better ones of its set, and a set against the way the athlete has', function (): void {
    expect(whys(humps([0.5, 0.5, 0.35, 0.5])))->toBe(['counted', 'counted', 'short-at-top', 'counted'])
        ->and(whys(humps([0.3, 0.3])))->toBe(['counted', 'counted'])
        ->and(whys(humps([0.3, 0.3]), 0.5))->toBe(['short-at-top', 'short-at-top'])
        ->and(whys(humps([0.1, 0.5])))->toBe(['counted']);
});

it('is not misled by zeros, spikes and samples that stand', function (): void {
    $samples = humps([0.5, 0.5]);
    foreach ([120, 155, 240] as $at) {
        array_splice($samples, $at, 6, array_fill(0, 6, $at === 240 ? $samples[240] : 0.0));
    }
    [$samples[60], $samples[61], $samples[200]] = [3.0, 3.0, -2.0];

    expect(whys($samples))->toBe(['counted', 'counted']);
});

it('says why a trace cannot be read', function (array $samples, Unread $why): void {
    expect(RepReader::of(Trace::of(TraceKind::Height, 50, $samples, 70.0)))->toBe($why)->and($why->text())->toEndWith('.');
})->with([
    'nothing' => [[], Unread::TooShort],
    'a second' => [array_fill(0, 50, 1.0), Unread::TooShort],
    'nothing but lost ones' => [array_fill(0, 200, null), Unread::Lost],
    'a sensor that went' => [[...array_slice(humps([0.5, 0.5]), 0, 180), ...array_fill(0, 60, null), ...humps([0.5])], Unread::Lost],
    'a sensor that stands' => [array_fill(0, 200, 1.2), Unread::Still],
    'a sensor that scatters' => [array_map(fn (int $i): float => 1.0 + 0.3 * sin(7.0 * $i * $i), range(1, 400)), Unread::Noisy],
]);

it('takes nothing that no sensor sends', function (): void {
    expect(fn () => Trace::of(TraceKind::Height, 50, [1.0, NAN], 70.0))->toThrow(OutOfRange::class)
        ->and(fn () => Trace::of(TraceKind::Force, 500, [1.0], 70.0))->toThrow(OutOfRange::class);
});
