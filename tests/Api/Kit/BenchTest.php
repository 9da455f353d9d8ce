<?php

declare(strict_types=1);

use App\Devices\HangingScale;
use App\Devices\ScaleTapeReader;
use App\Models\Gym\Gym;
use SteadyRung\Kit\Band\RubberLaw;
use Tests\Browser\Support\Wait;

const ON_BENCH = ['name' => 'Elm', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5];

it('measures a band on the simulated scale, and bears with its silence, repetition and jumps', function (): void {
    [$process, $address] = startScale();
    $this->app->instance(HangingScale::class, new HangingScale($address));
    Gym::query()->update(['is_demo' => true]);
    try {
        $scale = fn () => $this->getJson('/api/v1/bench/scale')->assertOk()->json();
        $hang = fn (string $fault = 'none') => $this->putJson(
            '/api/v1/bench/scale/hang',
            ['band' => ON_BENCH, 'length_m' => 1.6, 'fault' => $fault],
        )->assertNoContent();
        $becomes = function (string $state) use ($scale): array {
            return Wait::until(function () use ($scale, $state): ?array {
                $stream = $scale();

                return $stream['state'] === $state ? $stream : null;
            }, "The scale did not become $state.");
        };
        $hang();
        Wait::until(fn (): bool => ($scale()['force_n'] ?? 0) > 50 && $scale()['state'] === 'steady', 'The scale did not settle.');
        $expected = RubberLaw::fromSize(1.0, 29, 4.5)->forceN(1.6);
        $steady = $becomes('steady');
        expect($steady['force_n'])->toEqualWithDelta($expected, 0.02 * $expected)->and($steady['simulated'])->toBeTrue()
            ->and(count($steady['trace_kg']))->toBeGreaterThan(10);

        $hang('jump');
        expect($becomes('jumping')['force_n'])->toBeNull();
        $hang('silent');
        expect($becomes('silent')['force_n'])->toBeNull();
        $hang('none');
        $becomes('steady');
        $hang('repeat');
        expect($becomes('repeating')['force_n'])->toBeNull();
        $hang('none');
        $becomes('steady');
        $this->putJson('/api/v1/bench/scale/zero')->assertNoContent();
        Wait::until(fn (): bool => abs($scale()['force_n'] ?? 99) < 2.0, 'The scale did not zero.');
    } finally {
        $process->stop();
    }
});

it('shows a simulated scale in a gym of somebody’s own only where that was asked for', function (): void {
    [$process, $address] = startScale();
    $this->app->instance(HangingScale::class, new HangingScale($address));
    try {
        $this->getJson('/api/v1/bench/scale')->assertOk()->assertJson(['connected' => false, 'simulated' => false]);
        config(['devices.scale_simulated' => 'everywhere']);
        $this->getJson('/api/v1/bench/scale')->assertOk()->assertJson(['connected' => true, 'simulated' => true]);
    } finally {
        $process->stop();
    }
});

it('says that no scale answers, and that readings can be typed', function (): void {
    $this->app->instance(HangingScale::class, new HangingScale('127.0.0.1:9'));
    $this->getJson('/api/v1/bench/scale')->assertOk()->assertJson(['connected' => false, 'state' => 'silent']);
    $this->putJson('/api/v1/bench/scale/zero')->assertStatus(409)->assertJsonPath('code', 'scale-away');
});

it('reads the line protocol, in N and kg, and passes over what it cannot read', function (): void {
    $reader = new ScaleTapeReader;
    foreach (
        ['STEADY-SCALE 1 NOW 5000', 'R 1 4800 98.0665 N', 'R 2 4900 10 kg', 'R x 1 2 N', "\xFF\xFE", 'R 3 5000 5 stone', 'LIVE'] as $line
    ) {
        $reader->take("$line\r\n");
    }
    $tape = $reader->tape();
    expect($tape->simulated)->toBeFalse()->and($tape->nowMs)->toBe(5000)->and($reader->isComplete())->toBeTrue()
        ->and(array_map(fn ($r) => round($r->forceN, 4), $tape->readings))->toBe([98.0665, 98.0665])
        ->and((new ScaleTapeReader)->tape())->toBeNull();
});

it('shows the curve settle with each point, and what the band takes off at foot and knee, and stores nothing', function (): void {
    [$athlete, $bar] = [addAthlete($this), addBar($this)];
    $law = RubberLaw::fromSize(1.0, 29, 4.5);
    $bench = fn (float ...$lengths) => $this->postJson('/api/v1/bench/curve', [
        'band' => [...ON_BENCH, 'points' => array_map(fn (float $l) => ['length_m' => $l, 'force_n' => $law->forceN($l)], $lengths)],
        'athlete_id' => $athlete, 'bar_id' => $bar,
    ])->assertOk();

    expect($bench()->json('curve.relative_sd'))->toEqual(0.3)
        ->and($bench(1.5)->json('curve.relative_sd'))->toBeGreaterThan(0.03)->toBeLessThan(0.05)
        ->and($bench(1.5, 2.1)->json('curve.relative_sd'))->toBeLessThan(0.025)
        ->and($bench(1.5, 1.6)->json('curve.doubts.0.code'))->toBe('too-close');
    [$foot, $knee] = $bench(1.5, 2.1)->json('help');
    expect($foot['help_kg']['bottom'])->toBeGreaterThan($foot['help_kg']['mean'])
        ->and($foot['help_kg']['mean'])->toBeGreaterThan($foot['help_kg']['top'])
        ->and($foot['help_kg']['mean'])->toBeGreaterThan($knee['help_kg']['mean'])
        ->and(70 * (1 - $foot['share']))->toEqualWithDelta($foot['help_kg']['mean'], 1e-9)
        ->and($foot['bottom_m'])->toEqualWithDelta(2.1, 1e-9);
    $this->getJson('/api/v1/kit')->assertJsonCount(0, 'bands');
});

it('refuses a falling curve on the bench and names the point', function (): void {
    $this->postJson(
        '/api/v1/bench/curve',
        [
            'band' => [
                ...ON_BENCH,
                'points' => [
                    ['length_m' => 1.3, 'force_n' => 60],
                    ['length_m' => 1.8, 'force_n' => 13],
                    ['length_m' => 2.4, 'force_n' => 180],
                ],
            ],
        ],
    )
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/band/points/1');
});

it('works out on a bar of another diameter what a band was measured at, on the bench and for athletes', function (): void {
    [$thin, $thick, $untold] = array_map(
        fn (string $name, ?float $mm): string => addGear($this, $name, ['kind' => 'bar', 'height_m' => 2.4] + ($mm === null ? [] : ['diameter_mm' => $mm])),
        ['Thin', 'Thick', 'Untold'],
        [28.0, 40.0, null],
    );
    $band = ['name' => 'Rook', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5, 'points' => [], 'hitched_on' => $thin];
    $athlete = addAthlete($this);
    $help = fn (string $bar): float => $this->postJson('/api/v1/bench/curve', ['band' => $band, 'athlete_id' => $athlete, 'bar_id' => $bar])
        ->assertOk()->json('help.0.help_kg.mean');

    expect($help($thick))->toBeGreaterThan($help($thin) + 0.3)->and($help($untold))->toBe($help($thin));

    $this->postJson('/api/v1/bands', ['id' => $id = uuid()] + $band)->assertCreated();
    $carried = fn (string $bar): float => $this->putJson("/api/v1/athletes/$athlete/setup", exercise($bar, $id))->assertOk()->json('rung.carried.share.mean');
    expect($carried($thick))->toBeLessThan($carried($thin) - 0.005)->and($carried($untold))->toBe($carried($thin));
});
