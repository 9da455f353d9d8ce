<?php

declare(strict_types=1);

use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\OneBand;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\Season;
use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\RepPrediction;

function drawn(ResponseModel $model, int $seed, float $bias = 0.0): VirtualAthlete
{
    return VirtualAthlete::drawn($model, $seed, 0.75, $bias);
}

it('is the same athlete for the same seed, whatever is asked on the way, and another for another', function (ResponseModel $model): void {
    $reps = static function (int $seed, int $sets) use ($model): array {
        $athlete = drawn($model, $seed);
        $reps = [];
        for ($i = 0; $i < 20; $i++) {
            $athlete->pass(3);
            $reps[] = $athlete->repsToFailure(0.6, 0);
            for ($set = 1; $set < $sets; $set++) {
                $athlete->repsToFailure(0.6, $set);
            }
        }

        return $reps;
    };

    expect($reps(7, 1))->toBe($reps(7, 4))->and($reps(7, 1))->not->toBe($reps(8, 1));
})->with(ResponseModel::cases());

it('gets stronger over months, tires from set to set, and is held back by what its model says', function (): void {
    $gained = [];
    foreach (ResponseModel::cases() as $model) {
        $sum = 0.0;
        for ($seed = 1; $seed <= 60; $seed++) {
            [$trained, $idle] = [drawn($model, $seed), drawn($model, $seed)];
            for ($i = 0; $i < 50; $i++) {
                $trained->pass(3);
                $idle->pass(3, trained: false);
            }
            $sum += $trained->capacityShare() / 60;
            $gained[$model->value] = ($gained[$model->value] ?? 0.0) + ($trained->capacityShare() - $idle->capacityShare()) / 60;
        }
        expect($sum)->toBeGreaterThan(0.82)->toBeLessThan(1.1);
    }

    expect($gained['fitness-fatigue'])->toBeGreaterThan(0.05)
        ->and($gained['slow-drift'])->toBeGreaterThan(0.05)
        ->and($gained['technique'])->toBeGreaterThan(0.05)
        ->and($gained['spells'])->toEqualWithDelta(0.0, 1e-9)
        ->and(
            drawn(ResponseModel::Spells, 3)->repsToFailure(0.5, 5),
        )->toBeLessThanOrEqual(drawn(ResponseModel::Spells, 3)->repsToFailure(0.5, 0));
});

it('learns most of the skill in the first sessions, and grows on slowly', function (): void {
    foreach (range(1, 20) as $seed) {
        $athlete = drawn(ResponseModel::Technique, $seed);
        $gains = [];
        foreach (range(1, 3) as $third) {
            $before = $athlete->capacityShare();
            foreach (range(1, 16) as $session) {
                $athlete->pass(3);
            }
            $gains[] = log($athlete->capacityShare() / $before);
        }
        expect($gains[0])->toBeGreaterThan($gains[1])->and($gains[1])->toBeGreaterThan($gains[2])->and($gains[2])->toBeGreaterThan(0.0);
    }
});

it('tells the reserve about right, or too high by as much as it is careless', function (): void {
    $mean = static fn (float $bias): float => array_sum(array_map(
        static fn (int $seed): int => drawn(ResponseModel::Spells, $seed, $bias)->toldReserve(2, 1),
        range(1, 300),
    )) / 300;

    expect($mean(0.0))->toEqualWithDelta(2.0, 0.2)->and($mean(1.5))->toEqualWithDelta(3.4, 0.3);
});

it('foretells the next first set: of a year of four athletes of each model, intervals hold what they claim, without a lean', function (): void {
    $rooms = [0, 0, 0];
    $off = 0.0;
    $draws = new Draws(5);
    foreach (ResponseModel::cases() as $model) {
        foreach ([11, 12, 13, 14] as $seed) {
            foreach (Season::of(VirtualAthlete::drawn($model, $seed, 0.6 + 0.02 * $seed), 200) as $set) {
                $prediction = RepPrediction::at($set->before, $set->set->load);
                [$more, $least] = [
                    $prediction->chanceOf($set->toFailure + 1.0),
                    $set->toFailure === 0 ? 1.0 : $prediction->chanceOf((float) $set->toFailure),
                ];
                $u = 1.0 - $least + $draws->uniform() * ($least - $more);
                $rooms[$u < 0.1 ? 0 : ($u > 0.9 ? 2 : 1)]++;
                $off += $prediction->median() - $set->toFailure - 0.5;
            }
        }
    }
    $sets = array_sum($rooms);

    expect($sets)->toBeGreaterThan(700)
        ->and($rooms[1] / $sets)->toBeGreaterThan(0.74)->toBeLessThan(0.88)
        ->and($rooms[0] / $sets)->toBeLessThan(0.16)->and($rooms[2] / $sets)->toBeLessThan(0.16)
        ->and(abs($off / $sets))->toBeLessThan(0.5);
});

it('is not falsely sure of the capacity seen through one band whose error stays', function (float $shareSd): void {
    [1 => $first, 8 => $later] = OneBand::coverage(240, $shareSd, [1, 8]);

    expect($first)->toBeGreaterThan(0.73)->toBeLessThan(0.87)->and($later)->toBeGreaterThan(0.73)->toBeLessThan(0.87);
})->with(['estimated' => 0.09, 'one point' => 0.045, 'measured' => 0.015]);
