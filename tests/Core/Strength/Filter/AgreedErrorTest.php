<?php

declare(strict_types=1);

use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\Filter\AgreedError;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;

/**
 * What athletes who train on a band and on sure loads in turn learn of it, when it helps so much of what it is taken for.
 *
 * @return list<array{share: float, error: float, sd: float, before: float}>
 */
function learnedOf(float $trueHelp, int $athletes): array
{
    $learned = [];
    for ($i = 1; $i <= $athletes; $i++) {
        $share = 0.62 + 0.04 * ($i % 4);
        $felt = FeltLoad::of($share, 0.06, 'band');
        $athlete = VirtualAthlete::drawn(ResponseModel::Spells, 900 + $i, 0.9 + 0.03 * ($i % 5), k: 27.0);
        $state = null;
        foreach (range(0, 39) as $session) {
            $athlete->pass(3);
            $load = $session % 2 === 0 ? $felt : FeltLoad::of(0.8);
            $true = $session % 2 === 0 ? 1.0 - (1.0 - $share) * $trueHelp : 0.8;
            $state = CapacityFilter::usual()->after($state, Observation::reps(3 * $session, $load, $athlete->repsToFailure($true, 0), 0));
        }
        $error = $state->errorOf($felt);
        $learned[] = ['share' => $share, 'error' => $error->mean(), 'sd' => $error->sd(), 'before' => $felt->sdLog()];
    }

    return $learned;
}

it('finds that a band helps less or more than it is taken for, by about how much, and says so', function (
    float $trueHelp,
    string $word,
): void {
    $agreed = AgreedError::of(learnedOf($trueHelp, 6));

    expect($agreed?->part)->toEqualWithDelta($trueHelp - 1.0, 0.08)->and($agreed->athletes)->toBe(6)
        ->and($agreed->inWords())->toContain($word)->toContain('The sets of 6 athletes agree')->toEndWith('Measure it again.');
})->with([[0.75, 'less than'], [1.25, 'more than']]);

it('says nothing of a band that is right, of too few, or where they are of different minds', function (): void {
    $one = ['share' => 0.7, 'error' => 0.10, 'sd' => 0.02, 'before' => 0.09];

    expect(AgreedError::of(learnedOf(1.0, 6)))->toBeNull()
        ->and(AgreedError::of([$one, $one]))->toBeNull()
        ->and(AgreedError::of([$one, $one, $one]))->not->toBeNull()
        ->and(AgreedError::of([$one, ['error' => -0.10] + $one, ['error' => 0.15] + $one]))->toBeNull()
        ->and(AgreedError::of([$one, $one, ['sd' => 0.09] + $one]))->toBeNull();
});
