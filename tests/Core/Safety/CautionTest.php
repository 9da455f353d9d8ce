<?php

declare(strict_types=1);

use SteadyRung\OutOfRange;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Moment;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;

it('has a caution for every moment of the work', function (): void {
    $moments = array_map(fn (Caution $c) => $c->moment(), Caution::cases());

    foreach (Moment::cases() as $moment) {
        expect($moments)->toContain($moment);
    }
});

it('defers to clinicians, makers and local codes', function (): void {
    $all = implode(' ', array_map(fn (Caution $c) => $c->text(), Caution::cases()));

    expect($all)->toContain('licensed clinician')->toContain('maker’s instructions and local codes')->toContain('emergency care');
});

it('takes pain from 1 to 10, and knows where it may be an emergency', function (): void {
    expect(PainPlace::Chest->isUrgent())->toBeTrue()->and(PainPlace::Elbow->isUrgent())->toBeFalse()
        ->and(fn () => Pain::of(PainPlace::Elbow, 0))->toThrow(OutOfRange::class)
        ->and(Pain::of(PainPlace::Elbow, 4)->words())->toBe('elbow, 4 of 10')
        ->and(Pain::of(PainPlace::Wrist, null)->words())->toBe('wrist or hand, how bad not said');
});
