<?php

declare(strict_types=1);

use SteadyRung\Floor\ClassPattern;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Diary\TimeOff;

const TUESDAY = 20_515; // 3 March 2026

it('is held on the weekday of its first day, from then until it ends', function (): void {
    $class = ClassPattern::of(TUESDAY, 75, isWeekly: true, lastOn: TUESDAY + 20);

    expect(array_filter(range(TUESDAY - 14, TUESDAY + 40), $class->isOn(...)))->toEqualCanonicalizing([TUESDAY, TUESDAY + 7, TUESDAY + 14]);
});

it('is held once where it does not repeat, whatever its last day was said to be', function (): void {
    $class = ClassPattern::of(TUESDAY, 75, isWeekly: false, lastOn: TUESDAY + 70);

    expect([
        $class->isOn(TUESDAY),
        $class->isOn(TUESDAY + 7),
        $class->next(TUESDAY, 3),
        $class->next(TUESDAY + 1, 3),
    ])->toBe([true, false, [TUESDAY], []]);
});

it('goes on from any day, over days off', function (int $from): void {
    $class = ClassPattern::of(TUESDAY, 75, isWeekly: true);
    $off = new TimeOff([[TUESDAY + 5, TUESDAY + 8]]);
    $next = $class->next($from, 3, $off);

    expect($next)->toHaveCount(3)->and($next)->each->toBeGreaterThanOrEqual(max($from, TUESDAY))
        ->and(array_filter($next, fn (int $day): bool => ! $class->isOn($day) || $off->covers($day)))->toBe([]);
    foreach (range($from, $next[0] - 1) as $between) {
        expect($between < $next[0] && $class->isOn($between) && ! $off->covers($between))->toBeFalse();
    }
})->with(range(TUESDAY - 10, TUESDAY + 12));

it('refuses a class that is none', function (int $minutes): void {
    ClassPattern::of(TUESDAY, $minutes, isWeekly: true);
})->with([0, 14, 241])->throws(OutOfRange::class);

it('ends a class that is held once before its day, and leaves the one that was held', function (int $lastOn, bool $isOn): void {
    expect(ClassPattern::of(100, 60, false, $lastOn)->isOn(100))->toBe($isOn)
        ->and(ClassPattern::of(100, 60, false, $lastOn)->isOn(107))->toBeFalse();
})->with(['the day before' => [99, false], 'that day' => [100, true], 'later' => [120, true]]);
