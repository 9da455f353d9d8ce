<?php

declare(strict_types=1);

use SteadyRung\Gravity;
use SteadyRung\InWords;

it('says lengths and pulls as they are measured, without digits nobody typed', function (float $value, string $cm): void {
    expect(InWords::cm($value))->toBe(spaced($cm));
})->with([[1.8, '180 cm'], [1.375, '137.5 cm'], [0.0254, '2.5 cm'], [-0.00001, '0 cm'], [0.1 + 0.2, '30 cm']]);

it('says a pull in kilograms and newtons at once, so that either reading of a scale is recognised', function (): void {
    expect(InWords::pull(1.3 * Gravity::M_PER_S2))->toBe(spaced('1.3 kg (12.7 N)'))->and(InWords::pull(100.0))->toBe(spaced('10.2 kg (100 N)'));
});

it('says chances as coaches do', function (float $chance, string $words): void {
    expect(InWords::chance($chance))->toBe($words);
})->with([
    [0.99, 'nearly always'],
    [0.8, '4 in 5'],
    [0.74, '3 in 4'],
    [0.5, '1 in 2'],
    [0.33, '1 in 3'],
    [0.11, '1 in 10'],
    [0.01, 'hardly ever'],
]);

it('never says that a chance falls short of itself', function (float $chance, float $needed, string $words): void {
    expect(InWords::chanceAgainst($chance, $needed))->toBe($words);
})->with([
    [0.667, 0.8, '2 in 3; it needs 4 in 5'],
    [0.795, 0.8, '79 %; it needs 80 %'],
    [0.7999, 0.8, '79 %; it needs 80 %'],
    [0.8, 0.8, '4 in 5; it needs 4 in 5'],
]);
