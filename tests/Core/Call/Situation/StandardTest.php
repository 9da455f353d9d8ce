<?php

declare(strict_types=1);

use SteadyRung\Call\Situation\Standard;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Gate;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Stage;

require_once __DIR__.'/../../Support/plan.php';

it('asks the least of a set from rung to rung where a stage climbs, and its gate at the end of it', function (bool $climbs, int $gate, array $counts): void {
    $line = work(AllowedExercises::of(ChoiceKind::Band), 3, Amount::of(Measure::Reps, 8, 12), climbs: $climbs);
    $stage = new Stage('bands', 'Bands', [2, 8], [$line], Gate::of(Measure::Reps, 3, $gate, 6), 0.9);
    $rules = HouseRules::usual();

    expect([Standard::at($stage, bandRung(), $rules)->count, Standard::ending($stage, $rules)->count])->toBe($counts);
})->with([[true, 12, [8, 12]], [true, 7, [7, 7]], [false, 12, [12, 12]]]);
